import type { Edit } from '../edits/edit'
import type { Attachment, Hive } from '../model/yard'
import type { Part } from '../../parts'

/** Fixes a part to a hive: to its door, into its floor, on its roof. */
export function attach({ id, attachments }: Hive, part: Part, how: Omit<Attachment, 'partId'>): Edit {
  return { kind: 'attach-part', hiveId: id, at: attachments.length, part, attachment: { ...how, partId: part.id } }
}

/** Takes what is fixed to a hive off; it goes to the shed. */
export function detach({ id }: Hive, { id: partId }: Pick<Part, 'id'>): Edit {
  return { kind: 'detach-part', hiveId: id, partId }
}
