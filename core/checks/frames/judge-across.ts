import type { Across, AcrossGap } from '../../geometry'
import type { Stage } from '../../hive'
import { comparableMm } from '../../units'
import { FORMULA } from '../../formula'
import type { Context } from '../context'
import type { Grade } from '../finding'

/** What the bees do with a gap across a box. */
export type AcrossVerdict =
  | 'collides' | 'glued' | 'squeezed' | 'narrow' | 'passage' | 'bridged' | 'own-comb'
  | 'at-wall' | 'fat-comb' | 'board' | 'to-draw' | 'wild' | 'empty-place'

export interface JudgedAcrossGap extends AcrossGap {
  readonly verdict: AcrossVerdict
  readonly grade: Grade
  /** The range accepted at this place, mm; null where no figure decides. */
  readonly accepted: { readonly minMm: number; readonly maxMm: number } | null
}

/** Stages in which bees build wherever there is room. */
export const BUILDING_STAGES: ReadonlySet<Stage> = new Set(['settling', 'building-up', 'supering', 'flow'])

interface Judgement {
  readonly verdict: AcrossVerdict
  readonly grade: Grade
  readonly accepted?: JudgedAcrossGap['accepted']
}

/**
 * What the bees will do with a gap across a box: two bees pass back to back in 8 to 13 mm between combs; the last
 * shoulder may touch a wall or stand up to 9.525 mm from it; a wider gap is bridged, and one that takes a comb gets
 * one. `drawnAtMm` is the widest pitch at which foundation is drawn straight. Common practice.
 */
export function judgeAcross(gap: AcrossGap, { pitchMm }: Pick<Across, 'pitchMm'>, drawnAtMm: number, context: Pick<Context, 'limits' | 'stage'>): JudgedAcrossGap {
  const { verdict, grade, accepted } = judgement(gap, pitchMm, drawnAtMm, context)
  return { ...gap, verdict, grade, accepted: accepted ?? null }
}

function judgement(gap: AcrossGap, pitchMm: number, drawnAtMm: number, { limits, stage }: Pick<Context, 'limits' | 'stage'>): Judgement {
  if (comparableMm(gap.apartMm) < 0) return { verdict: 'collides', grade: 'stop' }
  if (gap.emptyPlaces > 0) return { verdict: 'empty-place', grade: BUILDING_STAGES.has(stage) ? 'mend' : 'watch' }
  const atWall = gap.from === 'wall' || gap.to === 'wall'
  const atBoard = gap.from === 'board' || gap.to === 'board'
  if (atWall) return wallJudgement(gap, pitchMm, atBoard, limits)
  if (gap.from === 'undrawn' || gap.to === 'undrawn') return !atBoard && comparableMm(gap.pitchMm) > comparableMm(drawnAtMm) ? { verdict: 'wild', grade: 'mend' } : { verdict: 'to-draw', grade: 'good' }
  const value = comparableMm(gap.mm)
  const accepted = { minMm: atBoard ? limits.beeTight : limits.combGapMin, maxMm: limits.combGapMax }
  if (value < limits.beeTight) return { verdict: 'glued', grade: atBoard ? 'watch' : 'mend', accepted }
  if (value <= limits.combGapMax) {
    if (atBoard) return { verdict: 'board', grade: 'good', accepted }
    if (value < comparableMm(limits.beeSpaceMin)) return { verdict: 'squeezed', grade: 'watch', accepted }
    return value < limits.combGapMin ? { verdict: 'narrow', grade: 'note', accepted } : { verdict: 'passage', grade: 'good', accepted }
  }
  const ownCombMm = FORMULA.broodComb.value + 2 * limits.beeSpaceMin
  return value >= ownCombMm ? { verdict: 'own-comb', grade: 'mend', accepted } : { verdict: 'bridged', grade: 'watch', accepted }
}

function wallJudgement({ apartMm }: AcrossGap, pitchMm: number, atBoard: boolean, { shoulderToWall }: Context['limits']): Judgement {
  const value = comparableMm(apartMm)
  const accepted = { minMm: 0, maxMm: atBoard ? pitchMm : shoulderToWall }
  if (value <= comparableMm(accepted.maxMm)) return { verdict: atBoard ? 'board' : 'at-wall', grade: 'good', accepted }
  return value <= comparableMm(pitchMm) ? { verdict: 'fat-comb', grade: 'note', accepted } : { verdict: 'own-comb', grade: 'watch', accepted }
}
