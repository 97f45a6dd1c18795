import type { Part } from '../../../parts'
import { type Yard, findPart } from '../../model/yard'
import { type Done, hivesWith, partOf, withPart } from '../applying'
import { type EditKind, keepers } from '../kind'

/** Changes a part as a whole. */
export interface SetPart {
  readonly kind: 'set-part'
  readonly part: Part
}

function isSameButHole(part: Part, before: Part | undefined): boolean {
  return before !== undefined && JSON.stringify({ ...part, hole: null }) === JSON.stringify({ ...before, hole: null })
}

function apply(yard: Yard, { part }: SetPart): Done {
  const before = partOf(yard, part.id)
  return {
    yard: withPart(yard, part),
    inverse: { kind: 'set-part', part: before },
  }
}

export const SET_PART: EditKind<SetPart> = {
  apply,
  cells: ({ part }) => [['part', part.id]],
  hives: ({ part }, yard) => hivesWith(yard, part.id),
  helper: keepers,
  isPlannable: ({ part }, yard) => isSameButHole(part, findPart(yard, part.id)),
  does: () => ({ doing: 'changing-a-part' }),
}
