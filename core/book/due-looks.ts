import { type Hive, type Yard, meaningOf } from '../yard'
import { yearOf } from '../year'
import { daysFrom } from '../units'
import { chainOf, entriesOf } from './current'
import { dayOf, daysBetween, daysLater, laterOf } from './days'
import type { DueLine } from './due'
import type { Entry, EntryOf } from './entries'
import { cellsSeen, nextLook } from './look'

/** The day on which hives were first opened in the year that a day is in: first pollen. */
function opensOn(yard: Yard, today: string): string {
  return daysLater(today, -daysFrom(yearOf(yard).calendar.firstPollen, today.slice(5, 10)))
}
/** The first day of the round of so many days that a day is in: what was answered is asked again in the next. */
const roundOf = (opens: string, today: string, days: number) =>
  daysLater(opens, Math.floor(daysBetween(opens, today) / days) * days)

/**
 * When a hive is inspected next: by its last look, and never before hives are opened in this year; where nothing is
 * written of it, now. Queen cells are acted on at once, or thinned and left in peace (common practice).
 */
export function looksDue(yard: Yard, { id: hiveId, stage }: Hive, own: readonly Entry[], today: string): DueLine[] {
  const opens = opensOn(yard, today)
  const look = entriesOf(own, 'look').at(-1)
  if (!look) {
    if (!meaningOf(stage).isInspected) return []
    const id = `look:${hiveId}:${roundOf(opens, today, yearOf(yard).figures.lookSeasonDays)}`
    return [{ id, hiveId, day: today, reason: { due: 'look', because: 'season', lastLook: undefined } }]
  }
  return ofLook(look, own, yard, opens)
}

function ofLook(look: EntryOf<'look'>, own: readonly Entry[], yard: Yard, opens: string): DueLine[] {
  const [day, id] = [dayOf(look.at), chainOf(look)]
  const cells = cellsSeen(look.body, day, yearOf(yard).figures)
  const next = nextLook(
    day,
    yard,
    {
      clipped: lastSaid(own, 'queenClipped') === true,
      openCells: (cells?.open ?? 0) > 0,
      sealedCells: (cells?.sealed ?? 0) > 0,
    },
    look.body.celsius,
  )
  const line = { hiveId: look.hiveId }
  const { lookSeasonDays } = yearOf(yard).figures
  // What was seen before this year began says no more than that it is time to look again.
  const isOld = day < opens
  if (isOld || !next) {
    const after = laterOf(daysLater(day, lookSeasonDays), opens)
    return [
      {
        ...line,
        id: `look:${id}`,
        day: after,
        reason: { due: 'look', because: isOld ? 'first' : 'season', lastLook: day },
      },
    ]
  }
  if (cells && cells.open > 0)
    return [{ ...line, id: `act:${id}`, day, reason: { due: 'act', open: cells.open, sealed: cells.sealed } }]
  return [
    { ...line, id: `look:${id}`, day: next.day, reason: { due: 'look', because: next.because, lastLook: day } },
    ...(cells && cells.sealed > 1
      ? [
          {
            ...line,
            id: `cells:${id}`,
            day,
            reason: { due: 'cells', sealed: cells.sealed } as const,
          },
        ]
      : []),
  ]
}

/** What the newest look that says anything of it says. */
function lastSaid<K extends keyof EntryOf<'look'>['body']>(own: readonly Entry[], name: K) {
  return entriesOf(own, 'look').findLast(({ body }) => body[name] !== undefined)?.body[name]
}

/** When mites are counted next: a month after the last count, and each year from the day on which hives are opened. */
export function countsDue(yard: Yard, { id: hiveId, stage }: Hive, own: readonly Entry[], today: string): DueLine[] {
  const opens = opensOn(yard, today)
  const count = entriesOf(own, 'mites').at(-1)
  const { miteCountDays } = yearOf(yard).figures
  if (!count) {
    if (meaningOf(stage).comes === 'as-bait') return []
    const id = `count:${hiveId}:${roundOf(opens, today, miteCountDays)}`
    return [{ id, hiveId, day: today, reason: { due: 'count', lastCount: undefined } }]
  }
  const lastCount = dayOf(count.at)
  const day = laterOf(daysLater(lastCount, miteCountDays), opens)
  return [{ id: `count:${chainOf(count)}`, hiveId, day, reason: { due: 'count', lastCount } }]
}
