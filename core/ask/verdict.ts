import { SEVERITIES, type Grade } from '../rules'
import type { Hive, Yard } from '../yard'
import { hiveIn, type HiveIn } from './hive-in'
import { findingInWords, severityWord, type Reader } from '../words'

/** What is said of a hive first, wherever it is seen from afar. */
export interface Verdict {
  readonly worst: Grade
  readonly says: string
}

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

/** The worst grade of a hive that counts, and what it is for, in a sentence. */
export function verdictOf(known: HiveIn, reader: Reader): Verdict {
  const worst = worstOf(known)
  if (worst === 'note') return { worst, says: 'Not a hive yet: bare ground' }
  const finding = known.assessment.findings.find(({ acceptance, severity }) => !acceptance && severity !== 'note')
  if (!finding) return { worst, says: 'Good: nothing to mend' }
  const { short } = findingInWords(finding, known.names(reader.vocabulary), known.context.catalogue, reader)
  return { worst, says: `${severityWord(worst)}: ${short}` }
}
