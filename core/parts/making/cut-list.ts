import type { FramePiece } from './frame-bill'

/** Boards as bought, and the saw. Lengths in mm. */
export interface Stock {
  readonly lengthMm: number
  readonly widthMm: number
  readonly kerfMm: number
}

interface CutPiece {
  readonly name: FramePiece['name']
  readonly lengthMm: number
}

/** A strip ripped from a board, cross-cut into pieces. */
interface Strip {
  readonly widthMm: number
  readonly pieces: readonly CutPiece[]
  readonly cuts: number
  readonly wasteMm: number
}

/** A board with the strips ripped from it. */
interface CutBoard {
  readonly thicknessMm: number
  readonly strips: readonly Strip[]
  readonly rips: number
  readonly wasteWidthMm: number
}

/** The boards of one thickness. */
export interface CutGroup {
  readonly thicknessMm: number
  readonly boards: readonly CutBoard[]
  /** Boards that no cutting can do without: by area, and by length in each width. */
  readonly leastBoards: number
  readonly usedShare: number
}

/** Why a cut list cannot be cut from this stock. */
export type CutProblem =
  | {
      readonly field: 'kerf'
      readonly problem: 'negative' | 'wider-than-piece'
      readonly mm: number
      readonly limitMm: number
    }
  | {
      readonly field: 'length' | 'width'
      readonly problem: 'shorter-than-piece' | 'not-a-board'
      readonly mm: number
      readonly limitMm: number
    }
  | { readonly field: 'pieces'; readonly problem: 'too-many'; readonly mm: number; readonly limitMm: number }

/** How many pieces a cut list takes at most. */
const MOST_PIECES = 2000

/** What makes a cut list impossible, or undefined. */
export function cutProblem(
  pieces: readonly FramePiece[],
  { lengthMm, widthMm, kerfMm }: Stock,
): CutProblem | undefined {
  const longest = Math.max(...pieces.map((piece) => piece.lengthMm))
  const widest = Math.max(...pieces.map((piece) => piece.widthMm))
  const smallest = Math.min(...pieces.flatMap((piece) => [piece.lengthMm, piece.widthMm]))
  const count = pieces.reduce((sum, piece) => sum + piece.count, 0)
  if (!(kerfMm >= 0)) return { field: 'kerf', problem: 'negative', mm: kerfMm, limitMm: smallest }
  if (kerfMm >= smallest) return { field: 'kerf', problem: 'wider-than-piece', mm: kerfMm, limitMm: smallest }
  if (!(lengthMm > 0)) return { field: 'length', problem: 'not-a-board', mm: lengthMm, limitMm: longest }
  if (!(widthMm > 0)) return { field: 'width', problem: 'not-a-board', mm: widthMm, limitMm: widest }
  if (lengthMm < longest) return { field: 'length', problem: 'shorter-than-piece', mm: lengthMm, limitMm: longest }
  if (widthMm < widest) return { field: 'width', problem: 'shorter-than-piece', mm: widthMm, limitMm: widest }
  return count > MOST_PIECES ? { field: 'pieces', problem: 'too-many', mm: count, limitMm: MOST_PIECES } : undefined
}

/**
 * Boards cut into pieces in two stages, rip then cross-cut, each by first-fit decreasing (Johnson 1973, from memory:
 * at most 11/9 of the best plus one); the least number of boards is printed beside it. Lengths in mm.
 * @throws RangeError for what `cutProblem` finds
 */
export function cutList(pieces: readonly FramePiece[], stock: Stock): CutGroup[] {
  const problem = cutProblem(pieces, stock)
  if (problem) throw new RangeError(`${problem.field}: ${problem.problem}`)
  const thicknesses = [...new Set(pieces.map(({ thicknessMm }) => key(thicknessMm)))].sort((a, b) => b - a)
  return thicknesses.map((thicknessMm) =>
    groupOf(
      pieces.filter((piece) => key(piece.thicknessMm) === thicknessMm),
      thicknessMm,
      stock,
    ),
  )
}

