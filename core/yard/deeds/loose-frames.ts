import { closedUp } from '../contents'
import { partEdit } from '../edits/change-part'
import type { Edit } from '../edits/edit'
import type { Content, Part } from '../../parts'
import type { Yard } from '../model/yard'
import { PLAN_LIMITS } from '../plan-file/plan'
import { together } from './together'

/**
 * Hangs loose frames on the racks of the shed, as full as they get, and on new ones for the rest.
 * @param newRack makes an empty rack
 */
export function stockFrames(
  { parts }: Pick<Yard, 'parts'>,
  racks: readonly Part[],
  frames: readonly Omit<Content, 'place'>[],
  newRack: () => Part,
): Edit {
  const left = [...frames]
  const hung = (rack: Part): Part => {
    const some = left.splice(0, PLAN_LIMITS.contentsPerPart - rack.contents.length)
    return { ...rack, contents: closedUp([...rack.contents, ...some.map((frame) => ({ ...frame, place: 0 }))]) }
  }
  const edits = racks.flatMap((rack): Edit[] => {
    const full = hung(rack)
    return full.contents.length > rack.contents.length ? [partEdit(rack, full)] : []
  })
  for (let at = parts.length; left.length > 0; at++) edits.push({ kind: 'stock-part', at, part: hung(newRack()) })
  return together(...edits)
}

/** Takes frames off the racks; a rack that is left empty goes as well. */
export function dropFrames(racks: readonly Part[], ids: ReadonlySet<string>): Edit {
  return together(
    ...racks.flatMap((rack): Edit[] => {
      const contents = rack.contents.filter(({ id }) => !ids.has(id))
      if (contents.length === rack.contents.length) return []
      return contents.length === 0
        ? [{ kind: 'drop-part', partId: rack.id }]
        : [partEdit(rack, { ...rack, contents: closedUp(contents) })]
    }),
  )
}
