import { there } from '../units'
/** The way that heat goes through a face: up through a top, sideways through a wall, down through a floor. */
export type HeatWay = 'up' | 'sideways' | 'down'

/** Surface resistances, m²·K/W: EN ISO 6946, table 7 (2017), from memory. */
export const INSIDE_SURFACE: Readonly<Record<HeatWay, number>> = { up: 0.1, sideways: 0.13, down: 0.17 }
export const OUTSIDE_SURFACE = 0.04

type Point = readonly [thickMm: number, m2KPerW: number]

/** Unventilated layers of air, m²·K/W by their thickness: EN ISO 6946, table 8 (2017), from memory. */
const LAYERS: Readonly<Record<HeatWay, readonly Point[]>> = {
  up: [
    [0, 0],
    [5, 0.11],
    [7, 0.13],
    [10, 0.15],
    [15, 0.16],
    [25, 0.16],
  ],
  sideways: [
    [0, 0],
    [5, 0.11],
    [7, 0.13],
    [10, 0.15],
    [15, 0.17],
    [25, 0.18],
  ],
  down: [
    [0, 0],
    [5, 0.11],
    [7, 0.13],
    [10, 0.15],
    [15, 0.17],
    [25, 0.19],
    [50, 0.21],
    [100, 0.22],
    [300, 0.23],
  ],
}

/**
 * Resistance of a closed layer of air, m²·K/W: straight lines between the figures of EN ISO 6946, table 8; thicker than
 * the last as the last.
 */
export function airLayer(thickMm: number, way: HeatWay): number {
  const points = LAYERS[way]
  const above = points.findIndex(([at]) => at >= thickMm)
  if (above === -1) return there(points.at(-1))[1]
  if (above === 0) return points[0]![1]
  const [[x0, y0], [x1, y1]] = [points[above - 1]!, points[above]!]
  return y0 + ((y1 - y0) * (thickMm - x0)) / (x1 - x0)
}
