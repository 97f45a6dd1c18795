import { isClosed } from '../../yard'
import { oneOf, type Rule } from '../rule'
import { writtenOf } from './written'

/** A colony that is closed for a sign: nothing goes in or out. Common practice. */
export const CLOSED: Rule<'colony.closed', { readonly signs: readonly string[]; readonly since: string }> = {
  id: 'colony.closed',
  of: 'book',
  find: (measured, context) => {
    const written = writtenOf(measured, context)
    if (!written || !isClosed(written.colony)) return []
    const { ids, signs, since } = written
    return oneOf({ severity: 'stop', partIds: ids, facts: { signs, since } })
  },
}
