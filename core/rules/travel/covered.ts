import { isBox } from '../../parts'
import { SIDES, isOpenAt, type Layout, type PlacedPart } from '../../stack'
import { takeOffAll } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { screenOf } from './screen'

/**
 * What lies on the screen has to leave a way out for the air at its sides: a strong colony under a covered screen on a
 * closed floor can be dead within the hour. Common practice.
 */
export const TRAVEL_COVERED: Rule<'season.travel-covered', { readonly freeMm: number; readonly leastMm: number }> = {
  id: 'season.travel-covered',
  of: 'bees',
  when: ({ isOnTheRoad }) => isOnTheRoad,
  find: (measured, { figures }) => {
    const { layout, assembled } = measured
    const screen = layout.parts.some(isBox) ? screenOf(measured) : undefined
    const freeMm = screen && freeOverMm(layout, screen)
    if (!screen || freeMm === undefined || freeMm >= figures.travelWayMm) return []
    const above = layout.parts.slice(screen.index + 1)
    return oneOf({
      severity: 'stop',
      partIds: [screen.part.id, ...above.map(({ part }) => part.id)],
      facts: { freeMm, leastMm: figures.travelWayMm },
      ways: () => [takeOffAll(assembled.hive, above)],
    })
  },
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
