import { type HangingPattern, combSizeMm } from '../parts'
import type { Figures } from '../figures'
import { honeyOfCombKg } from '../loads'

/** Pieces of comb honey that something gives, each of so much. */
export interface CombPieces {
  readonly count: number
  readonly eachKg: number
}

/** Honey in a piece of comb as cut, kg: side × side × its thickness, by what a sealed comb holds (common practice). */
function pieceKg(widthMm: number, heightMm: number, thicknessMm: number, figures: Figures): number {
  return honeyOfCombKg((widthMm * heightMm) / 1e4, thicknessMm, figures)
}

/**
 * Squares of 4 × 4 in that are cut from one frame, whole ones side by side, and the mass of one by the thickness of its
 * comb. Geometry.
 */
export function squaresOf(
  frame: HangingPattern,
  figures: Figures,
  thicknessMm: number = figures.squareCombMm,
): CombPieces {
  const { widthMm, heightMm } = combSizeMm(frame)
  const { squareSideMm } = figures
  return {
    count: Math.floor(widthMm / squareSideMm) * Math.floor(heightMm / squareSideMm),
    eachKg: pieceKg(squareSideMm, squareSideMm, thicknessMm, figures),
  }
}

/** Sections of a keeper's own size, inside, and the mass of one. @throws RangeError for a size that is none */
export function sectionKg(
  { widthMm, heightMm, thicknessMm }: Readonly<Record<'widthMm' | 'heightMm' | 'thicknessMm', number>>,
  figures: Figures,
): number {
  if (!(widthMm > 0 && heightMm > 0 && thicknessMm > 0))
    throw new RangeError('a section has a width, a height, a depth')
  return pieceKg(widthMm, heightMm, thicknessMm, figures)
}

/** The mass of one section of the usual size, kg. */
export const usualSectionKg = (figures: Figures): number =>
  pieceKg(figures.sectionSideMm, figures.sectionSideMm, figures.sectionThickMm, figures)
