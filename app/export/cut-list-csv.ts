import Papa from 'papaparse'
import type { CutGroup, Panel } from '#core/parts/making'
import { pieceWord } from '#core/words'

/** A cut list as CSV: one row a piece, lengths in mm to a hundredth, a decimal point. */
export function cutListCsv(panels: readonly Panel[], groups: readonly CutGroup[]): string {
  const rows = groups.flatMap(({ thicknessMm, boards }) =>
    boards.flatMap(({ strips }, b) =>
      strips.flatMap((strip, s) =>
        strip.pieces.map(({ name, lengthMm }) => ({
          board: `${thicknessMm.toFixed(2)}-${b + 1}`,
          strip: s + 1,
          piece: pieceWord(name),
          length_mm: lengthMm.toFixed(2),
          width_mm: strip.widthMm.toFixed(2),
          thickness_mm: thicknessMm.toFixed(2),
        })),
      ),
    ),
  )
  const needed = panels.reduce((sum, { count }) => sum + count, 0)
  if (rows.length !== needed) throw new RangeError(`the cut list has ${rows.length} pieces of ${needed}`)
  return `${Papa.unparse(rows)}\r\n`
}
