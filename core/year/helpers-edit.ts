import { applyEdit, findPart, isEdit, isHelpersEdit, leavesOf, type Edit, type Hive, type Yard } from '../yard'

/**
 * Whether who helps may make this edit on a yard as it is: what was seen on the combs of a hive, a loan, or what
 * belongs to the step that is due of a visit that runs, on its own hive and its own parts, and nothing else. Common
 * practice: a helper ticks and looks, the keeper plans.
 */
export function mayHelperMake(yard: Yard, edit: Edit): boolean {
  if (!isHelpersEdit(edit)) return false
  const leaves = leavesOf(edit)
  const visits = leaves.flatMap((leaf) => (isEdit(leaf, 'set-visit') ? [leaf] : []))
  const [visit, ...more] = visits
  if (!visit) return true
  const hive = yard.hives.find(({ id }) => id === visit.hiveId)
  if (!hive?.visit || more.length > 0) return false
  // The visit goes on, or ends: it is never another one.
  if (visit.visit && visit.visit.id !== hive.visit.id) return false
  const step = hive.visit.steps[hive.visit.done]
  const own = new Set([step?.partId, ...(step?.sortInto ?? [])])
  return (
    applyEdit(yard, edit).ok && leaves.every((leaf) => isEdit(leaf, 'set-visit') || isOfStep(leaf, hive, own, yard))
  )
}

/** A leaf that does something to this hive, and to the parts of its step only. */
function isOfStep(leaf: Edit, hive: Hive, own: ReadonlySet<string | undefined>, yard: Yard): boolean {
  if (isEdit(leaf, 'set-hive'))
    return (
      leaf.hiveId === hive.id &&
      leaf.name === undefined &&
      (leaf.stage === undefined || leaf.stage === hive.visit?.toStage)
    )
  if (isEdit(leaf, 'take-off', 'detach-part', 'discard-part')) return leaf.hiveId === hive.id && own.has(leaf.partId)
  if (isEdit(leaf, 'place-part', 'set-placement')) return leaf.hiveId === hive.id && own.has(leaf.placement.partId)
  if (isEdit(leaf, 'add-part', 'attach-part')) return leaf.hiveId === hive.id && isNewOrOwn(leaf.part.id, own, yard)
  if (isEdit(leaf, 'change-part')) return own.has(leaf.partId) && leaf.change.name === undefined
  if (isEdit(leaf, 'stock-part')) return isNewOrOwn(leaf.part.id, own, yard)
  return isEdit(leaf, 'drop-part') && own.has(leaf.partId)
}

const isNewOrOwn = (partId: string, own: ReadonlySet<string | undefined>, yard: Yard) =>
  own.has(partId) || findPart(yard, partId) === undefined
