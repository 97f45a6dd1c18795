import { hiveIn } from '../ask'
import { type Hive, type Yard, meaningOf } from '../yard'
import { stageAround, stageOn, type YardYear, isNucleus } from '../year'
import { YEAR_DAYS, there } from '../units'
import { chainOf, entriesOf } from './current'
import { dayOf, daysBetween, daysLater, laterOf } from './days'
import type { DueLine } from './due'
import type { Entry, EntryOf } from './entries'
import { roomLeft, seamsIn, tellsOfFood } from './look'

/** The first day of the stretch in which food is watched as it is on a day: of what is lean, or of what is kept. */
function watchedSince(today: string, year: YardYear): string {
  const watched = meaningOf(stageOn(today, year)).foodWatched
  let from = today
  for (let i = 0; i < YEAR_DAYS; i++) {
    const { now, sinceDays } = stageAround(from, year)
    if (meaningOf(now.stage).foodWatched !== watched) return daysLater(from, 1)
    from = daysLater(from, -sinceDays - 1)
  }
  return from
}

/**
 * When a hive is to be weighed or hefted again, and its feeder looked at: each week or two from the late-winter check
 * to the flow and in a dearth, every 30 days from the crop until then, in a week where it was light; 7 days after feed
 * was given (common practice; days from memory). Where its food was never known, now.
 */
export function foodDue(
  hive: Pick<Hive, 'id'>,
  own: readonly Entry[],
  weighedOn: string | undefined,
  year: YardYear,
  today: string,
): DueLine[] {
  const looks = entriesOf(own, 'look')
  const told = looks.findLast(({ body }) => tellsOfFood(body))
  const last = laterOf(weighedOn, told && dayOf(told.at))
  const wasLight = told?.body.heft === 'light' && dayOf(told.at) === last
  const stage = stageOn(today, year)
  const { heftDays, heftLeanDays, feedCheckDays } = year.figures
  const feed = entriesOf(own, 'feed').at(-1)
  const fedOn = feed && dayOf(feed.at)
  const seenSince = laterOf(weighedOn, looks.at(-1) && dayOf(there(looks.at(-1)).at))
  const { foodWatched } = meaningOf(stage)
  const isWatched = foodWatched !== 'no'
  const since = isWatched ? watchedSince(today, year) : today
  const after =
    last && daysLater(last, wasLight ? feedCheckDays : foodWatched === 'each-week' ? heftLeanDays : heftDays)
  return [
    ...(isWatched
      ? [
          {
            id: `weigh:${hive.id}:${last ?? since}`,
            hiveId: hive.id,
            // What was known before this time of watching says nothing of its days; what never was is asked now.
            day: after === undefined ? today : after < since ? since : after,
            reason: { due: 'weigh', last, light: wasLight } as const,
          },
        ]
      : []),
    ...(feed && fedOn !== undefined && !(seenSince !== undefined && seenSince > fedOn)
      ? [
          {
            id: `feed:${chainOf(feed)}`,
            hiveId: hive.id,
            day: daysLater(fedOn, feedCheckDays),
            reason: { due: 'feed', given: fedOn } as const,
          },
        ]
      : []),
  ]
}

/** When the next box is due by the room that the last look of these days left, as the hive stands now. */
export function boxDue(yard: Yard, hive: Hive, own: readonly Entry[], year: YardYear, today: string): DueLine[] {
  const look = entriesOf(own, 'look').at(-1)
  if (!look || daysBetween(look.at, today) > year.figures.lookSeasonDays || !meaningOf(stageOn(today, year)).isGrowing)
    return []
  const { assembled } = hiveIn(yard, hive)
  if (isNucleus(assembled)) return hiveDue(look, year)
  const room = roomLeft(look.body, dayOf(look.at), assembled, yard.prolific)
  if (!room) return []
  const { free, freeMost, combs } = room
  return [
    { id: `box:${chainOf(look)}`, hiveId: hive.id, day: room.boxDue, reason: { due: 'box', free, freeMost, combs } },
  ]
}

/** A nucleus that covers its combs goes into a full box at once: it swarms out of a small one (common practice). */
function hiveDue(look: EntryOf<'look'>, { figures }: YardYear): DueLine[] {
  const seams = seamsIn(look.body)
  if (seams === undefined || seams < figures.hiveNucleusSeams) return []
  const line = { id: `hive:${chainOf(look)}`, hiveId: look.hiveId, day: dayOf(look.at) }
  return [{ ...line, reason: { due: 'hive-nucleus', seams } }]
}
