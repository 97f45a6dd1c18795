import type { Edit } from '../edits/edit'
import { findPart, type Hive, type Yard } from '../model/yard'
import type { Content } from '../../parts'
import { heldAfter } from '../log/past'
import { partEdit } from '../edits/change-part'
import { takeOff } from './take-off'
import { together } from './together'

/**
 * Boxes whose honey was taken: they have held honey, their combs are drawn and empty, and where they came off they are
 * in the shed. One edit that can be undone.
 */
export function takeCrop(yard: Yard, hive: Hive, boxIds: readonly string[], cameOff: boolean): Edit | undefined {
  const standing = hive.stack.filter(({ partId }) => boxIds.includes(partId)).reverse()
  const edits = standing.flatMap(({ partId, role }): Edit[] => {
    const part = findPart(yard, partId)
    if (!part) return []
    const emptied = { ...heldAfter(part, role, 'crop'), contents: part.contents.map(emptiedComb) }
    return [partEdit(part, emptied), ...(cameOff ? [takeOff(hive, partId)] : [])]
  })
  return edits.length > 0 ? together(...edits) : undefined
}

/** What hangs there and is no frame stays as it is. */
function emptiedComb(content: Content): Content {
  if (content.holds === undefined && content.comb === undefined) return { ...content, holds: 'empty' }
  const { stores: _taken, ...rest } = content
  return content.holds === undefined || content.holds === 'brood' ? rest : { ...rest, holds: 'empty' }
}
