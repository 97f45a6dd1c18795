import { catalogueOf } from '#core/parts'
import { partsById } from '#core/stack'
import { applyEdit, findPart, withFreshIdentities, type Stage, type VisitStep, type Yard } from '#core/yard'
import { dueOf, foodOf } from '#core/book'
import { hiveIn } from '#core/ask'
import {
  cautionsOfStage,
  changeoverOf,
  partsWith,
  periodsFromSpring,
  reasonOf,
  tickEdit,
  visitOf,
  visitTimeOf,
  writeHive,
  yearOf,
  type Caution,
  type StepReason,
} from '#core/year'
import { counter } from './hives'

/** What a stage of a planned year does to a hive, carried out. */
export interface StageRun {
  readonly stage: Stage
  /** The day on which the stage begins, and that on which its visit is due. */
  readonly from: string
  readonly due: string
  readonly on: readonly Moved[]
  readonly off: readonly Moved[]
  readonly told: readonly Caution[]
  /** What it asks to eat on the day of the visit, kg. */
  readonly needKg: readonly [low: number, high: number]
  /** What stands once it is done, bottom first, with what is attached. */
  readonly stands: readonly string[]
  /** A feeder stands on while there are supers to be cropped. */
  readonly feedsUnderSupers: boolean
}
interface Moved {
  readonly what: string
  readonly kind: string
  readonly why: StepReason
}

/** Always said, at every stage. */
const ALWAYS: ReadonlySet<Caution> = new Set(['stings', 'smoker', 'lifting', 'disease'])
const YEAR = '2026'

/** The year of the first hive of a yard from spring on, each visit carried out before the next is planned. */
export function yearRun(start: Yard): StageRun[] {
  let yard = start
  const hiveId = start.hives[0]!.id
  return periodsFromSpring(yearOf(start)).map(({ stage, from }): StageRun => {
    const hive = yard.hives.find(({ id }) => id === hiveId)!
    const catalogue = catalogueOf(yard)
    const parts = partsById(yard)
    const planned = writeHive(yard, hive, [stage]).stages.get(stage)!
    const changeover = changeoverOf(
      { hive, parts },
      { hive: planned.hive, parts: partsWith(parts, planned) },
      catalogue,
    )
    const roleOf = (id: string) => hive.stack.find(({ partId }) => partId === id)?.role
    const moved = (step: VisitStep): Moved => {
      const pattern = catalogue.patterns.get(step.patternId)
      const why = reasonOf(step, pattern, step.placement?.role ?? roleOf(step.partId), stage)
      return { what: pattern?.label.british ?? step.patternId, kind: pattern?.kind ?? '', why }
    }
    const steps = changeover.steps.filter(({ task, sortInto }) => !task && !sortInto)
    const due = dueOf(yard, [], `${YEAR}-${from}`).find(
      ({ hiveId: of, reason }) => of === hiveId && reason.due === 'visit' && reason.stage === stage,
    )?.day
    const need = foodOf(hiveIn(yard, hive), [], [], due ?? `${YEAR}-${from}`).asks
    yard = carriedOut(
      yard,
      hiveId,
      planned.hive.stage,
      steps.length > 0 ? visitOf(changeover, `v-${stage}`, from) : null,
    )
    const after = yard.hives.find(({ id }) => id === hiveId)!
    const kindOf = (partId: string) => catalogue.patterns.get(findPart(yard, partId)?.patternId ?? '')?.kind
    const nameOf = (partId: string) =>
      catalogue.patterns.get(findPart(yard, partId)?.patternId ?? '')?.label.british ?? partId
    return {
      stage,
      from,
      due: due?.slice(5) ?? from,
      on: steps.filter(({ from: pile, to }) => pile === 'van' && to === 'hive').map(moved),
      off: steps.filter(({ to }) => to === 'van').map(moved),
      told: cautionsOfStage(stage, visitTimeOf(stage, `${YEAR}-${from}`, yard)).filter((one) => !ALWAYS.has(one)),
      needKg: [need.low, need.high],
      feedsUnderSupers:
        after.stack.some(({ role }) => role === 'super') &&
        after.stack.some(({ partId }) => kindOf(partId) === 'feeder'),
      stands: [...after.stack, ...after.attachments].map(({ partId }) => nameOf(partId)),
    }
  })
}

function carriedOut(start: Yard, hiveId: string, stage: Stage, visit: ReturnType<typeof visitOf> | null): Yard {
  let yard = start
  const perform = (edit: Parameters<typeof applyEdit>[1]) => {
    const done = applyEdit(yard, edit)
    if (!done.ok) throw new Error(`the plan could not be carried out: ${JSON.stringify(done)}`)
    yard = done.yard
  }
  if (visit) {
    const begun = { kind: 'set-visit', hiveId, visit, doneBefore: null } as const
    perform(withFreshIdentities(begun, counter(visit.id)))
    for (let left = visit.steps.length; left > 0; left--)
      perform(
        tickEdit(
          yard,
          yard.hives.find(({ id }) => id === hiveId)!,
        )!,
      )
  }
  const hives = yard.hives.map((hive) => (hive.id === hiveId ? { ...hive, stage } : hive))
  return { ...yard, hives }
}

/** A year as a table: one line a stage. */
export function yearTable(runs: readonly StageRun[]): string {
  const listed = (moved: readonly Moved[]) => moved.map(({ what, why }) => `${what} (${why})`).join(', ') || '–'
  return [
    '| stage | begins | visit due | on | off | told | asks, kg |',
    '| --- | --- | --- | --- | --- | --- | --- |',
    ...runs.map(
      ({ stage, from, due, on, off, told, needKg }) =>
        `| ${stage} | ${from} | ${due} | ${listed(on)} | ${listed(off)} | ${told.join(', ') || '–'} | ` +
        `${needKg.map((kg) => kg.toFixed(0)).join(' to ')} |`,
    ),
    '',
  ].join('\n')
}
