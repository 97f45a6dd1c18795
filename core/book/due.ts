import { catalogueOf } from '../parts'
import {
  findPart,
  isBare,
  isClosed,
  loansOf,
  partIdsOf,
  type Colony,
  type Hive,
  type Stage,
  type Yard,
  meaningOf,
} from '../yard'
import { colonyOf } from './colony'
import { autumnOf, isPacked, ownDayOf, partingOn, type Parting, stageAround, yearOf, type YardYear } from '../year'
import { daysFrom } from '../units'
import { byHiveOf } from './by-hive'
import { chainOf, entriesOf } from './current'
import { dayOf, daysLater } from './days'
import { isEntry, type Answer, type Entry, type EntryOf } from './entries'
import { tellsOfFood, type NextLookBecause } from './look'
import { boxDue, foodDue } from './due-food'
import { batteriesDue, type LowBattery } from './due-devices'
import { loansDue } from './due-loans'
import { countsDue, looksDue } from './due-looks'
import { inPeace } from './due-peace'
import { treatmentEnd } from './treatment'

/** Why a line is due, with what is needed to tell it. */
type DueReason =
  | { readonly due: 'look'; readonly because: NextLookBecause; readonly lastLook: string | undefined }
  | { readonly due: 'cells'; readonly sealed: number }
  | { readonly due: 'act'; readonly open: number; readonly sealed: number }
  | { readonly due: 'count'; readonly lastCount: string | undefined }
  | { readonly due: 'count-after'; readonly product: string; readonly ended: string }
  | { readonly due: 'treatment-end'; readonly product: string; readonly began: string }
  | { readonly due: 'treatment-open'; readonly product: string; readonly began: string }
  | { readonly due: 'headspace'; readonly partId: string }
  | { readonly due: 'back'; readonly partId: string; readonly to: string; readonly since: string }
  | {
      readonly due: 'loan'
      readonly partId: string
      readonly count: number
      readonly to: string
      readonly since: string
      readonly isLent: boolean
    }
  | { readonly due: 'battery'; readonly name: string; readonly percent: number }
  | { readonly due: 'weigh'; readonly last: string | undefined; readonly light: boolean }
  | { readonly due: 'feed'; readonly given: string }
  | { readonly due: 'box'; readonly free: number; readonly freeMost: number; readonly combs: number }
  | { readonly due: 'hive-nucleus'; readonly seams: number }
  | { readonly due: 'task'; readonly text: string }
  | { readonly due: 'visit'; readonly stage: Stage; readonly stands: Stage; readonly parting: Parting }
  | { readonly due: 'visit-under-way'; readonly stage: Stage }
  | { readonly due: 'inspect'; readonly signs: readonly string[]; readonly died: boolean }
  | { readonly due: 'close-door'; readonly died: boolean }
  | { readonly due: 'kit'; readonly mayBeDisease: boolean }
  | { readonly due: 'let-out' }

/** One line of what is due in a yard; its identity stays as long as what it follows from does. */
export interface DueLine {
  readonly id: string
  /** Empty where it is due of the yard, not of one hive. */
  readonly hiveId: string
  readonly day: string
  /** The day that it was put off from. */
  readonly wasDay?: string
  readonly reason: DueReason
}

/** The last day on which a hive was weighed, by hive. */
export type WeighedOn = Readonly<Record<string, string>>
const NEVER: WeighedOn = {}

/**
 * All that is due in a yard, by day: looks, counts, ends of treatments, rooms to come off, the keeper's own tasks, and
 * the visits of the yard's year; without what is done or dropped, and what was put off on its new day.
 * @param entries what the book says now (`currentOf`)
 * @param weighedOn the last day on which each hive was weighed
 * @param devices scales and sensors whose battery is low
 * @param today looks and counts are due however long ago; stages of the year only from now on
 */
