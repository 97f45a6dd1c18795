import {
  boxBill,
  boxSteps,
  cutList,
  frameBill,
  frameSteps,
  type Corner,
  type FoundationKind,
  type Stock,
} from '#core/parts/making'
import { type HangingPattern, dimensionMm, type ResolvedPart } from '#core/parts'
import type { Figures } from '#core/figures'
import { pieceWord } from '#core/words'
import type { Drawing } from '#wire/drawing-schema'
import { boxApart, boxStepPicture } from './box-pictures'
import { boardPictures, piecePicture, type BoardPicture } from './flat-pictures'
import { frameApart, frameStepPicture } from './frame-pictures'

interface PieceDrawn {
  readonly word: string
  readonly count: number
  readonly thicknessMm: number
  readonly drawing: Drawing
}

/** Everything of a sheet that is drawn; the steps in the order of the sheet. */
export interface BuildDrawings {
  readonly apart: Drawing
  readonly pieces: readonly PieceDrawn[]
  readonly boards: readonly BoardPicture[]
  readonly steps: readonly Drawing[]
}
type Say = (mm: number) => string

/** A box in its boards. @throws RangeError for what boxBill and cutList refuse */
export function boxDrawings(part: ResolvedPart, count: number, corner: Corner, stock: Stock, say: Say): BuildDrawings {
  const bill = boxBill(part, count, corner)
  const box = { bill, lengthMm: dimensionMm(part, 'outsideLength'), widthMm: dimensionMm(part, 'outsideWidth'), say }
  return {
    apart: boxApart(box),
    pieces: bill.panels.map((panel) => pieceDrawn(panel, say)),
    boards: boardPictures(cutList(bill.panels, stock), stock, say),
    steps: boxSteps(part, corner).map((step) => boxStepPicture(step, box)),
  }
}

/** A frame or a board that hangs. @throws RangeError for what frameBill refuses */
export function frameDrawings(
  frame: HangingPattern,
  count: number,
  foundation: FoundationKind,
  figures: Figures,
  say: Say,
): BuildDrawings {
  const one = { frame, bill: frameBill(frame, count, figures, foundation), say }
  return {
    apart: frameApart(one),
    pieces: one.bill.pieces.map((piece) => pieceDrawn(piece, say)),
    boards: [],
    steps: frameSteps(frame, foundation, figures).map((step) => frameStepPicture(step, one)),
  }
}

function pieceDrawn(piece: Parameters<typeof piecePicture>[0], say: Say): PieceDrawn {
  const { name, count, thicknessMm } = piece
  return { word: pieceWord(name), count, thicknessMm, drawing: piecePicture(piece, say) }
}
