import type { Edit } from '../edit'
import type { Hive, OpeningEdge, Part } from '../model'

/** Turns a fitting at the door, so that it opens at the upper or the lower edge. */
export function setEdge({ id, attachments }: Hive, part: Part, edge: OpeningEdge): Edit {
  const at = attachments.findIndex(({ partId }) => partId === part.id)
  const { edge: _before, ...rest } = attachments[at]!
  const attachment = edge === 'upper' ? { ...rest, edge } : rest
  return {
    kind: 'batch',
    edits: [
      { kind: 'detach-part', hiveId: id, partId: part.id },
      { kind: 'attach-part', hiveId: id, at, part, attachment },
    ],
  }
}
