import { oneOf, type Rule } from '../rule'
import { writtenOf } from './written'

/** Deaths after which nobody knows what the kit carries. */
const MAY_BE_DISEASE: ReadonlySet<string | undefined> = new Set(['disease', 'not-known', undefined])

/** A colony that is dead: nothing is good about its hive. Common practice. */
export const DEAD: Rule<
  'colony.dead',
  { readonly of: string; readonly since: string; readonly held: boolean; readonly mayBeDisease: boolean }
> = {
  id: 'colony.dead',
  of: 'book',
  find: (measured, context) => {
    const written = writtenOf(measured, context)
    if (written?.colony.is !== 'dead') return []
    const { ids, since, because, signs, held } = written
    const mayBeDisease = held && (MAY_BE_DISEASE.has(because) || signs.length > 0)
    return oneOf({
      severity: mayBeDisease ? 'stop' : held ? 'mend' : 'watch',
      partIds: ids,
      facts: { of: because, since, held, mayBeDisease },
    })
  },
}
