import { isCold, type Stage, meaningOf } from '../../yard'
import { massOfPart, sumOf, usualWeighing, type Range } from '../../loads'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding } from '../finding'
import { isBox } from '../../parts'
import { needOfHive } from '../../year'

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

/**
 * Food against what is still to come of the winter or the dearth, and against the least that a colony is kept with, all
 * year but in a flow (common practice).
 */
export function checkFood(
  { assembled, layout }: MeasuredHive,
  { stage, climate, climateUnsaid, need: asked, stores: known, planned, figures }: Context,
): Finding[] {
  if (meaningOf(stage).foodWatched === 'no' || !asked) return []
  const need = needOfHive(assembled, asked, figures)
  const boxes = layout.parts.filter(({ pattern, placement }) => isBox({ pattern }) && placement.role !== 'super')
  if (boxes.length === 0) return []
  const supers = assembled.stack.filter(({ placement }) => placement.role === 'super')
  // In season it eats of its supers too: what is said to be in them is no hunger.
  const isFedBySupers =
    !isCold(stage) && supers.some(({ part }) => part.contents.some(({ holds }) => holds && FOOD.has(holds)))
  // What is there today says nothing of a stage to come in which it forages; a plan has no supers to eat of.
  const byBook = planned && need.share === 0 ? undefined : known
  const stores = byBook
    ? byBook[isCold(stage) || planned ? 'kg' : 'inAll']
    : storesByModelKg(assembled, { planned, stage })
  const isStarving = stores.high < figures.foodLeast
  if (stores.middle >= need.low || (isFedBySupers && need.share === 0)) return []
  // Of a colony that forages only what is said of its combs counts, never what they usually hold.
  if (need.share === 0 && !isStarving) return []
  return [
    findingOf(
      'season.short-of-food',
      isStarving ? 'mend' : stores.high < need.low ? 'watch' : 'note',
      boxes.map(({ part }) => part.id),
      {
        key: `season.short-of-food:${assembled.hive.id}`,
        facts: {
          climate,
          storesLow: stores.low,
          storesHigh: stores.high,
          needLow: need.low,
          needHigh: need.high,
          share: need.share,
          until: need.until,
          leastKg: figures.foodLeast,
          ...(byBook ? { by: byBook.by, at: byBook.at } : {}),
          ...(climateUnsaid ? { unsaid: true as const } : {}),
          ...(supers.length > 0 ? { supers: true as const } : {}),
        },
      },
    ),
  ]
}
const FOOD: ReadonlySet<string> = new Set(['capped-honey', 'nectar'])
