import type { Pattern, Part } from '#core/parts'
import type { PlacedPart } from '#core/stack'
import { emptyYard, newPlacement, type Yard } from '#core/yard'
import { laidIn } from '#core/ask'

/** A part laid on the ground by itself, with the figures and patterns of a yard. */
export function lonePart(part: Part, pattern: Pattern, yard: Yard = emptyYard('', '')): PlacedPart | undefined {
  const hive = {
    id: '',
    name: '',
    stage: 'flow' as const,
    note: '',
    stack: [newPlacement(part.id, pattern)],
    attachments: [],
    accepted: [],
  }
  return laidIn({ ...yard, hives: [hive], parts: [part] }, hive).layout.parts[0]
}
