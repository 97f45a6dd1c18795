import { there } from '../units'
import { type Catalogue, type Pattern, attachmentPlaceOf, isCrown, type Part, type Role } from '../parts'
import type { PlacedPart } from '../stack'
import { PLACEHOLDER, newPart, newPlacement, partEdit, swapEdit, type Hive } from '../yard'
import type { Remedy } from './remedy'
import * as deeds from '../yard/deeds'

/** Stand the part the other way up. */
export function turnOver(hive: Hive, { part, placement }: PlacedPart): Remedy {
  return { kind: 'turn-over', partId: part.id, edit: deeds.turnOver(hive, placement) }
}

/** Take the part off; it goes to the shed. */
export function takeOff(hive: Hive, { part }: PlacedPart): Remedy {
  return { kind: 'take-off', partId: part.id, edit: deeds.takeOff(hive, part.id) }
}

/** Take parts off, the uppermost first; they go to the shed. */
export function takeOffAll(hive: Hive, parts: readonly PlacedPart[]): Remedy {
  const off = [...parts].sort((a, b) => b.index - a.index)
  return {
    kind: 'take-off',
    partId: there(off.at(-1)).part.id,
    count: off.length,
    edit: deeds.together(...off.map(({ part }) => deeds.takeOff(hive, part.id))),
  }
}

/** Put a new part of a pattern in at a place. */
export function add(
  hive: Hive,
  at: number,
  pattern: Pattern,
  catalogue: Catalogue,
  turnedOver = false,
  role?: Role,
): Remedy {
  const part = newPart(pattern, catalogue, placeholders(pattern.id))
  const placement = { ...newPlacement(part.id, pattern, role), turnedOver }
  return { kind: 'add', patternId: pattern.id, edit: deeds.putOn(hive, at, part, placement) }
}

/** Put a slab over a cover; a hole in a crown is closed with it, so that the warmth stays under the slab. */
export function insulate(hive: Hive, over: PlacedPart, slab: Pattern, catalogue: Catalogue): Remedy {
  const put = add(hive, over.index + 1, slab, catalogue)
  if (!isCrown(over) || over.part.hole !== 'open') return put
  return { ...put, partId: over.part.id, edit: deeds.together(put.edit, closeHole(over).edit) }
}

/** Move a part to another place of the stack; `at` counts after it has been lifted. */
export function move(
  hive: Hive,
  { part }: PlacedPart,
  at: number,
  kind: 'move-below' | 'move-above',
  other: PlacedPart,
): Remedy {
  return { kind, partId: part.id, otherId: other.part.id, edit: deeds.move(hive, part.id, at) }
}

/** Let two neighbours change places. */
export function exchange(hive: Hive, lower: PlacedPart, upper: PlacedPart): Remedy {
  return {
    kind: 'exchange',
    partId: lower.part.id,
    otherId: upper.part.id,
    edit: deeds.move(hive, lower.part.id, upper.index),
  }
}

/** Put a part of another pattern in its place. */
export function swapFor(
  hive: Hive,
  { part, placement }: PlacedPart,
  pattern: Pattern,
  catalogue: Catalogue,
  turnedOver = placement.turnedOver,
): Remedy {
  return {
    kind: 'swap-for',
    partId: part.id,
    patternId: pattern.id,
    edit: swapEdit(hive, part, pattern, catalogue, placeholders(pattern.id), turnedOver),
  }
}

/** Open the hole of a crown. */
export function openHole({ part }: PlacedPart): Remedy {
  return { kind: 'open-hole', partId: part.id, edit: partEdit(part, { ...part, hole: 'open' }) }
}

/** Close the hole of a crown. */
export function closeHole({ part }: PlacedPart): Remedy {
  return { kind: 'close-hole', partId: part.id, edit: partEdit(part, { ...part, hole: 'closed' }) }
}

/** Put a fitting of a pattern on. */
export function attach(hive: Hive, pattern: Pattern, catalogue: Catalogue): Remedy {
  const part = newPart(pattern, catalogue, placeholders(pattern.id))
  return {
    kind: 'add',
    patternId: pattern.id,
    edit: deeds.attach(hive, part, { place: attachmentPlaceOf(pattern) ?? 'around' }),
  }
}

/** Take a fitting off. */
export function detach(hive: Hive, { part }: { readonly part: Part }): Remedy {
  return { kind: 'take-off', partId: part.id, edit: deeds.detach(hive, part) }
}

/** Identities for things that do not exist yet; whoever applies the remedy replaces them. */
function placeholders(name: string): () => string {
  let count = 0
  return () => `${PLACEHOLDER}${name}/${count++}`
}

/** Say that these supers are the colony's food from now on: counted, weighed full, and kept in the plan. */
export function useAsFood(hive: Hive, boxes: readonly PlacedPart[]): Remedy {
  return {
    kind: 'use-as-food',
    partId: boxes[0]!.part.id,
    count: boxes.length,
    edit: deeds.together(...boxes.map(({ placement }) => deeds.stand(hive, { ...placement, role: 'food' }))),
  }
}

/** Put the part straight over the middle again. */
export function centre(hive: Hive, { part, placement }: PlacedPart): Remedy {
  return {
    kind: 'centre',
    partId: part.id,
    edit: deeds.stand(hive, { ...placement, offsetMm: { x: 0, y: 0 }, yawDeg: 0 }),
  }
}
