import { exact } from '../../units'
import { goesThrough, type PlacedPart } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { add, move, openHole, takeOff } from '../remedies'
import { isBox, isFeeder, findAll } from '../../parts'

/** Feeders that bees cannot reach or that stand proud, and boxes with nothing in them. */
export function checkFeedersAndEmptyBoxes(measured: MeasuredHive, context: Context): Finding[] {
  return [...feeders(measured, context), ...boxesAboveFeeder(measured), ...emptyBoxes(measured)]
}

function closesAbove({ faces }: PlacedPart): boolean {
  const surface = faces.lower.zones[0]?.surface
  return surface === undefined || !goesThrough(surface)
}

/** How far a feeder that stands inside a rim stands above it, mm, and what should close over it. */
function proudOf(
  parts: readonly PlacedPart[],
  feeder: PlacedPart,
): { readonly closing: PlacedPart | undefined; readonly proudMm: number } {
  const closing = feeder.faces.nested ? parts.slice(feeder.index + 1).find(closesAbove) : undefined
  return { closing, proudMm: closing ? feeder.topMm - closing.bottomMm : 0 }
}

function roomAbove({ assembled }: MeasuredHive, { catalogue }: Context, closing: PlacedPart): Remedy[] {
  const eke = findAll(catalogue, { kind: 'eke', format: closing.pattern?.format })[0]
  return eke ? [add(assembled.hive, closing.index, eke, catalogue)] : []
}

function feeders(measured: MeasuredHive, context: Context): Finding[] {
  const { parts } = measured.layout
  return parts.filter(isFeeder).flatMap((feeder) => {
    const { closing, proudMm } = proudOf(parts, feeder)
    const proud =
      closing && proudMm > 0
        ? [
            findingOf('order.feeder-proud', 'stop', [feeder.part.id, closing.part.id], {
              measured: exact(proudMm),
              ways: () => roomAbove(measured, context, closing),
            }),
          ]
        : []
    return [...(hasWayUp(measured, feeder) ? [] : [noWayUp(measured, feeder)]), ...proud]
  })
}

/** A feeder shuts off what stands above it, as a crown does. */
function boxesAboveFeeder({ layout, assembled }: MeasuredHive): Finding[] {
  const feeder = layout.parts.find(({ pattern, faces }) => isFeeder({ pattern }) && !faces.nested)
  const above = feeder
    ? layout.parts.filter(
        ({ pattern, part, index }) => index > feeder.index && isBox({ pattern }) && part.contents.length > 0,
      )
    : []
  const highest = above.at(-1)
  if (!feeder || !highest) return []
  return [
    findingOf(
      'order.box-above-feeder',
      'mend',
      above.map(({ part }) => part.id),
      {
        facts: { feederId: feeder.part.id },
        ways: () => [move(assembled.hive, feeder, highest.index, 'move-above', highest)],
      },
    ),
  ]
}

/** Bees get to it from below; where nothing says where the bees are, nothing is said of them. */
function hasWayUp({ reachedFromBelow }: MeasuredHive, { part }: PlacedPart): boolean {
  return reachedFromBelow?.has(part.id) ?? true
}

function noWayUp({ layout, assembled }: MeasuredHive, feeder: PlacedPart): Finding {
  const below = layout.parts[feeder.index - 1]
  const shut = layout.parts.findLast(({ index, part }) => index < feeder.index && part.hole === 'closed')
  const remedy = shut ? openHole(shut) : takeOff(assembled.hive, feeder)
  return findingOf('order.feeder-no-way-up', 'mend', [feeder.part.id, ...(below ? [below.part.id] : [])], {
    ways: () => [remedy],
  })
}

function emptyBoxes({ layout, assembled }: MeasuredHive): Finding[] {
  return layout.parts
    .filter((box) => isBox(box) && box.part.contents.length === 0 && !box.pattern.sections)
    .map((box) => findingOf('order.empty-box', 'note', [box.part.id], { ways: () => [takeOff(assembled.hive, box)] }))
}
