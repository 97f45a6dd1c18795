import type { Across, AcrossGap } from '../../parts'
import { type Stage, meaningOf } from '../../yard'
import { comparableMm } from '../../units'
import type { Context } from '../context'
import type { Grade } from '../../stack'

/** What the bees do with a gap across a box. */
export type AcrossVerdict =
  | 'collides'
  | 'glued'
  | 'squeezed'
  | 'narrow'
  | 'passage'
  | 'bridged'
  | 'own-comb'
  | 'touches-wall'
  | 'at-wall'
  | 'fat-comb'
  | 'board'
  | 'to-draw'
  | 'wild'
  | 'empty-place'

/** A gap across a box with what bees do with it. */
export interface JudgedAcrossGap extends AcrossGap {
  readonly verdict: AcrossVerdict
  readonly grade: Grade
  /** The band of this place, mm; null where no figure decides. */
  readonly band: { readonly minMm: number; readonly maxMm: number } | null
}

interface Judgement {
  readonly verdict: AcrossVerdict
  readonly grade: Grade
}

const JUDGEMENTS = {
  collides: { verdict: 'collides', grade: 'stop' },
  emptySoon: { verdict: 'empty-place', grade: 'mend' },
  emptyLater: { verdict: 'empty-place', grade: 'watch' },
  wild: { verdict: 'wild', grade: 'mend' },
  toDraw: { verdict: 'to-draw', grade: 'good' },
  gluedBoard: { verdict: 'glued', grade: 'watch' },
  glued: { verdict: 'glued', grade: 'mend' },
  board: { verdict: 'board', grade: 'good' },
  squeezed: { verdict: 'squeezed', grade: 'watch' },
  narrow: { verdict: 'narrow', grade: 'note' },
  passage: { verdict: 'passage', grade: 'good' },
  ownComb: { verdict: 'own-comb', grade: 'mend' },
  bridged: { verdict: 'bridged', grade: 'watch' },
  touchesWall: { verdict: 'touches-wall', grade: 'note' },
  atWall: { verdict: 'at-wall', grade: 'good' },
  fatComb: { verdict: 'fat-comb', grade: 'note' },
  combAtWall: { verdict: 'own-comb', grade: 'watch' },
} as const satisfies Record<string, Judgement>

/**
 * What the bees will do with a gap across a box: two bees pass back to back in 8 to 13 mm between combs; the last
 * shoulder may touch a wall or stand up to 9.525 mm from it; a wider gap is bridged, and one that takes a comb gets
 * one. `drawnAtMm` is the widest pitch at which foundation is drawn straight. Common practice.
 */
export function judgeAcross(
  gap: AcrossGap,
  { pitchMm }: Pick<Across, 'pitchMm'>,
  drawnAtMm: number,
  { figures, stage }: Pick<Context, 'figures' | 'stage'>,
): JudgedAcrossGap {
  const atWall = gap.from === 'wall' || gap.to === 'wall'
  const atBoard = gap.from === 'board' || gap.to === 'board'
  const minMm = atWall ? 0 : atBoard ? figures.beeTightMm : figures.combGapMinMm
  const maxMm = atWall ? (atBoard ? pitchMm : figures.shoulderToWallMm) : figures.combGapMaxMm
  const { verdict, grade } = judgement(gap, atWall, atBoard, maxMm, pitchMm, drawnAtMm, figures, stage)
  const decided = verdict !== 'collides' && verdict !== 'empty-place' && verdict !== 'wild' && verdict !== 'to-draw'
  // Written out field by field: spreading so many is ten times as slow in the hot path.
  return {
    fromId: gap.fromId,
    toId: gap.toId,
    from: gap.from,
    to: gap.to,
    mm: gap.mm,
    plusMinusMm: gap.plusMinusMm,
    apartMm: gap.apartMm,
    emptyPlaces: gap.emptyPlaces,
    pitchMm: gap.pitchMm,
    y0: gap.y0,
    y1: gap.y1,
    verdict,
    grade,
    band: decided ? { minMm, maxMm } : null,
  }
}

function judgement(
  gap: AcrossGap,
  atWall: boolean,
  atBoard: boolean,
  maxMm: number,
  pitchMm: number,
  drawnAtMm: number,
  figures: Context['figures'],
  stage: Stage,
): Judgement {
  const apart = comparableMm(gap.apartMm)
  if (apart < 0) return JUDGEMENTS.collides
  if (gap.emptyPlaces > 0) return meaningOf(stage).buildsComb ? JUDGEMENTS.emptySoon : JUDGEMENTS.emptyLater
  if (atWall) {
    if (!atBoard && apart < figures.beeTightMm) return JUDGEMENTS.touchesWall
    if (apart <= comparableMm(maxMm)) return atBoard ? JUDGEMENTS.board : JUDGEMENTS.atWall
    return apart <= comparableMm(pitchMm) ? JUDGEMENTS.fatComb : JUDGEMENTS.combAtWall
  }
  if (gap.from === 'undrawn' || gap.to === 'undrawn')
    return !atBoard && comparableMm(gap.pitchMm) > comparableMm(drawnAtMm) ? JUDGEMENTS.wild : JUDGEMENTS.toDraw
  const value = comparableMm(gap.mm)
  if (value < figures.beeTightMm) return atBoard ? JUDGEMENTS.gluedBoard : JUDGEMENTS.glued
  if (value <= comparableMm(maxMm)) {
    if (atBoard) return JUDGEMENTS.board
    if (value < comparableMm(figures.beeSpaceMinMm)) return JUDGEMENTS.squeezed
    return value < figures.combGapMinMm ? JUDGEMENTS.narrow : JUDGEMENTS.passage
  }
  return value >= figures.broodCombMm + 2 * figures.beeSpaceMinMm ? JUDGEMENTS.ownComb : JUDGEMENTS.bridged
}
