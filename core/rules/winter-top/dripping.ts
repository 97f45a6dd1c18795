import { coversColony, type PlacedPart } from '../../stack'
import { dripsNoLater, dripsOf, type Drips } from '../../heat'
import { roundTo } from '../../units'
import type { Context, MeasuredHive } from '../context'
import { ABSORBER_LACKS } from './absorber-lacks'
import { ABSORBER_ROOFED_IN } from './absorber-roofed-in'
import { ABSORBER_SHUT_OFF } from './absorber-shut-off'
import { THIN_CHIPS } from './thin-chips'
import { topOf } from './top'
import { WINTER_HOLE } from './winter-hole'

/** Humidities inside from which top and walls drip, in percent, and what they resist, m²·K/W. */
export interface DripFacts {
  readonly topDrips: number
  readonly wallsDrip: number
  readonly topM2KPerW: number
  readonly wallM2KPerW: number
}

/** What comes first: a top that is not as it is meant is put right before anything is said of its warmth. */
const FIRST = [WINTER_HOLE, THIN_CHIPS, ABSORBER_LACKS, ABSORBER_SHUT_OFF, ABSORBER_ROOFED_IN] as const

/**
 * A top under which water forms as early as at the walls (EN ISO 13788), with what lies over the bees. A vent keeps the
 * air dry, not the top warm: of one nothing is said here.
 */
export function drippingTop(
  measured: MeasuredHive,
  context: Context,
): { readonly over: PlacedPart; readonly facts: DripFacts } | undefined {
  const { crown, vent, coldest } = topOf(measured, context)
  const { layout, reachedFromBelow } = measured
  const over = crown ?? layout.parts.findLast((part) => reachedFromBelow?.has(part.part.id) && coversColony(part))
  if (vent || !over || FIRST.some(({ find }) => find(measured, context).length > 0)) return undefined
  const drips = coldest && dripsOf(layout, coldest)
  return drips && dripsNoLater(drips, context.figures.dripsAlikeShare) ? { over, facts: inPercent(drips) } : undefined
}

/** Humidities as they are told, with what is behind them. */
const inPercent = ({ top, walls, topM2KPerW, wallM2KPerW }: Drips): DripFacts => ({
  topDrips: Math.round(top * 100),
  wallsDrip: Math.round(walls * 100),
  topM2KPerW: roundTo(topM2KPerW, 3),
  wallM2KPerW: roundTo(wallM2KPerW, 3),
})
