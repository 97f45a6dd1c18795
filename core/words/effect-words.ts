import { gapsChangedBy, hiveIn, verdictsChangedBy } from '../ask'
import { bySeverity } from '../stack'
import { showLength } from '../units'
import type { Edit, Yard } from '../yard'
import { counted, type Reader } from './names'
import { severityWord } from './severity-words'

/** What a figure of one's own would change, told before it is kept; the worst gap first. */
export interface ToldEffect {
  readonly verdicts: readonly string[]
  readonly gaps: readonly string[]
}

/** What an edit of a yard's figures would change in its verdicts and gaps. */
export function effectInWords(yard: Yard, edit: Edit, reader: Reader): ToldEffect {
  const grade = (one: Parameters<typeof severityWord>[0]) => severityWord(one).toLowerCase()
  const verdicts = (verdictsChangedBy(yard, edit) ?? []).map(
    ({ from, to, hives }) =>
      `${hives} of ${counted(yard.hives.length, 'hive')} would go from ${grade(from)} to ${grade(to)}`,
  )
  const gaps = [...(gapsChangedBy(yard, edit) ?? [])]
    .sort((a, b) => bySeverity({ severity: a.afterGrade }, { severity: b.afterGrade }))
    .map(({ hiveId, hiveName, lowerId, upperId, beforeMm, afterMm, afterGrade }) => {
      const hive = yard.hives.find(({ id }) => id === hiveId)
      const names = hive && hiveIn(yard, hive).names(reader.vocabulary)
      const [was, is] = [beforeMm, afterMm].map((mm) => showLength(mm, reader.units))
      const gap = `${names?.get(upperId)} over ${names?.get(lowerId)}`
      return `${hiveName}: ${gap}, ${was} becomes ${is}, ${grade(afterGrade)}`
    })
  return { verdicts, gaps }
}
