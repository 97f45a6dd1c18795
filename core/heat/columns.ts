import { meetsBroadly, type StandingBody } from '../stack'
import type { Figures } from '../figures'
import type { Rect } from '../parts'
import type { HeatFace } from './enclosure'
import { isLayer, sideBySide, type HeatLayer } from './layers'

/** A piece of a plan over or under which the same bodies lie. */
export interface HeatColumn {
  readonly areaMm2: number
  /** Bodies that hold heat back, nearest first. */
  readonly bodies: readonly StandingBody[]
}

/**
 * Cuts a plan at the edges of all bodies over it: each piece meets the same ones all over; a rim that reaches in by
 * less than a sliver is left out. Geometry.
 */
export function columnsOf(
  plan: Rect,
  bodies: readonly StandingBody[],
  way: 'up' | 'down',
  { sliverMm }: Pick<Figures, 'sliverMm'>,
): HeatColumn[] {
  const met = bodies
    .filter(({ material, rect }) => isLayer(material) && meetsBroadly(rect, plan, sliverMm))
    .sort((a, b) => (way === 'up' ? a.fromMm - b.fromMm : b.toMm - a.toMm))
  const xs = cutsOf(
    plan.x0,
    plan.x1,
    met.flatMap(({ rect }) => [rect.x0, rect.x1]),
  )
  const ys = cutsOf(
    plan.y0,
    plan.y1,
    met.flatMap(({ rect }) => [rect.y0, rect.y1]),
  )
  const columns = new Map<string, { areaMm2: number; bodies: StandingBody[] }>()
  const numbered = met.map((body, n) => ({ body, n, rect: body.rect }))
  for (let i = 1; i < xs.length; i++) {
    const x = (xs[i - 1]! + xs[i]!) / 2
    const across = numbered.filter(({ rect }) => x > rect.x0 && x < rect.x1)
    for (let j = 1; j < ys.length; j++) {
      const y = (ys[j - 1]! + ys[j]!) / 2
      const over = across.filter(({ rect }) => y > rect.y0 && y < rect.y1)
      const key = over.map(({ n }) => n).join()
      let column = columns.get(key)
      if (!column) columns.set(key, (column = { areaMm2: 0, bodies: over.map(({ body }) => body) }))
      column.areaMm2 += (xs[i]! - xs[i - 1]!) * (ys[j]! - ys[j - 1]!)
    }
  }
  return [...columns.values()].sort((a, b) => b.areaMm2 - a.areaMm2)
}

/** What makes a face of its columns: its area, its paths side by side, and the layers of the largest. */
export function faceOfColumns<C extends PathOf>(
  columns: readonly C[],
): Pick<HeatFace, 'side' | 'areaM2' | 'm2KPerW' | 'pathM2KPerW' | 'layers'> & { readonly main: C } {
  const areaMm2 = columns.reduce((sum, column) => sum + column.areaMm2, 0)
  const main = columns[0]!
  return {
    main,
    side: null,
    areaM2: areaMm2 / 1e6,
    m2KPerW: sideBySide(columns.map(({ areaMm2: part, m2KPerW }) => ({ share: part / areaMm2, m2KPerW }))),
    pathM2KPerW: main.m2KPerW,
    layers: main.layers,
  }
}

interface PathOf {
  readonly areaMm2: number
  readonly m2KPerW: number
  readonly layers: readonly HeatLayer[]
}

function cutsOf(low: number, high: number, edges: readonly number[]): number[] {
  return [...new Set([low, ...edges.filter((at) => at > low && at < high), high])].sort((a, b) => a - b)
}
