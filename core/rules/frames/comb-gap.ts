import { bySeverity } from '../../stack'
import { about } from '../../units'
import type { Rule } from '../rule'
import { inEachBox } from './filled-box'
import type { AcrossVerdict, JudgedAcrossGap } from './judge-across'

interface CombGapFacts {
  readonly verdict: AcrossVerdict
  readonly gaps: number
  readonly brood: boolean
  readonly board: boolean
}

/** The worst gap between two combs, or between a comb and a board, that bees will not keep as a passage. */
export const COMB_GAP: Rule<'frames.comb-gap', CombGapFacts> = {
  id: 'frames.comb-gap',
  of: 'box',
  find: inEachBox(({ box, across, gaps, use }) => {
    if (across.overlapMm > 0) return undefined
    const bad = gaps.filter(isNoPassage)
    const worst = bad.sort((a, b) => bySeverity({ severity: a.grade }, { severity: b.grade }) || b.mm - a.mm)[0]
    if (!worst || worst.grade === 'good') return undefined
    return {
      severity: worst.grade,
      partIds: [box.part.id],
      measured: about(worst.mm, worst.plusMinusMm),
      band: worst.band,
      facts: {
        verdict: worst.verdict,
        gaps: bad.length,
        brood: use === 'brood',
        board: worst.from === 'board' || worst.to === 'board',
      },
    }
  }),
}

function isNoPassage({ verdict, from, to }: JudgedAcrossGap): boolean {
  if (from === 'wall' || to === 'wall') return false
  return verdict === 'glued' || verdict === 'squeezed' || verdict === 'bridged' || verdict === 'own-comb'
}
