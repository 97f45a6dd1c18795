import { outsideMm, bySeverity } from '../stack'
import type { HiveSide } from '../yard'
import { comparableMm, there } from '../units'
import type { Finding } from './finding'

/**
 * The findings of a hive that is uneven: of two at one place the graver is told, and the farther out of equals, with
 * its side and the figure of the other.
 */
export function findingsOfBoth(first: readonly Finding[], other: readonly Finding[]): Finding[] {
  const [onFirst, onOther] = [first, other].map((all) => new Map(all.map((finding) => [finding.key, finding])))
  return [...new Set([...there(onFirst).keys(), ...there(onOther).keys()])].map((key) => {
    const [a, b] = [there(onFirst).get(key), there(onOther).get(key)]
    if (!a || !b) return told(there(a ?? b), a ? 'first' : 'other', null)
    if (mmOf(a) === mmOf(b) && a.severity === b.severity) return a
    const isOther = bySeverity(a, b) > 0 || (a.severity === b.severity && farOut(b) > farOut(a))
    return isOther ? told(b, 'other', mmOf(a)) : told(a, 'first', mmOf(b))
  })
}

const mmOf = ({ measured }: Finding) => (measured ? comparableMm(measured.mm) : null)
const farOut = ({ measured, band }: Finding) =>
  !measured ? 0 : band ? outsideMm(measured.mm, band) : Math.abs(measured.mm)
const told = (finding: Finding, side: HiveSide, elsewhereMm: number | null): Finding => ({
  ...finding,
  uneven: { side, elsewhereMm },
})
