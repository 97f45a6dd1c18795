import { hiveAt, type HiveIn } from '../hive-in'
import { isCold, type Hive, type Stage, type Yard } from '../../yard'
import { shortOf, yearOf, type Short, foodNeedOf, type FoodNeed } from '../../year'
import { storesByModelKg } from '../../rules'
import type { Range } from '../../loads'
import {
  combOfBees,
  hasUpperColony,
  shellOf,
  foodInAll,
  foodThrough,
  winterMonths,
  type Bounded,
  type CombOfBees,
  type Inside,
  type MonthOfFood,
  type Shell,
  type Stand,
  type WinterMonth,
} from '../../heat'

/** What a winter of a hive takes, by the rule and by its own heat. */
export interface WinterFood {
  /** The one need: by the rule of the climate, kg. */
  readonly need: FoodNeed
  /** By the heat of this form, kg, and month by month. */
  readonly byHeat: Bounded
  readonly months: readonly MonthOfFood[]
  /** Which of the two asks for more. */
  readonly more: 'rule' | 'heat' | 'alike'
  /** By how much, middle to middle, kg. */
  readonly byKg: number
  /** What is on the hive, kg, by its book or else by the weight model. */
  readonly stores: Range
  readonly isByBook: boolean
  readonly short: Short
}

/** A hive in winter: what encloses it, its ways for air, its bees, its months. Each worked out when first asked for. */
export class HiveWinter {
  private known: { shell?: Shell; months?: readonly WinterMonth[]; upper?: HiveWinter } = {}

  constructor(
    readonly of: HiveIn,
    /** Which of two colonies that stand over each other. */
    readonly stand: Stand = 'lower',
  ) {}

  get shell(): Shell {
    const { layout } = this.of
    return (this.known.shell ??= shellOf(layout, this.stand))
  }

  /** The same of the colony over the board of a hive of two; undefined where it has one. */
  get upper(): HiveWinter | undefined {
    return this.stand === 'lower' && hasUpperColony(this.of.layout)
      ? (this.known.upper ??= new HiveWinter(this.of, 'upper'))
      : undefined
  }

  get months(): readonly WinterMonth[] {
    const { yard, context } = this.of
    return (this.known.months ??= winterMonths(yearOf(yard).calendar, context.winterMeansCelsius, context.figures))
  }

  /** Bees of one colony as last counted, else a usual cluster, kg. */
  get beesKg(): number {
    return this.of.hive.season?.winterBeesKg ?? this.of.context.figures.winterBeesKg
  }

  /** The comb that its bees sit on: of its lowest box with frames. */
  get comb(): CombOfBees | undefined {
    return this.of.assembled.stack.map(({ hung }) => combOfBees(hung)).find((comb) => comb !== undefined)
  }

  /** What it burns month by month. */
  burns(beesKg = this.beesKg, inside: Inside = { warm: 'cluster' }): readonly MonthOfFood[] {
    return foodThrough(this.shell, this.months, beesKg, inside, this.of.context.figures)
  }

  /** Its winter's food, thought of with only the cluster warm unless it is asked otherwise. */
  food(beesKg = this.beesKg, inside: Inside = { warm: 'cluster' }): WinterFood {
    const { assembled, context } = this.of
    const months = this.burns(beesKg, inside)
    const [need, byHeat] = [foodNeedOf(context), foodInAll(months)]
    const byBook = context.stores?.kg
    const stores = byBook ?? storesByModelKg(assembled, { planned: context.planned, stage: context.stage })
    const byKg = byHeat.middle - (need.low + need.high) / 2
    const alike = Math.abs(byKg) <= context.figures.needsAlikeShare * byHeat.middle
    return {
      need,
      byHeat,
      months,
      more: alike ? 'alike' : byKg > 0 ? 'heat' : 'rule',
      byKg: Math.abs(byKg),
      stores,
      isByBook: byBook !== undefined,
      short: shortOf(stores, need),
    }
  }
}

/** The form that a hive winters in: as it stands in the cold, else as it is planned for winter. */
export function winterForm(yard: Yard, hive: Hive): HiveIn {
  return hiveAt(yard, hive, coldStageOf(hive))
}

/** The stage that a hive's winter is looked at in. */
export function coldStageOf({ stage }: Pick<Hive, 'stage'>): Stage {
  return isCold(stage) ? stage : 'winter'
}

const known = new WeakMap<HiveIn, HiveWinter>()

/** A hive as it stands, or as it is planned, in winter; the same as long as the hive is the same. */
export function winterOf(hive: HiveIn): HiveWinter {
  let found = known.get(hive)
  if (!found) known.set(hive, (found = new HiveWinter(hive)))
  return found
}
