import { comparableMm } from '../../units'
import { gapKey } from '../gaps'
import { bySeverity } from './grade'
import { outsideMm } from './band'
import type { JudgedGap } from './judge-gap'

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
