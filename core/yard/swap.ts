import type { Catalogue, Pattern, Part } from '../parts'
import { partEdit } from './edits/change-part'
import type { Edit } from './edits/edit'
import type { Hive } from './model/yard'
import { newPart } from './new-part'

/**
 * Puts a new part of another pattern in a part's place; the old one goes to the shed. Frames move over when the
 * new box takes the same kind; else they stay in the old box, and the new one comes with its own.
 */
export function swapEdit(
  hive: Hive,
  part: Part,
  pattern: Pattern,
  catalogue: Catalogue,
  makeId: () => string,
  turnedOver?: boolean,
): Edit {
  const at = hive.stack.findIndex(({ partId }) => partId === part.id)
  const placement = hive.stack[at]!
  const sameFrames =
    pattern.normalContents?.framePatternId === catalogue.patterns.get(part.patternId)?.normalContents?.framePatternId
  const moves = sameFrames && part.contents.length > 0
  const fresh = moves
    ? {
        ...newPart({ ...pattern, normalContents: undefined }, catalogue, makeId),
        contents: part.contents,
        hasHeld: part.hasHeld,
      }
    : newPart(pattern, catalogue, makeId)
  const edits: Edit[] = [
    { kind: 'take-off', hiveId: hive.id, partId: part.id },
    {
      kind: 'add-part',
      hiveId: hive.id,
      at,
      part: fresh,
      placement: { ...placement, partId: fresh.id, turnedOver: turnedOver ?? placement.turnedOver },
    },
  ]
  return { kind: 'batch', edits: moves ? [partEdit(part, { ...part, contents: [] }), ...edits] : edits }
}
