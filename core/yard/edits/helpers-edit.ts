import { isEdit, leavesOf, type Edit } from './edit'

/** What a step of a visit, or a look, may change: what stands where, what hangs in it, and the visit itself. */
function isOfAVisit(leaf: Edit): boolean {
  return isEdit(
    leaf,
    'set-visit',
    'add-part',
    'discard-part',
    'place-part',
    'take-off',
    'move-part',
    'set-placement',
    'attach-part',
    'detach-part',
    'change-part',
    'stock-part',
    'drop-part',
    'set-hive',
  )
}

/** What was seen at the hive: frames and readings, never the name or the pattern of a part. */
function isSeen(leaf: Edit): boolean {
  return (
    isEdit(leaf, 'set-visit') ||
    (isEdit(leaf, 'change-part') && Object.keys(leaf.change).every((field) => ['contents', 'readings'].includes(field)))
  )
}

/** Who has what of the shed: handing out and taking in is counting too. */
function isLoan(leaf: Edit): boolean {
  return isEdit(leaf, 'lend-part', 'take-back', 'borrow-part', 'give-back')
}

/**
 * Whether an edit is one that who helps makes: a step of a visit, what was seen on the combs, or a loan; undoing
 * it is one too. Common practice: a helper ticks and looks, the keeper plans.
 */
export function isHelpersEdit(edit: Edit): boolean {
  const leaves = leavesOf(edit)
  return (
    leaves.every(isSeen) ||
    (leaves.length > 0 && leaves.every(isLoan)) ||
    (leaves.some((leaf) => isEdit(leaf, 'set-visit')) && leaves.every(isOfAVisit))
  )
}
