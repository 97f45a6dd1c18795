import {
  STARTING_FORMAT,
  find,
  type Pattern,
  type Wanted,
  isBox,
  isCrown,
  isFilledBox,
  isFloor,
  isRoof,
  isStand,
  wayUpOf,
} from '../../parts'
import { coversColony, type PlacedPart } from '../../stack'
import { meaningOf } from '../../yard'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { add, move, takeOff, turnOver } from '../remedies'
import { nearestBand } from '../trial'

/** Floor below, roof on top, a crown under a telescoping roof, nothing on its head. */
export function checkStackOrder(measured: MeasuredHive, context: Context): Finding[] {
  const { parts } = measured.layout
  if (parts.length === 0) return []
  return [
    ...noBox(measured),
    ...floors(measured, context),
    ...roofs(measured, context),
    ...secondCrown(measured, context),
    ...boxesAboveCrown(measured, context),
    ...upsideDown(measured),
    ...parts
      .filter(({ pattern }) => !pattern)
      .map(({ part }) => findingOf('pattern.unknown', 'watch', [part.id], { facts: { patternId: part.patternId } })),
  ]
}

function noBox({ layout, assembled }: MeasuredHive): Finding[] {
  return layout.parts.some(isBox) || layout.parts.some(({ pattern }) => !pattern)
    ? []
    : [findingOf('order.no-box', 'note', [assembled.hive.id])]
}

/** A pattern that goes with what stands there already, at the bottom or at the top of it. */
function matching(
  { layout }: MeasuredHive,
  { catalogue }: Context,
  wanted: Wanted,
  at: 'bottom' | 'top' = 'bottom',
): Pattern | undefined {
  const standing = layout.parts.filter((part) => isBox(part) || isFloor(part))
  const format = standing.at(at === 'bottom' ? 0 : -1)?.pattern?.format ?? STARTING_FORMAT
  return find(catalogue, { ...wanted, format }) ?? find(catalogue, { ...wanted, format: 'any' })
}

function floors(measured: MeasuredHive, context: Context): Finding[] {
  const { parts } = measured.layout
  const { hive } = measured.assembled
  const found = parts.filter(isFloor)
  const firstAbove = parts.findIndex((part) => !isStand(part))
  if (firstAbove < 0) return []
  const [floor, ...more] = found
  if (!floor) {
    if (!parts.some(isBox)) return []
    const pattern = matching(measured, context, { kind: 'floor', use: 'mesh' })
    return [
      findingOf('order.no-floor', 'stop', [parts[firstAbove]!.part.id], {
        ways: () => (pattern ? [add(hive, firstAbove, pattern, context.catalogue)] : []),
      }),
    ]
  }
  const low = parts.slice(0, floor.index).filter((part) => !isStand(part))
  const below =
    low.length === 0
      ? []
      : [
          findingOf(
            'order.below-floor',
            'stop',
            low.map(({ part }) => part.id),
            {
              facts: { floorId: floor.part.id },
              ways: () => [move(hive, floor, low[0]!.index, 'move-below', low[0]!)],
            },
          ),
        ]
  return [
    ...below,
    ...more.map((second) =>
      findingOf('order.second-floor', 'mend', [second.part.id], { ways: () => [takeOff(hive, second)] }),
    ),
  ]
}

function roofs(measured: MeasuredHive, context: Context): Finding[] {
  const { parts } = measured.layout
  const { hive } = measured.assembled
  const roof = parts.find(isRoof)
  if (!roof) {
    // A screen is the top on the road: nothing lies on it, and without one what is missing is told as air.
    if (!parts.some(isBox) || meaningOf(context.stage).isOnTheRoad) return []
    const pattern = matching(measured, context, { kind: 'roof', roofForm: 'telescoping' }, 'top')
    return [
      findingOf('order.no-roof', 'stop', [parts.at(-1)!.part.id], {
        ways: () => (pattern ? [add(hive, parts.length, pattern, context.catalogue)] : []),
      }),
    ]
  }
  const above = parts.slice(roof.index + 1)
  const onTop =
    above.length === 0
      ? []
      : [
          findingOf(
            'order.above-roof',
            'stop',
            above.map(({ part }) => part.id),
            {
              facts: { roofId: roof.part.id },
              ways: () => [move(hive, roof, parts.length - 1, 'move-above', parts.at(-1)!)],
            },
          ),
        ]
  return [...onTop, ...crownUnder(measured, roof, context)]
}

