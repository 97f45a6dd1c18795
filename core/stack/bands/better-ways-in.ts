import { there } from '../../units'
import { HIVE_SIDES } from '../../yard'
import type { AssembledHive } from '../assemble'
import { gapsOf } from '../gaps'
import { layOut } from '../layout'
import { hasTwoSides, onSide } from '../sides'
import type { Judging } from './judging'
import { betterWays, betterWaysOfBoth, canStandEitherWay, type BetterWay } from './better-way'

/** Parts that work either way up, tried both ways: all that a plan has to know of its gaps. */
export function betterWaysIn(assembled: AssembledHive, { band, figures, catalogue }: Judging): BetterWay[] {
  const waysOf = (one: AssembledHive) => {
    const layout = layOut(one)
    return layout.parts.some(canStandEitherWay) ? betterWays(layout, gapsOf(layout, figures.beeTightMm).gaps, band) : []
  }
  if (!hasTwoSides(assembled)) return waysOf(assembled)
  const [first, other] = HIVE_SIDES.map((side) => waysOf(onSide(assembled, side, catalogue)))
  return betterWaysOfBoth(there(first), there(other), band)
}
