import { there } from '../units'
import {
  areAsMade,
  betterWays,
  betterWaysIn,
  gapsOf,
  jointsOf,
  judgeGap,
  judgingOf,
  layOut,
  type AssembledHive,
  type Gap,
  type JudgedGap,
} from '../stack'
import { firstDayOf, needOn, treatConflict, yearOf } from '../year'
import type { Context, MeasuredHive } from './context'
import { colonyIn, storesByBook, type Hive, type Yard } from '../yard'

/**
 * The geometry alone, without the checks.
 * @param whole the hive with both its sides, where this is one of them: a part's better way up is that of the hive
 */
export function measure(
  assembled: AssembledHive,
  context: Context,
  layout = layOut(assembled),
  whole?: AssembledHive,
): MeasuredHive {
  const { gaps: plain, reachedFromBelow } = gapsOf(layout, context.figures.beeTightMm)
  const ways = whole ? betterWaysIn(whole, context) : betterWays(layout, plain, context.band)
  const turned = new Set(ways.flatMap(({ better, partId }) => (better === 'turned' ? [partId] : [])))
  const byId = new Map(layout.parts.map(({ part, resolved }) => [part.id, resolved]))
  const asMade = ({ lowerId, upperId }: Gap) =>
    !turned.has(lowerId) && !turned.has(upperId) && areAsMade(there(byId.get(lowerId)), there(byId.get(upperId)))
  const gaps: JudgedGap[] = plain.map((gap) => judgeGap(gap, context, asMade(gap)))
  return { assembled, layout, gaps, reachedFromBelow, joints: jointsOf(layout), betterWays: ways }
}

/** When a hive is looked at: the day where it is known, and whether it stands so or is planned so. */
export type AsOf = Pick<Context, 'today' | 'planned'>

/** The context of a hive in its yard: its stage, and the yard's catalogue, band, figures and climate. */
export function contextOf(yard: Yard, hive: Hive, look: AsOf = {}): Context {
  const colony = colonyIn(yard, hive.id)
  const stores = storesByBook(yard, hive.id)
  const year = yearOf(yard)
  const conflict = treatConflict(year)
  const asOf = look.planned ? undefined : look.today
  return {
    ...judgingOf(yard),
    stage: hive.stage,
    prolific: yard.prolific,
    climate: year.calendar.climate,
    ...(yard.season?.winterMeansCelsius ? { winterMeansCelsius: yard.season.winterMeansCelsius } : {}),
    need: needOn(yard, asOf ?? firstDayOf(hive.stage, year)),
    ...(yard.season?.calendar ? {} : { climateUnsaid: true }),
    ...(conflict ? { treatConflict: conflict } : {}),
    ...(colony ? { colony } : {}),
    ...(stores ? { stores } : {}),
    ...look,
  }
}