/** Sizes alike to a hundredth are one size. */
const key = (mm: number) => Math.round(mm * 100) / 100

function groupOf(pieces: readonly FramePiece[], thicknessMm: number, stock: Stock): CutGroup {
  const widths = [...new Set(pieces.map(({ widthMm }) => key(widthMm)))].sort((a, b) => b - a)
  const strips = widths.flatMap((widthMm) => {
    const lengths = pieces
      .filter((piece) => key(piece.widthMm) === widthMm)
      .flatMap((piece) => Array<CutPiece>(piece.count).fill({ name: piece.name, lengthMm: piece.lengthMm }))
    return packed(lengths, (piece) => piece.lengthMm, stock.lengthMm, stock.kerfMm).map(
      ({ items, cuts, wasteMm }): Strip => ({ widthMm, pieces: items, cuts, wasteMm }),
    )
  })
  const boards = packed(strips, (strip) => strip.widthMm, stock.widthMm, stock.kerfMm).map(
    ({ items, cuts, wasteMm }): CutBoard => ({ thicknessMm, strips: items, rips: cuts, wasteWidthMm: wasteMm }),
  )
  const areaMm2 = pieces.reduce((sum, piece) => sum + piece.count * piece.lengthMm * piece.widthMm, 0)
  return {
    thicknessMm,
    boards,
    leastBoards: leastBoards(pieces, widths, stock),
    usedShare: areaMm2 / (boards.length * stock.lengthMm * stock.widthMm),
  }
}

interface Bin<T> {
  readonly items: T[]
  usedMm: number
  cuts: number
  wasteMm: number
}

/** First-fit decreasing: the longest first, each into the first length that still takes it and its cut. */
function packed<T>(items: readonly T[], sizeOf: (item: T) => number, stockMm: number, kerfMm: number): Bin<T>[] {
  const bins: Bin<T>[] = []
  for (const item of [...items].sort((a, b) => sizeOf(b) - sizeOf(a))) {
    const size = sizeOf(item)
    let bin = bins.find(({ items: in_, usedMm }) => usedMm + in_.length * kerfMm + size <= stockMm + 1e-9)
    if (!bin) bins.push((bin = { items: [], usedMm: 0, cuts: 0, wasteMm: 0 }))
    bin.items.push(item)
    bin.usedMm += size
  }
  for (const bin of bins) {
    const between = (bin.items.length - 1) * kerfMm
    const left = stockMm - bin.usedMm - between
    // The last piece is cut free of what is left over; a rest thinner than the blade goes up in dust.
    bin.cuts = bin.items.length - 1 + (left > 1e-9 ? 1 : 0)
    bin.wasteMm = Math.max(0, left - (left > 1e-9 ? kerfMm : 0))
  }
  return bins
}

/** No cutting does with fewer: by area with the cut that each piece needs, and by strips in each width side by side. */
function leastBoards(
  pieces: readonly FramePiece[],
  widths: readonly number[],
  { lengthMm, widthMm, kerfMm }: Stock,
): number {
  const area = pieces.reduce(
    (sum, piece) => sum + piece.count * (piece.lengthMm + kerfMm) * (piece.widthMm + kerfMm),
    0,
  )
  const byArea = Math.ceil(area / ((lengthMm + kerfMm) * (widthMm + kerfMm)) - 1e-9)
  const byWidth = widths.reduce((sum, width) => {
    const long = pieces
      .filter((piece) => key(piece.widthMm) === width)
      .reduce((mm, piece) => mm + piece.count * (piece.lengthMm + kerfMm), 0)
    return sum + Math.ceil(long / (lengthMm + kerfMm) - 1e-9) * (width + kerfMm)
  }, 0)
  const ripsOnly = widths.length === 1 ? Math.ceil(byWidth / (widthMm + kerfMm) - 1e-9) : 0
  return Math.max(1, byArea, ripsOnly)
}
