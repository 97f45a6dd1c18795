import { oneOf, type Rule } from '../rule'
import { writtenOf } from './written'

/** A colony that is gone. Common practice. */
export const EMPTY: Rule<'colony.empty', { readonly because: string; readonly since: string; readonly held: boolean }> =
  {
    id: 'colony.empty',
    of: 'book',
    find: (measured, context) => {
      const written = writtenOf(measured, context)
      if (written?.colony.is !== 'empty') return []
      const { ids, since, because, signs, held } = written
      return oneOf({
        severity: signs.length > 0 ? 'stop' : held ? 'mend' : 'watch',
        partIds: ids,
        facts: { because, since, held },
      })
    },
  }