export function dueOf(
  yard: Yard,
  entries: readonly Entry[],
  today: string,
  weighedOn: WeighedOn = NEVER,
  devices: readonly LowBattery[] = [],
): DueLine[] {
  const year = yearOf(yard)
  // What is dated ahead of today, by a clock that is wrong, is not found or done yet.
  const byHive = byHiveOf(entries.filter((entry) => isEntry(entry, 'task', 'answer') || dayOf(entry.at) <= today))
  const stages = stagesOf(year, today)
  const isClosedUp = isPacked(today, yard)
  const lines = yard.hives.flatMap((hive) => {
    const own = byHive.get(hive.id) ?? []
    const colony = colonyOf(own, today)
    const held = colony ? heldOf(hive, colony) : []
    return (colony && colony.is !== 'lives') || isBare(yard, hive)
      ? [...held, ...underWay(hive), ...backOf(yard, hive), ...tasksOf(own)]
      : isClosed(colony)
        ? [...held, ...treatmentsOf(own, year), ...backOf(yard, hive), ...tasksOf(own)]
        : inPeace([
            ...held,
            ...shutIn(yard, hive, today),
            // Packed hives are not opened: what was due of them before is not due any more.
            ...(isClosedUp ? [] : [...looksDue(yard, hive, own, today), ...countsDue(yard, hive, own, today)]),
            ...treatmentsOf(own, year),
            ...roomsOf(hive),
            ...backOf(yard, hive),
            ...foodDue(hive, own, weighedOn[hive.id], year, today),
            ...boxDue(yard, hive, own, year, today),
            ...tasksOf(own),
            ...visitsOf(yard, hive, stages, today),
          ])
  })
  return answered([...lines, ...loansDue(yard), ...batteriesDue(devices)], entriesOf(entries, 'answer')).sort(
    (a, b) => order(a.day, b.day) || order(a.hiveId, b.hiveId) || order(a.id, b.id),
  )
}

const order = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)

/** What is held is looked at at once; a hive without bees has its door closed, and its kit is seen to. */
function heldOf({ id: hiveId }: Hive, { is, since, because, signs = [], holds }: Colony): DueLine[] {
  if (holds !== 'all') return []
  const line = { hiveId, day: since }
  const died = is === 'dead'
  const mayBeDisease = signs.length > 0 || (died && (because === 'disease' || because === 'not-known'))
  return [
    ...(mayBeDisease
      ? [{ ...line, id: `inspect:${hiveId}:${since}`, reason: { due: 'inspect' as const, signs, died } }]
      : []),
    ...(is === 'lives'
      ? []
      : [{ ...line, id: `close-door:${hiveId}:${since}`, reason: { due: 'close-door' as const, died } }]),
    { ...line, id: `kit:${hiveId}:${since}`, reason: { due: 'kit', mayBeDisease } },
  ]
}

/** Bees that were shut in for the road are let out the same day. */
function shutIn(yard: Yard, hive: Hive, today: string): DueLine[] {
  const { patterns } = catalogueOf(yard)
  const shut = hive.attachments.find(({ partId }) => {
    const part = findPart(yard, partId)
    return part !== undefined && patterns.get(part.patternId)?.use === 'shut'
  })
  return shut && !hive.visit
    ? [{ id: `let-out:${hive.id}:${shut.partId}`, hiveId: hive.id, day: today, reason: { due: 'let-out' } }]
    : []
}

/** Of looks, newest first, those that what is due follows from: the last, and the last to speak of some things. */
export function looksAskedFor(newestFirst: readonly Entry[]): Entry[] {
  const looks = entriesOf(newestFirst, 'look')
  const wanted = [
    looks[0],
    looks.find(({ body }) => body.queenClipped !== undefined),
    looks.find(({ body }) => tellsOfFood(body)),
  ]
  return looks.filter((look) => wanted.includes(look))
}

function treatmentsOf(own: readonly Entry[], { figures }: YardYear): DueLine[] {
  const counts = entriesOf(own, 'mites')
  return entriesOf(own, 'treatment').flatMap((treatment): DueLine[] => {
    const { hiveId, at, body } = treatment
    const [id, end, began] = [chainOf(treatment), treatmentEnd(treatment), dayOf(at)]
    const { product } = body
    if (end === undefined)
      return [
        {
          id: `open:${id}`,
          hiveId,
          day: daysLater(at, figures.askAfterDays),
          reason: { due: 'treatment-open', product, began },
        },
      ]
    const wasCounted = counts.some((count) => dayOf(count.at) > end)
    // A day that had come when it was written is the day on which it came out.
    const isOut = body.until !== undefined && body.until <= dayOf(treatment.madeAt)
    return [
      ...(isOut
        ? []
        : [{ id: `end:${id}`, hiveId, day: end, reason: { due: 'treatment-end' as const, product, began } }]),
      ...(wasCounted
        ? []
        : [
            {
              id: `after:${id}`,
              hiveId,
              day: daysLater(end, figures.countAfterDays),
              reason: { due: 'count-after' as const, product, ended: end },
            },
          ]),
    ]
  })
}

