import type { Solid, SolidMaterial } from './solid'

/** Which way a hive is cut: along the frames (entrance at the left) or across them. */
export type Axis = 'along' | 'across'

/**
 * A body as a cut shows it, mm: from a to b sideways, from low to high upwards; to a point at the top where it is a
 * gable cut along the frames.
 */
export interface Slice {
  readonly a: number
  readonly b: number
  readonly low: number
  readonly high: number
  readonly pointed: boolean
  readonly material: SolidMaterial
  readonly piece: string
}

/** What a plane shows of a part's bodies: along the frames at a y, across them at an x. Geometry. */
export function sliceOf(solids: readonly Solid[], axis: Axis, atMm: number): Slice[] {
  return solids.flatMap((solid) => {
    const { rect, material, piece } = solid
    const [near, far] = axis === 'along' ? [rect.y0, rect.y1] : [rect.x0, rect.x1]
    if (atMm < near || atMm >= far) return []
    const [a, b] = axis === 'along' ? [rect.x0, rect.x1] : [rect.y0, rect.y1]
    const low = solid.from.mm
    const high = low + (solid.to.mm - low) * (solid.ridged && axis === 'across' ? shareAt(near, far, atMm) : 1)
    return [{ a, b, low, high, pointed: solid.ridged === true && axis === 'along', material, piece }]
  })
}

/** How much of its height a gable has between its eaves. */
function shareAt(near: number, far: number, atMm: number): number {
  const half = (far - near) / 2
  return 1 - Math.abs(atMm - near - half) / half
}

/** Area that a slice shows, mm². Geometry. */
export function areaMm2({ a, b, low, high, pointed }: Slice): number {
  return ((b - a) * (high - low)) / (pointed ? 2 : 1)
}
