import { isBox } from '../../parts'
import { coversColony, type PlacedPart } from '../../stack'
import type { MeasuredHive } from '../context'

/** The screen that closes a hive above for the road: air goes through it and no bee; undefined where there is none. */
export function screenOf({ layout: { parts } }: MeasuredHive): PlacedPart | undefined {
  const lowestBox = parts.findIndex(isBox)
  return parts.find(
    (part) =>
      part.index > lowestBox && coversColony(part) && part.faces.lower.zones.some(({ passes }) => passes === 'air'),
  )
}
