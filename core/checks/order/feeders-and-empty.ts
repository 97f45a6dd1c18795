import { goesThrough, type Layout, type PlacedPart } from '../../geometry'
import type { Context, Measured } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { add, openHole, takeOff } from '../remedies'

/** Feeders that bees cannot reach or that stand proud, and boxes with nothing in them. */
export function checkFeedersAndEmptyBoxes(measured: Measured, context: Context): Finding[] {
  return [...feeders(measured, context), ...emptyBoxes(measured)]
}

function closesAbove({ faces }: PlacedPart): boolean {
  const surface = faces.lower.zones[0]?.surface
  return surface === undefined || !goesThrough(surface)
}

function roomAbove({ assembled }: Measured, { catalogue }: Context, closing: PlacedPart): Remedy[] {
  const eke = [...catalogue.patterns.values()].find(({ kind, format }) => kind === 'eke' && format === closing.pattern?.format)
  return eke ? [add(assembled.hive, closing.index, eke, catalogue)] : []
}

function feeders(measured: Measured, context: Context): Finding[] {
  const { parts } = measured.layout
  return parts.filter(({ pattern }) => pattern?.kind === 'feeder').flatMap((feeder) => {
    const closing = feeder.faces.nested ? parts.slice(feeder.index + 1).find(closesAbove) : undefined
    const proudMm = closing ? feeder.topMm - closing.bottomMm : 0
    const proud = closing && proudMm > 0
      ? [findingOf('order.feeder-proud', 'stop', [feeder.part.id, closing.part.id], { measured: { mm: proudMm, plusMinusMm: 0, likelyPlusMinusMm: 0 }, remedies: roomAbove(measured, context, closing) })]
      : []
    return [...(hasWayUp(measured.layout, feeder) ? [] : [noWayUp(measured, feeder)]), ...proud]
  })
}

/** Bees come up through frames below, or through the open hole of a crown that they reach. */
function hasWayUp(layout: Layout, feeder: PlacedPart): boolean {
  const below = layout.parts[feeder.index - 1]
  if (!below) return false
  if (below.pattern?.kind === 'crown') return below.part.hole !== 'closed' && hasWayUp(layout, below)
  return below.pattern?.kind === 'box' || below.pattern?.kind === 'excluder' || below.pattern?.kind === 'eke'
}

function noWayUp({ layout, assembled }: Measured, feeder: PlacedPart): Finding {
  const below = layout.parts[feeder.index - 1]
  const remedy = below?.pattern?.kind === 'crown' && below.part.hole === 'closed' ? openHole(below) : takeOff(assembled.hive, feeder)
  return findingOf('order.feeder-no-way-up', 'mend', [feeder.part.id, ...(below ? [below.part.id] : [])], { remedies: [remedy] })
}

function emptyBoxes({ layout, assembled }: Measured): Finding[] {
  return layout.parts
    .filter(({ pattern, part }) => pattern?.kind === 'box' && part.contents.length === 0 && !pattern.sections)
    .map((box) => findingOf('order.empty-box', 'note', [box.part.id], { remedies: [takeOff(assembled.hive, box)] }))
}
