import type { Figures } from '../../figures'
import type { HangingPattern } from '../catalogue'
import { isFramePattern } from '../frame'

/** A piece of wood, with its finished size in mm. */
export interface FramePiece {
  readonly name: PieceName
  readonly count: number
  readonly lengthMm: number
  readonly widthMm: number
  readonly thicknessMm: number
}

type PieceName = 'top-bar' | 'end-bar' | 'bottom-bar' | 'wedge' | 'board' | 'side' | 'end' | 'end-board' | 'rail'

/** Nails, pins or screws of one kind at one place. */
export interface Fixing {
  readonly kind: 'nail' | 'brad' | 'gimp-pin' | 'screw' | 'box-nail'
  readonly lengthMm: number
  readonly place: FixingPlace
  readonly count: number
}

type FixingPlace = 'top-bar-down' | 'end-bar-sideways' | 'bottom-bar' | 'wedge' | 'corner' | 'rail' | 'board'

interface Foundation {
  readonly lengthMm: number
  readonly heightMm: number
  readonly sheets: number
  readonly kg: number
}

/** What a number of frames is made of. */
export interface FrameBill {
  readonly count: number
  readonly pieces: readonly FramePiece[]
  readonly fixings: readonly Fixing[]
  readonly foundation: Foundation | null
  /** Wood glue, mL. */
  readonly glueMl: number
}

/** What a frame is given to build on. */
export type FoundationKind = 'wax' | 'plastic' | 'none'

/** Top bars of 3/4 in are nailed, the thin ones of British frames pinned: that tells how the rest is put together. */
export function isNailed(frame: HangingPattern, { nailedFromMm }: Figures): boolean {
  return frame.topBarThickness.mm >= nailedFromMm
}

/**
 * The sheet of foundation for a frame, mm: the clear inside less 4 mm in length and 6 mm in height. From memory;
 * the clear inside is length over end bars less both end bars, height less top and bottom bar.
 */
export function foundationSheet(
  frame: HangingPattern,
  figures: Figures,
): { readonly lengthMm: number; readonly heightMm: number } {
  return {
    lengthMm: frame.lengthOverEndBars.mm - 2 * frame.endBarThickness.mm - figures.foundationShorterMm,
    heightMm: frame.height.mm - frame.topBarThickness.mm - frame.bottomBarThickness.mm - figures.foundationLowerMm,
  }
}

/**
 * What so many frames (or dummies) are made of. Sizes from the pattern; nails and pins by common practice.
 * @throws RangeError when the count is not a whole number from 1 to 1000
 */
export function frameBill(
  frame: HangingPattern,
  count: number,
  figures: Figures,
  foundation: FoundationKind = 'wax',
): FrameBill {
  if (!Number.isInteger(count) || count < 1 || count > 1000) throw new RangeError(`not a count of frames: ${count}`)
  const one = isFramePattern(frame) ? frameParts(frame, figures) : boardParts(frame, figures)
  const sheet = foundationSheet(frame, figures)
  const takesSheet = isFramePattern(frame) && foundation !== 'none'
  return {
    count,
    pieces: one.pieces.map((piece) => ({ ...piece, count: piece.count * count })),
    fixings: one.fixings
      .filter(({ place }) => place !== 'wedge' || foundation !== 'none')
      .map((fixing) => ({ ...fixing, count: fixing.count * count })),
    foundation: takesSheet
      ? {
          ...sheet,
          sheets: count,
          kg:
            foundation === 'wax' ? (count * sheet.lengthMm * sheet.heightMm * figures.foundationMassKgPerM2) / 1e6 : 0,
        }
      : null,
    glueMl: count * figures.gluePerFrameMl,
  }
}

interface Parts {
  readonly pieces: readonly FramePiece[]
  readonly fixings: readonly Fixing[]
}

function frameParts(frame: HangingPattern, figures: Figures): Parts {
  const nailed = isNailed(frame, figures)
  const inside = frame.lengthOverEndBars.mm - 2 * frame.endBarThickness.mm
  const endBarWidth =
    frame.spacedBy === 'ends' || frame.spacedBy === 'nothing' ? frame.topBarWidth.mm : frame.spacing.mm
  const bottoms = nailed
    ? { count: 1, widthMm: figures.bottomBarWholeMm }
    : { count: 2, widthMm: figures.bottomBarSplitMm }
  return {
    pieces: [
      {
        name: 'top-bar',
        count: 1,
        lengthMm: frame.topBarLength.mm,
        widthMm: frame.topBarWidth.mm,
        thicknessMm: frame.topBarThickness.mm,
      },
      {
        name: 'end-bar',
        count: 2,
        lengthMm: frame.height.mm - frame.lugThickness.mm,
        widthMm: endBarWidth,
        thicknessMm: frame.endBarThickness.mm,
      },
      {
        name: 'bottom-bar',
        count: bottoms.count,
        lengthMm: frame.lengthOverEndBars.mm,
        widthMm: bottoms.widthMm,
        thicknessMm: frame.bottomBarThickness.mm,
      },
      { name: 'wedge', count: 1, lengthMm: inside, widthMm: figures.wedgeMm, thicknessMm: figures.wedgeMm },
    ],
    fixings: nailed
      ? [
          { kind: 'nail', lengthMm: figures.frameNailMm, place: 'top-bar-down', count: 4 },
          { kind: 'nail', lengthMm: figures.frameNailMm, place: 'end-bar-sideways', count: 2 },
          { kind: 'nail', lengthMm: figures.frameNailMm, place: 'bottom-bar', count: 4 },
          { kind: 'brad', lengthMm: figures.bradMm, place: 'wedge', count: 4 },
        ]
      : [
          { kind: 'gimp-pin', lengthMm: figures.gimpPinMm, place: 'end-bar-sideways', count: 4 },
          { kind: 'gimp-pin', lengthMm: figures.gimpPinMm, place: 'bottom-bar', count: 4 },
          { kind: 'gimp-pin', lengthMm: figures.gimpPinMm, place: 'wedge', count: 3 },
        ],
  }
}

/** A dummy or division: a top bar with a board under it. */
function boardParts(frame: HangingPattern, figures: Figures): Parts {
  const thicknessMm = (frame.thickness ?? frame.endBarThickness).mm
  return {
    pieces: [
      {
        name: 'top-bar',
        count: 1,
        lengthMm: frame.topBarLength.mm,
        widthMm: frame.topBarWidth.mm,
        thicknessMm: frame.lugThickness.mm,
      },
      {
        name: 'board',
        count: 1,
        lengthMm: frame.lengthOverEndBars.mm,
        widthMm: frame.height.mm - frame.lugThickness.mm,
        thicknessMm,
      },
    ],
    fixings: [{ kind: 'nail', lengthMm: figures.frameNailMm, place: 'board', count: 5 }],
  }
}
