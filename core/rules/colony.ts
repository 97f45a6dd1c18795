import { isClosed } from '../yard'
import type { Context, MeasuredHive } from './context'
import { findingOf, type Finding } from './finding'

/** Whether a keeper may let a finding stay: what a colony holds ends by what is written in its book. */
export function mayStay({ rule, facts }: Pick<Finding, 'rule' | 'facts'>): boolean {
  return !rule.startsWith('colony.') || ('held' in facts && !facts.held)
}

/** Deaths after which nobody knows what the kit carries. */
const MAY_BE_DISEASE: ReadonlySet<string | undefined> = new Set(['disease', 'not-known', undefined])

/**
 * A colony that is dead, gone, or closed for a sign, before all else: nothing is good about its hive. Common practice.
 */
export function checkColony({ assembled }: MeasuredHive, { colony }: Context): Finding[] {
  if (!colony) return []
  const ids = [assembled.hive.id]
  const { since, because = '', signs = [], holds } = colony
  const held = holds !== 'nothing'
  if (colony.is === 'dead') {
    const mayBeDisease = held && (MAY_BE_DISEASE.has(because) || signs.length > 0)
    return [
      findingOf('colony.dead', mayBeDisease ? 'stop' : held ? 'mend' : 'watch', ids, {
        facts: { of: because, since, held, mayBeDisease },
      }),
    ]
  }
  if (colony.is === 'empty')
    return [
      findingOf('colony.empty', signs.length > 0 ? 'stop' : held ? 'mend' : 'watch', ids, {
        facts: { because, since, held },
      }),
    ]
  if (isClosed(colony)) return [findingOf('colony.closed', 'stop', ids, { facts: { signs, since } })]
  return holds === 'combs' ? [findingOf('colony.combs-held', 'watch', ids, { facts: { signs, since } })] : []
}

/** Rules that ask for a colony: of a hive without one they say nothing. */
export function asksForBees(rule: string): boolean {
  return rule.startsWith('season.') || rule.startsWith('room.')
}
