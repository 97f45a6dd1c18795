import { oneOf, type Rule } from '../rule'
import { writtenOf } from './written'

/** A colony that lives, and whose combs stay with it. Common practice. */
export const COMBS_HELD: Rule<'colony.combs-held', { readonly signs: readonly string[]; readonly since: string }> = {
  id: 'colony.combs-held',
  of: 'book',
  find: (measured, context) => {
    const written = writtenOf(measured, context)
    if (written?.colony.is !== 'lives' || written.colony.holds !== 'combs') return []
    const { ids, signs, since } = written
    return oneOf({ severity: 'watch', partIds: ids, facts: { signs, since } })
  },
}
