import { foodNeedOf, feedingOf, needOfHive, type Feeding, type NeedOn, type PlannedStage } from '../../year'
import { storesByModelKg } from '../../rules'
import { hasBees, isClosed, isCold, type KnownStores, type Yard, meaningOf } from '../../yard'
import { plannedHiveIn } from '../hive-in'
import type { Range } from '../../loads'
import type { Bounded } from '../../heat'
import { winterForm, winterOf } from './hive-winter'

/** What a hive has to eat at a stage of its year, what it asks for, and what is done about the rest. */
export interface StageFeeding extends Feeding {
  readonly need: NeedOn | undefined
  /** Never less than this on a hive, kg. */
  readonly leastKg: number
  /** What a winter of this form burns, where the stage is cold. */
  readonly byHeat: Bounded | undefined
  readonly stores: Pick<Range, 'low' | 'high'>
  /** By its book, and how that is known; else by the weight model of the boxes. */
  readonly known: KnownStores | undefined
  /** A sign of a disease was seen in it. */
  readonly isClosed: boolean
}

/** What a hive's food asks for at a planned stage; undefined where it holds no bees, or where nobody asks. */
export function feedingAt(yard: Yard, plan: PlannedStage): StageFeeding | undefined {
  if (!hasBees(yard, plan.hive.id) || meaningOf(plan.stage).foodWatched === 'no') return undefined
  const planned = plannedHiveIn(yard, plan)
  const { context, assembled, hive } = planned
  const need = context.need && needOfHive(assembled, context.need, context.figures)
  const stores = context.stores?.kg ?? storesByModelKg(assembled, { planned: true })
  const standing = yard.hives.find(({ id }) => id === hive.id)
  return {
    ...feedingOf(stores, need ?? foodNeedOf(context), {
      stage: hive.stage,
      hasSupers: hive.stack.some(({ role }) => role === 'super'),
      figures: context.figures,
    }),
    need,
    leastKg: context.figures.foodLeastKg,
    byHeat: isCold(plan.stage) ? winterOf(standing ? winterForm(yard, standing) : planned).food().byHeat : undefined,
    stores,
    known: context.stores,
    isClosed: isClosed(context.colony),
  }
}

/** What is carried along for a hive, kg: sugar, or fondant in the cold; half way where it is weighed first. */
export function carriedOf({ todo, feed, middle, most }: Feeding): {
  readonly feed: Feeding['feed']
  readonly kg: number
} {
  const mix = todo === 'weigh-first' ? middle : most
  const kg = todo === 'nothing' || todo === 'supers-first' ? 0 : feed === 'fondant' ? mix.totalKg : mix.sugarKg
  return { feed, kg }
}
