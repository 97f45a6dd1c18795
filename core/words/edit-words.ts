import { isEdit, type Edit, type EditOf } from '../yard'

/** What an edit does, for the undo and redo buttons: `turning a part over`. */
export function editInWords(edit: Edit): string {
  switch (edit.kind) {
    case 'add-part':
    case 'place-part':
    case 'attach-part':
      return 'adding a part'
    case 'discard-part':
    case 'take-off':
    case 'detach-part':
      return 'taking a part off'
    case 'move-part':
      return 'moving a part'
    case 'set-placement':
      return 'turning or shifting a part'
    case 'set-part':
    case 'change-part':
      return 'changing a part'
    case 'set-hive':
      return 'changing the hive'
    case 'accept-finding':
      return 'accepting a finding'
    case 'withdraw-acceptance':
      return 'taking an acceptance back'
    case 'add-hive':
      return `adding hive ${edit.hive.name}`
    case 'remove-hive':
      return 'removing a hive'
    case 'replace-hive':
    case 'restore-hive':
      return `putting another version of ${edit.hive.name}`
    case 'set-yard':
      return 'changing the yard'
    case 'set-override':
      return edit.length ? 'overwriting a figure' : 'taking a figure back'
    case 'set-pattern':
    case 'set-hanging':
      return edit.pattern ? 'keeping a pattern' : 'removing a pattern'
    case 'stock-part':
      return 'adding to the shed'
    case 'drop-part':
      return 'dropping from the shed'
    case 'set-year':
      return 'changing the year'
    case 'set-way':
      return 'changing the plan of a hive'
    case 'set-visit':
      return edit.visit === null ? 'ending a visit' : edit.visit.done === 0 ? 'starting a visit' : 'ticking a step'
    case 'batch':
      if (has(edit.edits, 'set-visit')) return 'ticking a step'
      return has(edit.edits, 'add-part') && has(edit.edits, 'take-off')
        ? 'swapping a part'
        : edit.edits[0]
          ? editInWords(edit.edits[0])
          : 'a change'
    default:
      return loanInWords(edit)
  }
}

function loanInWords(edit: EditOf<'lend-part' | 'take-back' | 'borrow-part' | 'give-back'>): string {
  switch (edit.kind) {
    case 'lend-part':
      return `lending to ${edit.part.lent?.name ?? 'others'}`
    case 'take-back':
      return 'taking back what was lent'
    case 'borrow-part':
      return `borrowing from ${edit.part.borrowed?.name ?? 'others'}`
    case 'give-back':
      return 'giving back what was borrowed'
  }
}

function has(edits: readonly Edit[], sort: Edit['kind']): boolean {
  return edits.some((edit) => isEdit(edit, sort))
}
