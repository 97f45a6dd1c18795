import { there } from '../../units'
import {
  HIVE_FORMATS,
  find,
  findAll,
  isFormat,
  type BoxSize,
  type Catalogue,
  type Pattern,
  framesOf,
  isBox,
  isStand,
  type ResolvedPart,
  combAreaDm2,
  type Role,
} from '../../parts'
import { spacedFor, fullCount } from '../../stack'
import { honeyCapacityKg } from '../../loads'
import type { Change } from './change'
import { type Layer, layerOf } from './layer'

type Restructure = (layers: readonly Layer[], catalogue: Catalogue, makeId: () => string) => Layer[] | undefined

export const CHANGES: Partial<Record<Change, Restructure>> = {
  'shallower-supers': (layers, catalogue, makeId) => shallower(layers, 'super', catalogue, makeId),
  'shallower-brood': (layers, catalogue, makeId) => shallower(layers, 'brood', catalogue, makeId),
  'eight-frames': eightFrames,
  'one-frame-less': (layers, catalogue) => fewer(layers, 1, catalogue),
  'two-frames-less': (layers, catalogue) => fewer(layers, 2, catalogue),
  'half-full-boxes': twice,
  'crop-earlier': (layers) => (layers.some(isRole('super')) ? [...layers] : undefined),
  'lower-stand': (layers, catalogue, makeId) =>
    stands(layers, find(catalogue, { kind: 'stand', use: 'low' }), catalogue, makeId),
  'no-stand': (layers) =>
    layers.some(({ resolved }) => isStand(resolved)) ? layers.filter(({ resolved }) => !isStand(resolved)) : undefined,
}

export function isRole(role: Role): (layer: Layer) => boolean {
  return ({ resolved, placement }) => isBox(resolved) && placement.role === role && resolved.part.contents.length > 0
}

/** Depths from the largest down. */
const LADDER: readonly BoxSize[] = ['large', 'deep', 'medium', 'shallow']

/** The next lower box of the same format, with its bee space at the same end. */
function nextLower(pattern: Pattern | undefined, catalogue: Catalogue): Pattern | undefined {
  const at = pattern?.size ? LADDER.indexOf(pattern.size) : -1
  if (!pattern || at < 0) return undefined
  const { format, space } = pattern
  return LADDER.slice(at + 1).flatMap((size) => findAll(catalogue, { kind: 'box', format, size, space }).slice(0, 1))[0]
}

/** Boxes of a role a size lower, as many as give the same honey, or the same comb for brood. */
function shallower(
  layers: readonly Layer[],
  role: Role,
  catalogue: Catalogue,
  makeId: () => string,
): Layer[] | undefined {
  return exchanged(layers, isRole(role), (pattern) => nextLower(pattern, catalogue), role, catalogue, makeId)
}

/** Exchanges boxes for others, with as many more as keep what they hold; undefined where none has another. */
function exchanged(
  layers: readonly Layer[],
  which: (layer: Layer) => boolean,
  other: (pattern: Pattern | undefined) => Pattern | undefined,
  role: Role,
  catalogue: Catalogue,
  makeId: () => string,
): Layer[] | undefined {
  const found = layers.filter((layer) => which(layer) && other(layer.resolved.pattern))
  if (found.length === 0) return undefined
  const holds = (boxes: readonly ResolvedPart[]) => (role === 'brood' ? combOf(boxes) : honeyCapacityKg(boxes))
  const wanted = holds(found.map(({ resolved }) => resolved))
  const fresh: Layer[] = []
  while (holds(fresh.map(({ resolved }) => resolved)) < wanted - 1e-6 && fresh.length < 20) {
    const pattern = there(other(found[Math.min(fresh.length, found.length - 1)]!.resolved.pattern))
    fresh.push(layerOf(pattern, found[0]!.placement.role, catalogue, makeId))
  }
  const at = layers.indexOf(found[0]!)
  return [...layers.slice(0, at), ...fresh, ...layers.slice(at).filter((layer) => !found.includes(layer))]
}

function combOf(boxes: readonly ResolvedPart[]): number {
  return framesOf(boxes.flatMap(({ hung }) => hung)).reduce((sum, { pattern }) => sum + combAreaDm2(pattern), 0)
}

/** The same part in the eight-frame width of its format. */
function narrowerOf(pattern: Pattern | undefined, catalogue: Catalogue): Pattern | undefined {
  const format = pattern && isFormat(pattern.format) ? HIVE_FORMATS[pattern.format].narrower : undefined
  if (!pattern || !format) return undefined
  const { kind, size, space, use, surface, roofForm, feederForm } = pattern
  return isBox({ pattern }) && !size
    ? undefined
    : find(catalogue, { kind, format, size, space, use, surface, roofForm, feederForm })
}

/** The whole hive in the eight-frame width, with boxes added until room and honey are what they were. */
function eightFrames(layers: readonly Layer[], catalogue: Catalogue, makeId: () => string): Layer[] | undefined {
  const narrow = (pattern: Pattern | undefined) => narrowerOf(pattern, catalogue)
  const boxes = layers.filter(({ resolved }) => isBox(resolved))
  if (boxes.length === 0 || !boxes.every(({ resolved }) => narrow(resolved.pattern))) return undefined
  let next: Layer[] | undefined = [...layers]
  for (const role of ['brood', 'food', 'super'] as const)
    if (next?.some(isRole(role))) next = exchanged(next, isRole(role), narrow, role, catalogue, makeId)
  return next
    ?.map((layer) => {
      const pattern = isBox(layer.resolved) ? undefined : narrow(layer.resolved.pattern)
      return pattern
        ? { ...layerOf(pattern, undefined, catalogue, makeId), placement: { ...layer.placement, partId: '' } }
        : layer
    })
    .map((layer) => ({ ...layer, placement: { ...layer.placement, partId: layer.resolved.part.id } }))
}

/** Supers with fewer frames, spaced out: as much honey in fewer combs. */
function fewer(layers: readonly Layer[], less: number, catalogue: Catalogue): Layer[] | undefined {
  if (!layers.some(isRole('super'))) return undefined
  return layers.map((layer) => {
    if (!isRole('super')(layer)) return layer
    const spaced = spacedFor(layer.resolved, Math.max(1, fullCount(layer.resolved) - less), catalogue)
    return spaced ? { ...layer, resolved: spaced } : layer
  })
}

/** Each super a second time: the same honey in twice the boxes, half full each. */
function twice(layers: readonly Layer[], catalogue: Catalogue, makeId: () => string): Layer[] | undefined {
  if (!layers.some(isRole('super'))) return undefined
  return layers.flatMap((layer) =>
    isRole('super')(layer) ? [layer, layerOf(there(layer.resolved.pattern), 'super', catalogue, makeId)] : [layer],
  )
}

/** Everything it stands on exchanged for one low frame. */
function stands(
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
