import { type Pattern, isAbsorber, isBox, isEke, isExcluder, isFeeder, type Role } from '../parts'
import { type Climate, type Stage, type VisitStep, meaningOf } from '../yard'
import { partingFor, type HasYear, type Parting } from './autumn'
import { yearOf } from './calendar'
import type { Figures } from '../figures'

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
  { liftFromKg }: Figures,
): boolean => isBox({ pattern }) && kg >= liftFromKg && from !== to

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
    ...(isEke({ pattern }) && step.to === 'hive' && meaningOf(stage).treating === 'first'
      ? ['headspace' as const]
      : []),
    ...(step.kg > figures.twoPeopleFromKg ? ['two-people' as const] : []),
  ]
}

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
  const means = meaningOf(stage)
  return [
    ...(means.autumnDay === 'pack' ? ['last-look' as const] : []),
    ...(parting === 'cold' ? ['parting-in-cold' as const] : []),
    ...(parting === 'too-late' ? ['too-late-to-part' as const] : []),
    ...(means.treating === 'first' ? ['treatment' as const, 'headspace' as const] : []),
    ...(means.treating === 'usual' ? ['treatment-time' as const] : []),
    ...(means.isCropTaken ? ['starves-soon' as const] : []),
    ...(means.robbers === 'about' || means.robbers === 'to-open-honey' ? ['robbing' as const] : []),
    ...(means.foodWatched === 'each-week' ? ['food-each-week' as const] : []),
    ...(means.isDoorCleared ? ['clear-door' as const] : []),
    ...(means.isCropTaken || means.robbers === 'to-the-weak' ? ['feeding' as const] : []),
    ...(means.isOnTheRoad ? ['travel' as const] : []),
    ...(WARM.has(climate) ? ['defensive' as const] : []),
    ...(WARM.has(climate) && means.supersHoldHoney ? ['hive-beetle' as const] : []),
    'stings',
    'smoker',
    'lifting',
    'disease',
  ]
}
