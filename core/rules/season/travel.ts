import { meaningOf } from '../../yard'
import { findAll, isNucleusFormat, isBox, isCrown, isFeeder, isFloor, isFloorInsert, isFrameFeeder } from '../../parts'
import { coversColony, isOpenAt, SIDES, type Layout, type PlacedPart } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { add, detach, swapFor, takeOffAll } from '../remedies'

/** The screen that closes a hive above for the road: air goes through it and no bee; undefined where there is none. */
function screenOf({ parts }: Pick<Layout, 'parts'>): PlacedPart | undefined {
  const lowestBox = parts.findIndex(isBox)
  return parts.find(
    (part) =>
      part.index > lowestBox && coversColony(part) && part.faces.lower.zones.some(({ passes }) => passes === 'air'),
  )
}

/**
 * How high the way is that is left for air between a screen and what lies on it, mm: nothing where the next part lies
 * on it all round, or where a skirt hangs down before it; undefined where nothing lies on it. Geometry.
 */
function freeOverMm({ parts }: Pick<Layout, 'parts'>, screen: PlacedPart): number | undefined {
  const above = parts.slice(screen.index + 1)
  const [next] = above
  if (!next) return undefined
  const edge = next.faces.lower.edge
  if (!edge || !SIDES.some((side) => isOpenAt(edge, side))) return 0
  return Math.max(
    0,
    Math.min(next.topMm, ...above.map(({ hangsToMm, faces }) => (faces.skirtMm > 0 ? hangsToMm : next.topMm))) -
      screen.topMm,
  )
}

/**
 * A hive made ready for the road: a screen as its top with nothing on it, a floor that lets air in, food for a nucleus.
 * A strong colony under a covered screen on a closed floor can be dead within the hour. Common practice.
 */
export function checkTravel(measured: MeasuredHive, context: Context): Finding[] {
  if (!meaningOf(context.stage).isOnTheRoad) return []
  const { layout, assembled } = measured
  const { parts } = layout
  if (!parts.some(isBox)) return []
  const screen = screenOf(layout)
  const insert = assembled.attached.find(isFloorInsert)
  return [
    ...(screen ? covered(measured, screen, context) : airless(measured, context)),
    ...(insert
      ? [findingOf('season.insert-in', 'mend', [insert.part.id], { ways: () => [detach(assembled.hive, insert)] })]
      : []),
    ...withoutFood(layout),
  ]
}

/** What lies on the screen: it has to leave a way out for the air at its sides. */
function covered({ layout, assembled }: MeasuredHive, screen: PlacedPart, { figures }: Context): Finding[] {
  const freeMm = freeOverMm(layout, screen)
  if (freeMm === undefined || freeMm >= figures.travelWay) return []
  const above = layout.parts.slice(screen.index + 1)
  return [
    findingOf('season.travel-covered', 'stop', [screen.part.id, ...above.map(({ part }) => part.id)], {
      facts: { freeMm, leastMm: figures.travelWay },
      ways: () => [takeOffAll(assembled.hive, above)],
    }),
  ]
}

/** No screen above: with a closed floor the bees have no air at all. */
function airless({ layout, assembled }: MeasuredHive, { catalogue }: Context): Finding[] {
  const { parts } = layout
  const { hive } = assembled
  const top = parts.find((part) => isCrown(part)) ?? parts.at(-1)!
  const floor = parts.find(isFloor)
  const hasInsert = assembled.attached.some(isFloorInsert)
  const isAired = floor?.pattern.surface === 'mesh' && !hasInsert
  const box = parts.findLast(isBox)!
  const screen = findAll(catalogue, { kind: 'crown', use: 'travel', format: box.pattern.format }).at(0)
  const ways = (): Remedy[] => {
    if (!screen) return []
    const above = parts.slice(box.index + 1)
    const put = isCrown(top) ? swapFor(hive, top, screen, catalogue) : add(hive, box.index + 1, screen, catalogue)
    const others = above.filter(({ part }) => part.id !== top.part.id || !isCrown(top))
    return [others.length > 0 ? { ...put, edit: withoutRest(put, hive, others) } : put]
  }
  return [findingOf('season.travel-air', isAired ? 'mend' : 'stop', [top.part.id], { facts: { isAired }, ways })]
}

/** What lies over the bees goes first, so that nothing covers the screen. */
function withoutRest(
  put: Remedy,
  hive: MeasuredHive['assembled']['hive'],
  others: readonly PlacedPart[],
): Remedy['edit'] {
  return { kind: 'batch', edits: [takeOffAll(hive, others).edit, put.edit] }
}

/** A nucleus on the road lives on what it carries. */
function withoutFood({ parts }: Layout): Finding[] {
  const nucleus = parts.find((part) => isBox(part) && isNucleusFormat(part.pattern.format))
  const fed =
    nucleus &&
    (nucleus.hung.some(
      (one) => isFrameFeeder(one) || one.content.holds === 'capped-honey' || one.content.holds === 'nectar',
    ) ||
      parts.some(isFeeder))
  return nucleus && !fed ? [findingOf('season.travel-food', 'note', [nucleus.part.id])] : []
}
