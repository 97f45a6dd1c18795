import type { Grade } from './checks'
import type { HiveIn } from './hive-in'
import { findingInWords, severityWord, type Reader } from './wording'

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

/** The worst grade of a hive that counts, and what it is for, in a sentence. */
export function verdictOf(known: HiveIn, reader: Reader): Verdict {
  const worst = worstOf(known)
  if (worst === 'note') return { worst, says: 'Not a hive yet: bare ground' }
  const finding = known.assessment.findings.find(({ acceptance, severity }) => !acceptance && severity !== 'note')
  if (!finding) return { worst, says: 'Good: nothing to mend' }
  const { short } = findingInWords(finding, known.names(reader.vocabulary), known.context.catalogue, reader)
  return { worst, says: `${severityWord(worst)}: ${short}` }
}
