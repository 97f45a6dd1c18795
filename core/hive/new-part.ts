import type { Catalogue, Pattern } from '../catalogue'
import type { AttachmentPlace, Content, Part, Placement, Role } from './model'

/**
 * A new part of a pattern, with its normal contents hung in it.
 * @param makeId gives each part and each frame its identity
 */
export function newPart(pattern: Pattern, catalogue: Catalogue, makeId: () => string): Part {
  const part: Part = { id: makeId(), patternId: pattern.id, contents: normalContents(pattern, catalogue, makeId), hasHeld: [] }
  const slack = pattern.normalContents?.slack
  const hung: Part = slack ? { ...part, spacing: { system: 'touching', slack } } : part
  return pattern.dimensions.holeLength ? { ...hung, hole: 'open' } : hung
}

function normalContents(pattern: Pattern, catalogue: Catalogue, makeId: () => string): Content[] {
  const normal = pattern.normalContents
  if (!normal) return []
  const ids = [...Array<string>(normal.count).fill(normal.framePatternId), ...(normal.dummyPatternId ? [normal.dummyPatternId] : [])]
  return ids.filter((id) => catalogue.hanging.has(id)).map((patternId, place) => ({ id: makeId(), patternId, place }))
}

/** How a part of this pattern is put down when nothing else is said. */
export function newPlacement(partId: string, pattern: Pattern | undefined, role: Role | undefined = pattern?.usualRole): Placement {
  const placement: Placement = { partId, turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 } }
  return role ? { ...placement, role } : placement
}

/** Where a part goes that is no layer; undefined for a layer. */
export function attachmentPlaceOf(pattern: Pattern): AttachmentPlace | undefined {
  switch (pattern.kind) {
    case 'entrance-fitting': return 'entrance'
    case 'floor-insert': return 'floor-slot-upper'
    case 'ballast': return 'roof-top'
    default: return undefined
  }
}

/**
 * Where a part of this kind usually goes in a stack of these kinds, bottom first: floor on the stands, an excluder
 * over the brood, boxes over boxes, everything else under the roof. Common practice.
 */
export function usualPlace(kind: Pattern['kind'], stack: readonly { readonly kind: Pattern['kind'] | undefined; readonly role: Role | undefined }[]): number {
  const after = (test: (layer: (typeof stack)[number]) => boolean) => stack.reduce((place, layer, i) => (test(layer) ? i + 1 : place), -1)
  const below = (kinds: readonly Pattern['kind'][]) => stack.findIndex((layer) => layer.kind && kinds.includes(layer.kind))
  const first = (...places: number[]) => places.find((place) => place >= 0) ?? stack.length
  switch (kind) {
    case 'stand': return Math.max(0, after((layer) => layer.kind === 'stand'))
    case 'floor': return Math.max(0, after((layer) => layer.kind === 'stand'))
    case 'excluder': return first(after((layer) => layer.role === 'brood'), below(['crown', 'roof']))
    case 'box': return first(after((layer) => layer.kind === 'box'), below(['crown', 'roof']), after((layer) => layer.kind === 'floor'))
    case 'roof': return stack.length
    default: return first(below(['roof']))
  }
}