/**
 * A telescoping roof that the bees get to is glued down, and its skirt leaves no grip; a flush one right over the
 * frames is one way of keeping bees among several. Common practice.
 */
function crownUnder(measured: MeasuredHive, roof: PlacedPart, context: Context): Finding[] {
  const { layout, gaps, reachedFromBelow } = measured
  const below = layout.parts[roof.index - 1]
  const frames = layout.parts.findLast(({ faces }) => faces.upper.zones.some(({ surface }) => surface === 'top-bars'))
  if (
    !below ||
    !reachedFromBelow?.has(roof.part.id) ||
    layout.parts.slice((frames?.index ?? 0) + 1, roof.index).some(coversColony)
  )
    return []
  const ids = [roof.part.id, below.part.id]
  if (roof.faces.skirtMm === 0) {
    const over = gaps.find(({ upperId, place }) => upperId === roof.part.id && place === 'cover')
    return over
      ? [
          findingOf('order.flush-lid-alone', 'note', ids, {
            measured: { mm: over.mm, plusMinusMm: over.plusMinusMm, likelyPlusMinusMm: over.likelyPlusMinusMm },
          }),
        ]
      : []
  }
  const pattern = matching(measured, context, { kind: 'crown', use: 'cover' }, 'top')
  const ways: Remedy[] = pattern
    ? [false, true].map((turned) => add(measured.assembled.hive, roof.index, pattern, context.catalogue, turned))
    : []
  return [
    findingOf('order.no-crown', 'mend', ids, {
      ways: () =>
        nearestBand(
          measured,
          ways,
          context,
          (trial) => trial.gaps.find((gap) => gap.lowerId === below.part.id && gap.place === 'cover')?.mm,
        ),
    }),
  ]
}

/** Two crowns: one too many, but where supers between them are cleaned out or cleared of bees. */
function secondCrown({ layout, assembled }: MeasuredHive, { stage }: Context): Finding[] {
  const [first, ...more] = layout.parts.filter(isCrown)
  return more.map((second) => {
    const clearing =
      meaningOf(stage).isCropTaken &&
      layout.parts.some((box) => isBox(box) && box.index > first!.index && box.index < second.index)
    return findingOf('order.second-crown', clearing ? 'note' : 'mend', [second.part.id, first!.part.id], {
      facts: { clearing },
      ways: () => [takeOff(assembled.hive, clearing ? first! : second)],
    })
  })
}

/** The crown closes the colony above; frames over it are outside. */
function boxesAboveCrown({ layout, assembled }: MeasuredHive, { stage }: Context): Finding[] {
  const crown = layout.parts.find(isCrown)
  const above = crown ? layout.parts.filter((part) => isFilledBox(part) && part.index > crown.index) : []
  if (!crown || above.length === 0) return []
  return [
    findingOf(
      'order.box-above-crown',
      meaningOf(stage).isCropTaken ? 'note' : 'mend',
      above.map(({ part }) => part.id),
      {
        facts: { crownId: crown.part.id },
        ways: () => [move(assembled.hive, crown, above.at(-1)!.index, 'move-above', above.at(-1)!)],
      },
    ),
  ]
}

/** What works one way up only. */
function upsideDown({ layout, assembled }: MeasuredHive): Finding[] {
  return layout.parts.flatMap((part) => {
    const { pattern, placement } = part
    if (!placement.turnedOver || !pattern || wayUpOf(pattern) !== 'one') return []
    return [
      findingOf('order.upside-down', 'stop', [part.part.id], {
        facts: { kind: pattern.kind, empty: part.part.contents.length === 0 },
        ways: () => [turnOver(assembled.hive, part)],
      }),
    ]
  })
}
