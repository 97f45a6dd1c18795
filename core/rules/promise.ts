import { there } from '../units'
import { applyEdit, type Edit, type Yard } from '../yard'
import { outsideMm, type Band, SEVERITIES, type Severity } from '../stack'
import type { TriedHive } from './context'
import type { Finding } from './finding'
import type { Remedy } from './remedy'

/** A hive as it is judged: what is found, and each of its sides with its gaps. */
export interface Judgement {
  readonly findings: readonly Finding[]
  readonly sides: readonly TriedHive[]
}

/**
 * Of these ways out the ones that keep what they promise on the hive as it is judged, both sides and every rule: the
 * finding is gone, less grave or nearer its band, no less so on the worse side, and nothing else becomes as grave as it
 * was. The figure promised is that of the worse side.
 */
export function keptPromises(
  finding: Finding,
  before: Judgement,
  after: (edit: Edit) => Judgement | undefined,
  band: Band,
): readonly Remedy[] {
  return finding.ways().flatMap(({ resultIn, ...way }): Remedy[] => {
    const result = after(way.edit)
    if (!result) return []
    if (getsGraver(before, result, finding) || !getsBetter(before, result, finding)) return []
    const own = finding.band ?? band
    const results = resultIn ? result.sides.flatMap((side) => resultIn(side) ?? []) : []
    const [worst] = results.sort((a, b) => outsideMm(b, own) - outsideMm(a, own))
    if (worst === undefined) return [way]
    const { onlyBetter: _told, ...plain } = way
    return [{ ...plain, resultMm: worst, ...(outsideMm(worst, own) > 0 ? { onlyBetter: true as const } : {}) }]
  })
}

/** What a hive is judged to be after an edit, once for each; undefined where it does not apply to the hive alone. */
export function triedOut(yard: Yard, judge: (yard: Yard) => Judgement): (edit: Edit) => Judgement | undefined {
  const known = new Map<string, Judgement | undefined>()
  return (edit) => {
    const key = JSON.stringify(edit)
    if (!known.has(key)) {
      const applied = applyEdit(yard, edit)
      known.set(key, applied.ok ? judge(applied.yard) : undefined)
    }
    return known.get(key)
  }
}

const rank = (severity: Severity) => SEVERITIES.indexOf(severity)

/** Findings by rule that are as grave as this or graver. */
function counted({ findings }: Judgement, least: Severity): Map<string, number> {
  const counts = new Map<string, number>()
  for (const { rule, severity } of findings)
    if (rank(severity) <= rank(least)) counts.set(rule, (counts.get(rule) ?? 0) + 1)
  return counts
}

/** Some rule finds more that is as grave as what was to be mended, or anything more that is graver than that. */
function getsGraver(before: Judgement, after: Judgement, { severity }: Finding): boolean {
  // What is no more than a note is not grave: one may come for another.
  const most = Math.min(rank(severity), rank('watch'))
  return SEVERITIES.filter((one) => rank(one) <= most).some((one) => {
    const was = counted(before, one)
    return [...counted(after, one)].some(([rule, count]) => count > (was.get(rule) ?? 0))
  })
}

function getsBetter(before: Judgement, after: Judgement, finding: Finding): boolean {
  const now = after.findings.find(({ key }) => key === finding.key)
  if (rank(now?.severity ?? 'note') > rank(finding.severity)) return true
  const [was, is] = [before, after].map((one) => counted(one, finding.severity).get(finding.rule) ?? 0)
  if (!now && there(is) < there(was)) return true
  const [outBefore, outAfter] = [before, after].map(({ sides }) => Math.max(...sides.map((side) => side.outsideMm)))
  if (there(outAfter) < there(outBefore) - 0.01) return true
  return now !== undefined && farOut(now) < farOut(finding) - 0.01
}

/** How far a figure lies outside its band, mm; where it has none, how much it is. */
const farOut = ({ measured, band }: Finding) =>
  !measured ? Number.POSITIVE_INFINITY : band ? outsideMm(measured.mm, band) : Math.abs(measured.mm)
