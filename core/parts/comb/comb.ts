import type { Figures } from '../../figures'
import type { HangingPattern } from '../catalogue'
import type { FrameState } from '../model'

/**
 * Comb area of one side of a frame, dm²: (length over end bars − 2 end bars) × (height − top bar − bottom bar).
 * Common practice.
 */
export function combAreaDm2(frame: HangingPattern): number {
  const { widthMm, heightMm } = combSizeMm(frame)
  return (widthMm * heightMm) / 10_000
}

/** Width and height of the comb in a frame, between its bars, mm. */
export function combSizeMm(frame: HangingPattern): { readonly widthMm: number; readonly heightMm: number } {
  return {
    widthMm: frame.lengthOverEndBars.mm - 2 * frame.endBarThickness.mm,
    heightMm: frame.height.mm - frame.topBarThickness.mm - frame.bottomBarThickness.mm,
  }
}

/** What a box is used for where its frames do not say what they hold. */
export type CombUse = 'brood' | 'honey'

/**
 * Comb by what makes it thick: honey fills its room, brood has one thickness, a sheet or a bare frame none to speak of.
 */
export type CombKind = 'honey' | 'brood' | 'sheet' | 'bare'

/**
 * The kind of comb in a frame; drawn and of the box's use where nothing is said, and where it is empty: it is as thick
 * as it was drawn.
 */
export function combKindOf(frame: FrameState, use: CombUse): CombKind {
  const { comb, holds } = frame
  if (comb === 'wax-foundation' || comb === 'plastic-foundation') return 'sheet'
  if (comb === 'starter-strip' || comb === 'foundationless') return 'bare'
  if (holds === undefined || holds === 'empty') return use
  return holdsFood(frame) ? 'honey' : 'brood'
}

/** How much of a comb is sealed stores: a corner, half of it, all of it (from memory). */
export const STORES_SHARE = { corner: 1 / 6, half: 1 / 2, full: 1 } as const

/** The share of its cells that a comb holds of what it is said to hold. */
export function heldShare({ stores }: FrameState): number {
  return stores ? STORES_SHARE[stores] : 1
}

/** Bees still have to build it. */
export function isUndrawn({ comb }: FrameState): boolean {
  return comb !== undefined && comb !== 'drawn'
}

/** Built with nothing to follow but the comb beside it. */
export function isFoundationless({ comb }: FrameState): boolean {
  return comb === 'foundationless' || comb === 'starter-strip'
}

/**
 * Thickness of a comb to one side of its middle, mm, where the next frame hangs `pitchMm` away: sealed honey reaches
 * to 8 mm from its neighbour and no further than 20 mm; brood comb is 25 mm through. Common practice; the 40 mm
 * that bees draw at most is from memory.
 */
export function combHalfMm(kind: CombKind, pitchMm: number, figures: Figures): number {
  switch (kind) {
    case 'honey':
      return Math.max(0, Math.min(pitchMm - figures.combGapMm, figures.combMostMm)) / 2
    case 'brood':
      return figures.broodCombMm / 2
    case 'sheet':
      return figures.foundationSheetMm / 2
    case 'bare':
      return 0
  }
}

/** Thickness of sealed honey comb at a pitch, mm. */
export function honeyCombMm(pitchMm: number, figures: Figures): number {
  return 2 * combHalfMm('honey', pitchMm, figures)
}

/** True for a comb that holds food, sealed or not. */
export function holdsFood({ holds }: FrameState): boolean {
  return holds === 'capped-honey' || holds === 'nectar'
}
