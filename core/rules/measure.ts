import { catalogueOf } from '../parts'
import { firstDayOf, yearOf } from '../year/calendar'
import { needOn } from '../year/need-on'
import { treatConflict } from '../year/treat-window'
import { bandOf } from './band'
import { betterWays, betterWaysOfBoth, canStandEitherWay, type BetterWay } from './better-way'
import { judgeGap, type JudgedGap } from './judge-gap'
import type { Context, Measured } from './context'
import { areAsMade } from './usual-joint'
import { gapsOf, hasTwoSides, jointsOf, layOut, onSide, type AssembledHive, type Gap } from '../stack'
import { colonyIn, storesByBook, HIVE_SIDES, type Climate, type Hive, type Yard } from '../yard'

/** Parts that work either way up, tried both ways: all that a plan has to know of its gaps. */
export function betterWaysIn(assembled: AssembledHive, { band, figures, catalogue }: Context): BetterWay[] {
  const waysOf = (one: AssembledHive) => {
    const layout = layOut(one)
    return layout.parts.some(canStandEitherWay) ? betterWays(layout, gapsOf(layout, figures.beeTight).gaps, band) : []
  }
  if (!hasTwoSides(assembled)) return waysOf(assembled)
  const [first, other] = HIVE_SIDES.map((side) => waysOf(onSide(assembled, side, catalogue)))
  return betterWaysOfBoth(first!, other!, band)
}

/**
 * The geometry alone, without the checks.
 * @param whole the hive with both its sides, where this is one of them: a part's better way up is that of the hive
 */
export function measure(
  assembled: AssembledHive,
  context: Context,
  layout = layOut(assembled),
  whole?: AssembledHive,
): Measured {
  const { gaps: plain, reachedFromBelow } = gapsOf(layout, context.figures.beeTight)
  const ways = whole ? betterWaysIn(whole, context) : betterWays(layout, plain, context.band)
  const turned = new Set(ways.flatMap(({ better, partId }) => (better === 'turned' ? [partId] : [])))
  const byId = new Map(layout.parts.map(({ part, resolved }) => [part.id, resolved]))
  const asMade = ({ lowerId, upperId }: Gap) =>
    !turned.has(lowerId) && !turned.has(upperId) && areAsMade(byId.get(lowerId)!, byId.get(upperId)!)
  const gaps: JudgedGap[] = plain.map((gap) => judgeGap(gap, context, asMade(gap)))
  return { assembled, layout, gaps, reachedFromBelow, joints: jointsOf(layout), betterWays: ways }
}

/** The climate of a yard that has not said what year it is. */
const USUAL_CLIMATE: Climate = 'cool-maritime'

/** When a hive is looked at: the day where it is known, and whether it stands so or is planned so. */
export type Look = Pick<Context, 'today' | 'planned'>

/** The context of a hive in its yard: its stage, and the yard's catalogue, band, figures and climate. */
export function contextOf(yard: Yard, hive: Hive, look: Look = {}): Context {
  const catalogue = catalogueOf(yard)
  const { figures } = catalogue
  const colony = colonyIn(yard, hive.id)
  const stores = storesByBook(yard, hive.id)
  const year = yearOf(yard)
  const conflict = treatConflict(year)
  const asOf = look.planned ? undefined : look.today
  return {
    catalogue,
    stage: hive.stage,
    band: bandOf(yard.band, figures),
    figures,
    prolific: yard.prolific,
    climate: yard.season?.calendar?.climate ?? USUAL_CLIMATE,
    ...(yard.season?.winterMeansCelsius ? { winterMeansCelsius: yard.season.winterMeansCelsius } : {}),
    need: needOn(yard, asOf ?? firstDayOf(hive.stage, year)),
    ...(yard.season?.calendar ? {} : { climateUnsaid: true }),
    ...(conflict ? { treatConflict: conflict } : {}),
    ...(colony ? { colony } : {}),
    ...(stores ? { stores } : {}),
    ...look,
  }
}