function roomsOf(hive: Hive): DueLine[] {
  return hive.stack.flatMap(({ partId, offBy }) =>
    offBy
      ? [{ id: `off:${partId}:${offBy}`, hiveId: hive.id, day: offBy, reason: { due: 'headspace' as const, partId } }]
      : [],
  )
}

/** What was borrowed and stands on a hive is told with it; what lies in the shed is told there. */
function backOf(yard: Yard, hive: Hive): DueLine[] {
  const placed = new Set(partIdsOf(hive))
  return loansOf(yard).borrowed.flatMap(({ id, borrowed: { name, since, backBy } }) =>
    backBy && placed.has(id)
      ? [
          {
            id: `back:${id}:${backBy}`,
            hiveId: hive.id,
            day: backBy,
            reason: { due: 'back' as const, partId: id, to: name, since },
          },
        ]
      : [],
  )
}

function tasksOf(own: readonly Entry[]): DueLine[] {
  return entriesOf(own, 'task').map((task) => ({
    id: `task:${chainOf(task)}`,
    hiveId: task.hiveId,
    day: dayOf(task.body.by),
    reason: { due: 'task', text: task.body.text },
  }))
}

/** The stage of today and the next one, with the days on which they begin. */
interface StagesNow {
  readonly now: Stage
  readonly since: string
  readonly next: Stage
  readonly from: string
}

function stagesOf(year: YardYear, today: string): StagesNow | undefined {
  const { now, next, sinceDays } = stageAround(today, year)
  if (now === next) return undefined
  return {
    now: now.stage,
    since: daysLater(today, -sinceDays),
    next: next.stage,
    from: daysLater(today, now.days - sinceDays),
  }
}

/** A visit that was begun: it stays until it is ended, whatever became of the hive. */
function underWay({ id: hiveId, visit }: Hive): DueLine[] {
  if (!visit) return []
  const reason = { due: 'visit-under-way', stage: visit.toStage } as const
  return [{ id: `under-way:${visit.id}`, hiveId, day: dayOf(visit.startedOn), reason }]
}

function visitsOf(yard: Yard, hive: Hive, stages: StagesNow | undefined, today: string): DueLine[] {
  const { id: hiveId, stage } = hive
  if (hive.visit) return underWay(hive)
  if (!stages || meaningOf(stage).comes !== 'each-year') return []
  const behind = stage !== stages.now && stage !== stages.next
  const to = behind ? stages.now : stages.next
  if (stage === to) return []
  const begins = behind ? stages.since : stages.from
  const day = visitDay(yard, stage, to, begins)
  const parting = partingOn(day > today ? day : today, yard)
  // Its name goes by the stage that begins: a day of packing that is moved leaves what was answered.
  return [
    { id: `visit:${hiveId}:${to}:${begins}`, hiveId, day, reason: { due: 'visit', stage: to, stands: stage, parting } },
  ]
}

/** Boxes are packed down once they are fed, and a packed hive is wrapped in the cold; all else as its stage begins. */
function visitDay(yard: Yard, stands: Stage, to: Stage, begins: string): string {
  const { calendar, figures } = yearOf(yard)
  // Without a winter there is no stage for it: the first super is on before the flow begins.
  if (calendar.firstFrost === null && to === 'flow') return daysLater(begins, -figures.superingDays)
  const monthDay =
    meaningOf(to).autumnDay === 'wrap' && meaningOf(stands).autumnDay !== 'pack'
      ? undefined
      : ownDayOf(to, autumnOf(yard))
  return monthDay === undefined ? begins : daysLater(begins, daysFrom(begins.slice(5, 10), monthDay))
}

/** Lines with what became of them: the answer that was written last counts. */
function answered(lines: readonly DueLine[], answers: readonly EntryOf<'answer'>[]): DueLine[] {
  const last = new Map<string, Answer>()
  for (const { body } of answers) last.set(body.to, body)
  return lines.flatMap((line) => {
    const answer = last.get(line.id)
    if (!answer) return [line]
    return answer.answer === 'put-off' && answer.until ? [{ ...line, day: answer.until, wasDay: line.day }] : []
  })
}
