import { SEVERITIES, type Grade } from '../stack'
import type { Hive, Yard } from '../yard'
import { hiveIn, type HiveIn } from './hive-in'

/** The worst of a hive as it counts: a hive with notes only is good, bare ground is no hive yet. */
export function worstOf({ assembled, assessment }: HiveIn): Grade {
  if (assembled.stack.length === 0) return 'note'
  return assessment.worst === 'note' ? 'good' : assessment.worst
}

/** What is only noted asks for nothing. */
const COUNTING = SEVERITIES.filter((one) => one !== 'note')

/**
 * Hives by what they need: the gravest finding that is not accepted first, of those alike the one with more of it; else
 * they stay in their order.
 * @param today what is due by a day is judged only where the day is given
 */
export function neediestFirst(yard: Yard, hives: readonly Hive[], today?: string): Hive[] {
  const judged = hives.map((hive) => {
    const { findings } = hiveIn(yard, hive, today ? { today } : {}).assessment
    return {
      hive,
      counts: COUNTING.map(
        (one) => findings.filter(({ severity, acceptance }) => severity === one && !acceptance).length,
      ),
    }
  })
  return judged
    .toSorted((a, b) => {
      const at = a.counts.findIndex((count, i) => count !== b.counts[i])
      return at < 0 ? 0 : b.counts[at]! - a.counts[at]!
    })
    .map(({ hive }) => hive)
}
