import { gapKey } from '../stack'
import type { HiveSide } from '../yard'
import { comparableMm } from '../units'
import { outsideMm } from './band'
import { bySeverity, type Finding } from './finding'
import type { JudgedGap } from './judge-gap'

/**
 * The findings of a hive that is uneven: of two at one place the graver is told, and the farther out of equals, with
 * its side and the figure of the other.
 */
export function findingsOfBoth(first: readonly Finding[], other: readonly Finding[]): Finding[] {
  const [onFirst, onOther] = [first, other].map((all) => new Map(all.map((finding) => [finding.key, finding])))
  return [...new Set([...onFirst!.keys(), ...onOther!.keys()])].map((key) => {
    const [a, b] = [onFirst!.get(key), onOther!.get(key)]
    if (!a || !b) return told((a ?? b)!, a ? 'first' : 'other', null)
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

/** The gaps of a hive that is uneven, each as it is on its worse side, where the first side is drawn. */
export function gapsOfBoth(first: readonly JudgedGap[], other: readonly JudgedGap[]): JudgedGap[] {
  const onOther = new Map(other.map((gap) => [gapKey(gap), gap]))
  return first.map((gap) => {
    const twin = onOther.get(gapKey(gap))
    if (!twin || comparableMm(twin.mm) === comparableMm(gap.mm)) return gap
    const grades = bySeverity({ severity: gap.grade }, { severity: twin.grade })
    const isOther = grades > 0 || (grades === 0 && gapOut(twin) > gapOut(gap))
    return isOther
      ? { ...twin, fromMm: gap.fromMm, toMm: gap.toMm, uneven: { side: 'other', elsewhereMm: gap.mm } }
      : { ...gap, uneven: { side: 'first', elsewhereMm: twin.mm } }
  })
}

const gapOut = ({ mm, band }: JudgedGap) => (band ? outsideMm(mm, band) : mm)
