import { isBox } from '../../parts'
import { massOfPart, sumOf, usualWeighing, type Range } from '../../loads'
import { meaningOf, type Stage } from '../../yard'
import type { MeasuredHive } from '../context'

/**
 * What a colony has left to eat, kg: honey and stores in its brood and food boxes by the weight model, as its frames
 * were said to be, else as packed for winter; all as packed for winter where it is planned.
 */
export function storesByModelKg(
  { stack }: MeasuredHive['assembled'],
  { planned = false, stage = 'winter' }: { readonly planned?: boolean | undefined; readonly stage?: Stage } = {},
): Range {
  // Where there still is brood, a comb of it holds no stores yet: nothing is counted that is not there.
  const usual = { ...usualWeighing('winter'), broodless: meaningOf(stage).isBroodless }
  const weighing = planned ? { ...usual, fullness: usual.meanwhile } : usual
  return sumOf(
    stack
      .filter(({ pattern, placement }) => isBox({ pattern }) && placement.role !== 'super')
      .map(({ resolved, placement }) => massOfPart(resolved, placement.role, weighing).items.honey),
  )
}
