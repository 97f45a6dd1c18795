import { type Grade, roomOf } from '../../stack'
import { meaningOf, type Stage, type Way, type Yard } from '../../yard'
import { liftsAsPlanned } from '../duty'
import { plannedHiveIn } from '../hive-in'
import type { LiftProfile } from '../../loads'
import { ANY_TIME, stagesOf, writeHive, writingYear, type PlannedHive, type PlannedStage } from '../../year'
import { isBox } from '../../parts'

/** What a hive is at one stage, in figures. */
export interface StageFigures {
  readonly stage: Stage
  readonly heightMm: number
  readonly worst: Grade
  readonly findings: number
  readonly boxes: number
  readonly totalKg: number
  readonly heaviestKg: number
  readonly lifts: number
  readonly movedKg: number
  readonly honeyKg: number
  /** Worker cells of the brood boxes. */
  readonly broodCells: number
}

/** The year of a yard as it is written: every hive at every stage, and what it asks for. */
export interface PlannedYear {
  readonly hives: readonly PlannedHive[]
  readonly figures: readonly { readonly hiveId: string; readonly stages: readonly StageFigures[] }[]
}

const CHUNK = 5

/**
 * Every stage of every hive of a yard, written and assessed, handed out some hives at a time; false when nobody waits
 * any more.
 */
export async function yearOfYard(
  yard: Yard,
  profile: LiftProfile,
  onHives: (some: PlannedYear) => Promise<void> | void,
  isCancelled: () => Promise<boolean> | boolean,
): Promise<boolean> {
  for (const hives of writingYear(yard, [...stagesOf(yard), ...ANY_TIME], CHUNK)) {
    // Awaited, since what is handed out and the end of it come by two ways.
    await onHives({
      hives,
      figures: hives.map(({ hiveId, stages: written }) => ({
        hiveId,
        stages: [...written.values()].map((one) => figuresOf(yard, one, profile)),
      })),
    })
    if (await isCancelled()) return false
  }
  return true
}

function figuresOf(yard: Yard, planned: PlannedStage, profile: LiftProfile): StageFigures {
  const { assembled, assessment, context } = plannedHiveIn(yard, planned)
  const { mass, ...lifts } = liftsAsPlanned(assembled, assessment.layout, planned.stage, profile)
  return {
    stage: planned.stage,
    heightMm: assessment.heightMm,
    worst: assessment.worst,
    findings: assessment.findings.filter(({ severity }) => severity !== 'note').length,
    boxes: assembled.stack.filter(isBox).length,
    totalKg: mass.kg.middle,
    heaviestKg: lifts.heaviest?.kg.middle ?? 0,
    lifts: lifts.inspectionLifts,
    movedKg: lifts.movedKg.middle,
    honeyKg: mass.items.honey.middle,
    broodCells: roomOf(
      assembled.stack
        .filter(({ pattern, placement }) => isBox({ pattern }) && placement.role === 'brood')
        .map(({ resolved }) => resolved),
      context.figures.cellWidthMm,
    ).cells,
  }
}

/** A whole year of one hive in a few figures. */
export interface YearFigures {
  /** Boxes that are needed at the most. */
  readonly boxes: number
  /** The highest that a stack gets. */
  readonly highestMm: number
  readonly heaviestKg: number
  /** Looked through once at every stage. */
  readonly lifts: number
  readonly movedKg: number
  readonly winterKg: number
  readonly broodCells: number
  readonly findings: number
}

/** The stages of the calendar summed up; what comes at any time is left out. */
export function yearFigures(all: readonly StageFigures[]): YearFigures {
  const stages = all.filter(({ stage }) => !ANY_TIME.includes(stage))
  const most = (one: (figures: StageFigures) => number) => Math.max(0, ...stages.map(one))
  const total = (one: (figures: StageFigures) => number) => stages.reduce((sum, figures) => sum + one(figures), 0)
  return {
    boxes: most(({ boxes }) => boxes),
    highestMm: most(({ heightMm }) => heightMm),
    heaviestKg: most(({ heaviestKg }) => heaviestKg),
    lifts: total(({ lifts }) => lifts),
    movedKg: total(({ movedKg }) => movedKg),
    winterKg:
      (
        stages.find(({ stage }) => meaningOf(stage).isBroodless) ??
        stages.find(({ stage }) => meaningOf(stage).forage === 'dearth')
      )?.honeyKg ?? 0,
    broodCells: most(({ broodCells }) => broodCells),
    findings: total(({ findings }) => findings),
  }
}

/** The years of several hives together. */
function yardFigures(all: readonly YearFigures[]): YearFigures {
  const most = (one: (figures: YearFigures) => number) => Math.max(0, ...all.map(one))
  const total = (one: (figures: YearFigures) => number) => all.reduce((sum, figures) => sum + one(figures), 0)
  return {
    boxes: total(({ boxes }) => boxes),
    highestMm: most(({ highestMm }) => highestMm),
    heaviestKg: most(({ heaviestKg }) => heaviestKg),
    lifts: total(({ lifts }) => lifts),
    movedKg: total(({ movedKg }) => movedKg),
    winterKg: total(({ winterKg }) => winterKg),
    broodCells: total(({ broodCells }) => broodCells),
    findings: total(({ findings }) => findings),
  }
}

/** What one choice makes of the year of some hives, and how the first of them stands then at a stage. */
export interface ChoiceAnswer {
  readonly figures: YearFigures
  readonly shown: PlannedStage | null
}

/** The year of some hives of a yard for every choice of one thing about how bees are kept. */
export function choicesOf(
  yard: Yard,
  hiveIds: readonly string[],
  profile: LiftProfile,
  field: keyof Way,
  values: readonly Way[keyof Way][],
  stage: Stage,
): ChoiceAnswer[] {
  const hives = yard.hives.filter(({ id }) => hiveIds.includes(id))
  if (hives.length === 0) return []
  return values.map((value) => {
    const years = hives.map((hive) => {
      const { byHand: _plans, ...season } = hive.season ?? {}
      const kept = { ...hive, season: { ...season, way: { ...hive.season?.way, [field]: value } } }
      return writeHive(yard, kept, stagesOf(yard)).stages
    })
    return {
      figures: yardFigures(
        years.map((stages) => yearFigures([...stages.values()].map((one) => figuresOf(yard, one, profile)))),
      ),
      shown: years[0]!.get(stage) ?? null,
    }
  })
}
