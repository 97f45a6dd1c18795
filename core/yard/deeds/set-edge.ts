import type { Edit } from '../edits/edit'
import type { Attachment, Hive } from '../model/yard'
import type { OpeningEdge, Part } from '../../parts'

/** Turns a fitting at the door, so that it opens at the upper or the lower edge. */
export function setEdge(hive: Hive, part: Part, edge: OpeningEdge): Edit {
  return fixedAnew(hive, part, ({ edge: _before, ...rest }) => (edge === 'upper' ? { ...rest, edge } : rest))
}

/** Puts a wrap round these boxes; round all that are no supers where none is named. */
export function setRound(hive: Hive, part: Part, round: readonly string[]): Edit {
  return fixedAnew(hive, part, ({ round: _before, ...rest }) => (round.length > 0 ? { ...rest, round } : rest))
}

/** The same part fixed otherwise, in its place among what is fixed. */
function fixedAnew({ id, attachments }: Hive, part: Part, otherwise: (before: Attachment) => Attachment): Edit {
  const at = attachments.findIndex(({ partId }) => partId === part.id)
  return {
    kind: 'batch',
    edits: [
      { kind: 'detach-part', hiveId: id, partId: part.id },
      { kind: 'attach-part', hiveId: id, at, part, attachment: otherwise(attachments[at]!) },
    ],
  }
}
