import { type Pattern, isAbsorber, isBox, isEke, isExcluder, isFeeder, type Role } from '../parts'
import type { Climate, Stage, VisitStep } from '../yard'
import { partingFor, type HasYear, type Parting } from './autumn'
import { yearOf } from './calendar'
import type { Figures } from '../figures'
import { isLean } from './need-on'

export const CAUTIONS = [
  'parting-in-cold',
  'too-late-to-part',
  'last-look',
  'treatment',
  'headspace',
  'feeding',
  'clear-of-bees',
  'robbing',
  'go-down',
  'queen-below',
  'starves-soon',
  'food-each-week',
  'treatment-time',
  'clear-door',
  'close-drains',
  'quilt-air',
  'two-people',
  'travel',
  'close-when-in',
  'defensive',
  'hive-beetle',
  'smoker',
  'stings',
  'lifting',
  'disease',
] as const
/** A caution of the trade (common practice); the words defer to local law and to those who are licensed. */
export type Caution = (typeof CAUTIONS)[number]

/** Whether a step lifts a box with what is in it off what it stands on. */
export const isParting = (
  { from, to, kg }: Pick<VisitStep, 'from' | 'to' | 'kg'>,
  pattern: Pick<Pattern, 'kind'> | undefined,
  { liftFrom }: Figures,
): boolean => isBox({ pattern }) && kg >= liftFrom && from !== to

/** What stands beside one step: parting boxes in the cold or too late, feed, headspace, a load for two. */
export function cautionsOfStep(
  step: Pick<VisitStep, 'from' | 'to' | 'kg' | 'attachment' | 'sortInto'>,
  pattern: Pick<Pattern, 'kind' | 'cleanComb' | 'use'> | undefined,
  stage: Stage,
  figures: Figures,
  parting: Parting,
  role?: Role,
): Caution[] {
  const parts = isParting(step, pattern, figures)
  const leaves = step.to === 'van' && step.from !== 'van'
  return [
    ...(step.sortInto ? ['go-down' as const] : []),
    ...(isBox({ pattern }) && role === 'super' && leaves ? ['clear-of-bees' as const] : []),
    ...(isExcluder({ pattern }) && step.to === 'hive' ? ['queen-below' as const] : []),
    ...(pattern?.use === 'shut' && step.to === 'hive' ? ['close-when-in' as const] : []),
    ...(isAbsorber({ pattern }) && step.to === 'hive' ? ['quilt-air' as const] : []),
    ...(isBox({ pattern }) && pattern?.cleanComb && step.to === 'hive' ? ['close-drains' as const] : []),
    ...(parts && parting === 'cold' ? ['parting-in-cold' as const] : []),
    ...(parts && parting === 'too-late' ? ['too-late-to-part' as const] : []),
    ...(isFeeder({ pattern }) && step.to === 'hive' ? ['feeding' as const] : []),
    ...(isEke({ pattern }) && step.to === 'hive' && stage === 'after-crop' ? ['headspace' as const] : []),
    ...(step.kg > figures.twoPeopleFrom ? ['two-people' as const] : []),
  ]
}

/** Stages beside the weeks after the crop in which mites are usually treated (common practice). */
const TREATED: ReadonlySet<Stage> = new Set<Stage>(['pack-down', 'winter', 'settling', 'dearth'])

/** Stages in which honey stands open and nothing comes in. */
const ROBBED: ReadonlySet<Stage> = new Set<Stage>(['crop', 'after-crop', 'dearth'])
/** Stages in which boxes of honey are carried about. */
const HONEY_MOVES: ReadonlySet<Stage> = new Set<Stage>(['flow', 'crop', 'after-crop'])
/** Climates with defensive bees and small hive beetle in parts (common practice). */
const WARM: ReadonlySet<Climate> = new Set<Climate>(['warm-temperate', 'tropical-highland'])

/** What is known of the day and the place of a visit. */
export interface VisitTime {
  /** Whether boxes may be parted. */
  readonly parting: Parting
  readonly climate: Climate
}

/** When a stage is visited in a yard: today where it runs, else when its visit is due. */
export const visitTimeOf = (stage: Stage, today: string, yard: HasYear): VisitTime => ({
  parting: partingFor(stage, today, yard),
  climate: yearOf(yard).calendar.climate,
})

/** What stands beside a whole visit at a stage, on its day and in its climate. */
export function cautionsOfStage(stage: Stage, { parting, climate }: VisitTime): Caution[] {
  return [
    ...(stage === 'pack-down' ? ['last-look' as const] : []),
    ...(parting === 'cold' ? ['parting-in-cold' as const] : []),
    ...(parting === 'too-late' ? ['too-late-to-part' as const] : []),
    ...(stage === 'after-crop' ? ['treatment' as const, 'headspace' as const] : []),
    ...(TREATED.has(stage) ? ['treatment-time' as const] : []),
    ...(stage === 'crop' || stage === 'after-crop' ? ['starves-soon' as const] : []),
    ...(ROBBED.has(stage) ? ['robbing' as const] : []),
    ...(isLean(stage) ? ['food-each-week' as const] : []),
    ...(stage === 'winter' ? ['clear-door' as const] : []),
    ...(stage === 'crop' || stage === 'after-crop' || stage === 'settling' ? ['feeding' as const] : []),
    ...(stage === 'moving' ? ['travel' as const] : []),
    ...(WARM.has(climate) ? ['defensive' as const] : []),
    ...(WARM.has(climate) && HONEY_MOVES.has(stage) ? ['hive-beetle' as const] : []),
    'stings',
    'smoker',
    'lifting',
    'disease',
  ]
}
