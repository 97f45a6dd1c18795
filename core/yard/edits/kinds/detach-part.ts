import type { Hive, Yard } from '../../model/yard'
import { type Done, restoring, hiveOf, refuse, withHive, without } from '../applying'
import type { Edit } from '../edit'
import { type EditKind, ofAVisit, inAnyPlan } from '../kind'

/** A fitting that comes off leaves the yard's list; its inverse puts both back where they were. */
export interface DetachPart {
  readonly kind: 'detach-part'
  readonly hiveId: string
  readonly partId: string
}

function apply(yard: Yard, { hiveId, partId }: DetachPart): Done {
  const hive = hiveOf(yard, hiveId)
  const at = hive.attachments.findIndex((attachment) => attachment.partId === partId)
  if (at < 0) refuse('part-not-there', partId)
  const lessHive: Hive = { ...hive, attachments: without(hive.attachments, at) }
  const partAt = yard.parts.findIndex((part) => part.id === partId)
  const shrunk = { ...yard, parts: without(yard.parts, partAt) }
  const last = partAt === yard.parts.length - 1
  const inverse: Edit = last
    ? { kind: 'attach-part', hiveId, at, attachment: hive.attachments[at]!, part: yard.parts[partAt]! }
    : restoring(yard, hive)
  return { yard: withHive(shrunk, lessHive), inverse }
}

export const DETACH_PART: EditKind<DetachPart> = {
  apply,
  cells: ({ hiveId, partId }) => [
    ['hive', hiveId, 'attachments'],
    ['part', partId],
  ],
  hives: ({ hiveId }) => [hiveId],
  helper: ofAVisit,
  isPlannable: inAnyPlan,
  does: () => ({ doing: 'taking-a-part-off' }),
}
