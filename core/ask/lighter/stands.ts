import { type Catalogue, type Pattern, isStand } from '../../parts'
import { type Layer, layerOf } from './layer'

/** One thing to do differently. */
export type Change =
  | 'shallower-supers'
  | 'shallower-brood'
  | 'eight-frames'
  | 'one-frame-less'
  | 'two-frames-less'
  | 'half-full-boxes'
  | 'crop-earlier'
  | 'lower-stand'
  | 'no-stand'
  | 'second-stand'
  | 'two-people'
  | 'frame-by-frame'

/** Everything it stands on exchanged for one low frame. */
export function stands(
  layers: readonly Layer[],
  low: Pattern | undefined,
  catalogue: Catalogue,
  makeId: () => string,
): Layer[] | undefined {
  const on = layers.filter(({ resolved }) => isStand(resolved))
  const heightMm = on.reduce((sum, { resolved }) => sum + (resolved.dimensions.depth?.mm ?? 0), 0)
  if (!low || heightMm <= (low.dimensions.depth?.mm ?? 0)) return undefined
  return [layerOf(low, undefined, catalogue, makeId), ...layers.filter((layer) => !on.includes(layer))]
}
