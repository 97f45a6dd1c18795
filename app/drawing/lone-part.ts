import type { Pattern } from '#core/catalogue'
import type { PlacedPart } from '#core/geometry'
import { emptyYard, newPlacement, type Part, type Yard } from '#core/hive'
import { laidIn } from '#core/laid-hive'

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
