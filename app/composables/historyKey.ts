import { useYards } from '~/stores/yards'

/** Undo and redo by their keys; true when the key was one of them. */
export function historyKey(event: KeyboardEvent, yardId: string | undefined): boolean {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || !yardId) return false
  event.preventDefault()
  const yards = useYards()
  if (event.shiftKey) yards.redo(yardId)
  else yards.undo(yardId)
  return true
}

/** Keys rest while something is typed or a dialog is open. */
export function keysRest(event: KeyboardEvent): boolean {
  return elementOf(event)?.closest('input, textarea, select, [contenteditable], .el-overlay') != null
}
