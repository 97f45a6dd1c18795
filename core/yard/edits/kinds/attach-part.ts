import type { Part } from '../../../parts'
import type { Attachment, Yard } from '../../model/yard'
import { type Done, hiveOf, insert, mustBeNew, refuse, withHive } from '../applying'
import { type EditKind, ofAVisit, inAnyPlan } from '../kind'

/** Holds a fitting at its place on a hive. */
export interface AttachPart {
  readonly kind: 'attach-part'
  readonly hiveId: string
  readonly at: number
  readonly attachment: Attachment
  readonly part: Part
}

function apply(yard: Yard, { hiveId, at, attachment, part }: AttachPart): Done {
  mustBeNew(yard, part.id)
  if (attachment.partId !== part.id) refuse('no-such-part', attachment.partId)
  const hive = hiveOf(yard, hiveId)
  const attachments: Attachment[] = insert(hive.attachments, at, attachment, part.id)
  return {
    yard: withHive({ ...yard, parts: [...yard.parts, part] }, { ...hive, attachments }),
    inverse: { kind: 'detach-part', hiveId, partId: part.id },
  }
}

export const ATTACH_PART: EditKind<AttachPart> = {
  apply,
  cells: ({ hiveId, part }) => [
    ['hive', hiveId, 'attachments'],
    ['part', part.id],
  ],
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'adding-a-part' }),
}
