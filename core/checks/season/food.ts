import { isCold, type Stage } from '../../hive'
import { massOfPart, sumOf, usualWeighing, type Range } from '../../weight'
import type { Context, Measured } from '../context'
import { findingOf, type Finding } from '../finding'
import { foodNeedOf } from './need'
import { isBox } from '../../parts'

/**
 * What a colony has left to eat, kg: honey and stores in its brood and food boxes by the weight model, as its frames
 * were said to be, else as packed for winter; all as packed for winter where it is planned.
 */
export function storesByModelKg(
  { stack }: Measured['assembled'],
  { planned = false, stage = 'winter' }: { readonly planned?: boolean | undefined; readonly stage?: Stage } = {},
): Range {
  // Where there still is brood, a comb of it holds no stores yet: nothing is counted that is not there.
  const usual = { ...usualWeighing('winter'), broodless: stage === 'winter' }
  const weighing = planned ? { ...usual, fullness: usual.meanwhile } : usual
  return sumOf(
    stack
      .filter(({ pattern, placement }) => isBox({ pattern }) && placement.role !== 'super')
      .map(({ resolved, placement }) => massOfPart(resolved, placement.role, weighing).items.honey),
  )
}

/**
 * Food left after the crop against what the winter of this climate asks; in a dearth against that (common practice).
 */
export function checkFood(
  { assembled, layout }: Measured,
  { stage, climate, climateUnsaid, prolific, planned, figures }: Context,
): Finding[] {
  if (!isCold(stage) && stage !== 'crop' && stage !== 'after-crop' && stage !== 'dearth') return []
  const boxes = layout.parts.filter(({ pattern, placement }) => isBox({ pattern }) && placement.role !== 'super')
  if (boxes.length === 0) return []
  const hasSupers = layout.parts.some(({ placement }) => placement.role === 'super')
  const stores = storesByModelKg(assembled, { planned, stage })
  const need = foodNeedOf({ climate, prolific, figures })
  if (stores.middle >= need.low) return []
  return [
    findingOf(
      'season.short-of-food',
      stores.high < need.low ? 'watch' : 'note',
      boxes.map(({ part }) => part.id),
      {
        key: `season.short-of-food:${assembled.hive.id}`,
        facts: {
          climate,
          storesLow: stores.low,
          storesHigh: stores.high,
          needLow: need.low,
          needHigh: need.high,
          ...(climateUnsaid ? { unsaid: true as const } : {}),
          ...(hasSupers ? { supers: true as const } : {}),
        },
      },
    ),
  ]
}
