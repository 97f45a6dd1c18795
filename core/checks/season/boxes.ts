import { hasHeldBrood, isCold, type Stage } from '../../hive'
import type { Context, Measured } from '../context'
import { findingOf, type Finding } from '../finding'
import { swapFor, takeOff, useAsFood } from '../remedies'
import { isBox, isCrown, isFeeder, isFrameFeeder, isRoof } from '../../parts'
import { findAll } from '../../catalogue'

/**
 * Boxes against the stage: old brood kit as a super, supers in treatment, winter and settling, a flow without room
 * (common practice).
 */
export function checkSeasonBoxes({ layout, assembled }: Measured, { stage }: Context): Finding[] {
  const { hive } = assembled
  const boxes = layout.parts.filter(isBox)
  const supers = boxes.filter(({ placement }) => placement.role === 'super')
  const ids = supers.map(({ part }) => part.id)
  const off = () => (supers.length === 1 ? [takeOff(hive, supers[0]!)] : [])
  const keep = () =>
    supers.some(({ pattern, part }) => pattern?.cleanComb || part.contents.length === 0)
      ? []
      : [useAsFood(hive, supers)]
  const found: Finding[] = supers
    .filter(({ part }) => hasHeldBrood(part))
    .map((box) =>
      findingOf('season.brood-kit', 'mend', [box.part.id], {
        facts: {
          combs: box.part.hasHeld.includes('brood')
            ? 0
            : box.part.contents.filter(({ hasHeld }) => hasHeld?.includes('brood')).length,
        },
        ways: () => [takeOff(hive, box)],
      }),
    )
  if (supers.length > 0 && stage === 'after-crop')
    found.push(findingOf('season.supers-in-treatment', 'watch', ids, { ways: () => [...keep(), ...off()] }))
  const feeder = layout.parts.find((part) => isFeeder(part) || part.hung.some(isFrameFeeder))
  if (supers.length > 0 && feeder && HONEY_COMES_IN.has(stage))
    found.push(
      findingOf('season.feed-under-supers', 'watch', [feeder.part.id, ...ids], {
        ways: () => (isFeeder(feeder) ? [takeOff(hive, feeder)] : []),
      }),
    )
  if (supers.length > 0 && isCold(stage))
    found.push(findingOf('season.supers-in-winter', 'note', ids, { ways: () => [...keep(), ...off()] }))
  if (supers.length > 0 && stage === 'settling')
    found.push(findingOf('season.super-too-soon', 'watch', ids, { ways: () => off() }))
  if (supers.length === 0 && boxes.length > 0 && stage === 'flow')
    found.push(
      findingOf(
        'season.no-room',
        'watch',
        boxes.slice(-1).map(({ part }) => part.id),
      ),
    )
  return found
}

/** When what is fed ends in the crop. */
const HONEY_COMES_IN: ReadonlySet<Stage> = new Set(['supering', 'flow', 'crop'])

/** Formats that a nucleus is sold in. */
const NUCLEUS = new Set(['langstroth-5', 'national-6'])

/** A hive made ready for the road: air at the top, a roof that is flush, food for a nucleus (common practice). */
export function checkTravel({ layout, assembled }: Measured, { stage, catalogue }: Context): Finding[] {
  if (stage !== 'moving') return []
  const { parts } = layout
  const found: Finding[] = []
  const crown = parts.find(isCrown)
  const screen =
    crown &&
    findAll(catalogue, { kind: 'crown', format: crown.pattern?.format }).find(({ surface }) => surface === 'mesh')
  if (crown && crown.pattern?.surface !== 'mesh')
    found.push(
      findingOf('season.travel-air', 'watch', [crown.part.id], {
        ways: () => (screen ? [swapFor(assembled.hive, crown, screen, catalogue)] : []),
      }),
    )
  const roof = parts.find((part) => isRoof(part) && part.pattern.roofForm === 'telescoping')
  if (roof) found.push(findingOf('season.travel-roof', 'note', [roof.part.id]))
  const nucleus = parts.find((part) => isBox(part) && NUCLEUS.has(part.pattern.format))
  const fed =
    nucleus &&
    (nucleus.hung.some(
      (one) => isFrameFeeder(one) || one.content.holds === 'capped-honey' || one.content.holds === 'nectar',
    ) ||
      parts.some(isFeeder))
  if (nucleus && !fed) found.push(findingOf('season.travel-food', 'note', [nucleus.part.id]))
  return found
}
