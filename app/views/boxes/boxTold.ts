import { catalogueOf, resolvePart, type Part } from '#core/parts'
import { assessBox } from '#core/rules'
import { worse, type Grade } from '#core/stack'
import type { Yard } from '#core/yard'
import { capital, findingInWords, partDetail, severityWord, type Reader } from '#core/words'
import { boxName, namesAround } from '~/composables/boxName'

/** What is said of a box in a list: its name, what it is, its worst verdict and its first finding. */
export function boxTold(
  yard: Yard,
  part: Part,
  placement: Parameters<typeof assessBox>[1],
  context: Parameters<typeof assessBox>[2],
  reader: Reader,
) {
  const catalogue = catalogueOf(yard)
  const findings = assessBox(part, placement, context)
  const [first] = findings
  const what = first && findingInWords(first, namesAround(yard, part, reader.vocabulary), catalogue, reader).what
  return {
    part,
    name: capital(boxName(yard, part, reader.vocabulary)),
    detail: partDetail(resolvePart(part, catalogue), reader.vocabulary),
    grade: findings.reduce<Grade>((grade, { severity }) => worse(grade, severity), 'good'),
    say: first ? `${severityWord(first.severity)}: ${what}` : 'Nothing to mend',
  }
}
