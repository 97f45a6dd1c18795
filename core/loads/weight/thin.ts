import { there } from '../../units'
/** A point of a series. */
export interface SeriesPoint {
  readonly x: number
  readonly y: number
}

/**
 * A long series thinned to so many points that look the same: largest triangle three buckets (Steinarsson 2013,
 * Downsampling time series for visual representation, University of Iceland, from memory). First and last stay.
 */
export function thinned<P extends SeriesPoint>(points: readonly P[], most: number): P[] {
  if (points.length <= most || most < 3) return [...points]
  const kept = [points[0]!]
  const every = (points.length - 2) / (most - 2)
  let last = 0
  for (let bucket = 0; bucket < most - 2; bucket++) {
    const from = Math.floor(bucket * every) + 1
    const to = Math.floor((bucket + 1) * every) + 1
    const mean = meanOf(points, to, Math.min(points.length, Math.floor((bucket + 2) * every) + 1))
    last = farthest(points, from, to, points[last]!, mean)
    kept.push(points[last]!)
  }
  kept.push(there(points.at(-1)))
  return kept
}

function meanOf(points: readonly SeriesPoint[], from: number, to: number): SeriesPoint {
  let x = 0
  let y = 0
  for (let i = from; i < to; i++) {
    x += points[i]!.x
    y += points[i]!.y
  }
  const count = Math.max(1, to - from)
  return { x: x / count, y: y / count }
}

/** The point that makes the largest triangle with the last one kept and the mean of the next bucket. */
function farthest(points: readonly SeriesPoint[], from: number, to: number, a: SeriesPoint, c: SeriesPoint): number {
  let best = from
  let largest = -1
  for (let i = from; i < to; i++) {
    const b = points[i]!
    const area = Math.abs((a.x - c.x) * (b.y - a.y) - (a.x - b.x) * (c.y - a.y))
    if (area > largest) [largest, best] = [area, i]
  }
  return best
}
