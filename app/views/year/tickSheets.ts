import { there } from '#core/units'
import { hasBees, type Hive, type Stage, type Yard } from '#core/yard'
import { plannedHiveIn, laidIn, plannedLaidIn, feedingAt, type StageFeeding } from '#core/ask'
import { cautionsOfStage, visitTimeOf, type HiveChangeover, type PlannedStage, type YardVisit } from '#core/year'
import {
  autumnInWords,
  cautionInWords,
  climateUnsaid,
  findingInWords,
  severityWord,
  waitsInWords,
  workInWords,
  type Reader,
  feedingInWords,
  feedToCarryInWords,
} from '#core/words'
import type { Paper } from '#wire/sheet-schema'
import type { TickSheets } from '#wire/visit-print-schema'
import { printedHive } from '~/drawing/printed'
import { benchLink } from '~/composables/hiveCards'
import { stepsInWords } from './stepsInWords'

/** A visit that is to be printed: of the whole yard, or of one of its hives. */
interface VisitAsked {
  readonly yard: Yard
  readonly stage: Stage
  readonly plans: ReadonlyMap<string, PlannedStage>
  readonly changeovers: readonly HiveChangeover[]
  readonly visit: YardVisit
  readonly take: readonly string[]
  readonly bring: readonly string[]
  readonly title: string
  /** The hives in the order in which they are worked. */
  readonly order: readonly Hive[]
}

/** What a hive eats, in words and as it is carried. */
interface FoodOfVisit {
  readonly lines: readonly string[]
  readonly food: StageFeeding | undefined
}

/** The sheets of a visit: hives in the order asked for, each with its food, what is still wrong after it, and its steps. */
export function tickSheets(asked: VisitAsked, reader: Reader, paper: Paper, today: string): TickSheets {
  const { yard, stage, visit, changeovers } = asked
  const time = visitTimeOf(stage, today, yard)
  const row = new Map(asked.order.map((hive, at) => [hive.id, { hive, at }]))
  const worked = changeovers
    .filter(({ steps, hiveId }) => steps.length > 0 && row.has(hiveId))
    .sort((a, b) => there(row.get(a.hiveId)).at - there(row.get(b.hiveId)).at)
  const foods = new Map<string, FoodOfVisit>()
  // What is fed is carried whether or not a box is moved.
  for (const { hiveId } of changeovers) foods.set(hiveId, foodOfVisit(asked, hiveId, reader))
  return {
    title: asked.title,
    paper,
    lines: [workInWords(visit.work, reader, visit.bounds)],
    take: [
      ...asked.take,
      ...feedToCarryInWords(
        [...foods].flatMap(([id, { food }]) => (food ? [{ name: row.get(id)?.hive.name ?? '', food }] : [])),
        reader,
      ),
    ],
    bring: asked.bring,
    cautions: [
      ...autumnInWords(stage, yard, reader),
      ...cautionsOfStage(stage, time).map((caution) => cautionInWords(caution, reader)),
    ],
    hives: worked.map((changeover) => {
      const { hive } = there(row.get(changeover.hiveId))
      const plan = asked.plans.get(hive.id)
      return {
        name: hive.name,
        link: benchLink(yard.id, hive.id),
        lines: [
          workInWords(changeover.work, reader, changeover.bounds),
          waitsInWords(changeover.steps, time.parting, yard, reader) ?? '',
          ...(foods.get(hive.id)?.lines ?? []),
          ...(plan ? stillWrong(yard, plan, reader) : []),
        ].filter(Boolean),
        drawing: printedHive((plan ? plannedLaidIn(yard, plan) : laidIn(yard, hive)).layout),
        steps: stepsInWords(yard, changeover, reader, today),
      }
    }),
  }
}

function foodOfVisit({ yard, plans }: VisitAsked, hiveId: string, reader: Reader): FoodOfVisit {
  const plan = plans.get(hiveId)
  if (!plan || !hasBees(yard, hiveId)) return { lines: [], food: undefined }
  const food = feedingAt(yard, plan)
  if (!food || food.todo === 'nothing') return { lines: [], food }
  return { lines: [feedingInWords(food, climateUnsaid(yard), reader).todo], food }
}

/** A sheet is for the hive: what is worst stands on it. */
const MOST_WRONG = 12

/** What is still wrong with a hive once the change is done, the gravest first, as far as it is to be seen to. */
function stillWrong(yard: Yard, plan: PlannedStage, reader: Reader): string[] {
  const planned = plannedHiveIn(yard, plan)
  const names = planned.names(reader.vocabulary)
  const wrong = planned.assessment.findings.filter(({ severity }) => severity !== 'note')
  const told = wrong.slice(0, MOST_WRONG).map((finding) => {
    const { short, fate } = findingInWords(finding, names, planned.context.catalogue, reader)
    return `${severityWord(finding.severity)}: ${short}. ${fate}`
  })
  const more = wrong.length - told.length
  return more > 0 ? [...told, `And ${more} more, of no more weight: its bench has them all.`] : told
}
