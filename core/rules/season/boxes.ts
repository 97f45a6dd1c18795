import { hasHeldBrood, isCold, meaningOf } from '../../yard'
import type { Context, MeasuredHive } from '../context'
import { findAll, isBox, isExcluder, isFeeder, isFrameFeeder } from '../../parts'
import type { PlacedPart } from '../../stack'
import { findingOf, type Finding, type TriedWay } from '../finding'
import { swapFor, takeOff, useAsFood } from '../remedies'
import { nearestBand } from '../trial'

/**
 * Boxes against the stage: old brood kit as a super, supers in treatment, winter and settling, a flow without room
 * (common practice).
 */
export function checkSeasonBoxes(measured: MeasuredHive, context: Context): Finding[] {
  const { layout, assembled } = measured
  const { stage } = context
  const { hive } = assembled
  const boxes = layout.parts.filter(isBox)
  const supers = boxes.filter(({ placement }) => placement.role === 'super')
  const ids = supers.map(({ part }) => part.id)
  const off = () => (supers.length === 1 ? [takeOff(hive, supers[0]!)] : [])
  const keep = () =>
    supers.some(({ pattern, part }) => pattern?.cleanComb || part.contents.length === 0)
      ? []
      : [useAsFood(hive, supers)]
  // Without an excluder, in boxes of one size, every super has held brood: that is how they are kept.
  const isOneSize =
    !layout.parts.some(isExcluder) && new Set(boxes.map(({ pattern }) => pattern?.size)).size === 1 && boxes.length > 1
  const found: Finding[] = supers
    .filter(({ part }) => hasHeldBrood(part))
    .map((box) =>
      findingOf('season.brood-kit', isOneSize ? 'note' : 'mend', [box.part.id], {
        facts: {
          isOneSize,
          combs: box.part.hasHeld.includes('brood')
            ? 0
            : box.part.contents.filter(({ hasHeld }) => hasHeld?.includes('brood')).length,
        },
        ways: () => [takeOff(hive, box)],
      }),
    )
  const means = meaningOf(stage)
  if (supers.length > 0 && means.treating === 'first')
    found.push(findingOf('season.supers-in-treatment', 'watch', ids, { ways: () => [...keep(), ...off()] }))
  const feeder = layout.parts.find((part) => isFeeder(part) || part.hung.some(isFrameFeeder))
  if (supers.length > 0 && feeder && means.supers !== 'none')
    found.push(
      findingOf('season.feed-under-supers', 'watch', [feeder.part.id, ...ids], {
        ways: () => (isFeeder(feeder) ? withoutFeeder(measured, feeder, context) : []),
      }),
    )
  if (supers.length > 0 && isCold(stage))
    found.push(findingOf('season.supers-in-winter', 'note', ids, { ways: () => [...keep(), ...off()] }))
  if (supers.length > 0 && means.isSettling)
    found.push(findingOf('season.super-too-soon', 'watch', ids, { ways: () => off() }))
  if (supers.length > 0 && context.treatConflict && means.isBeforeWinterBees)
    found.push(findingOf('season.no-time-to-treat', 'watch', ids, { facts: context.treatConflict }))
  if (supers.length === 0 && boxes.length > 0 && means.forage === 'flow')
    found.push(
      findingOf(
        'season.no-room',
        'watch',
        boxes.slice(-1).map(({ part }) => part.id),
      ),
    )
  return found
}

/** A feeder comes off; one that closes the hive as a crown does is taken the place of by one. */
function withoutFeeder(measured: MeasuredHive, feeder: PlacedPart, context: Context): TriedWay[] {
  const { catalogue } = context
  const { hive } = measured.assembled
  const crown = findAll(catalogue, { kind: 'crown', format: feeder.pattern?.format, use: 'cover' }).at(0)
  const swaps = crown ? [false, true].map((turned) => swapFor(hive, feeder, crown, catalogue, turned)) : []
  return [takeOff(hive, feeder), ...nearestBand(measured, swaps, context, () => undefined)]
}
