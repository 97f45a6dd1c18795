import { panelOutlines, type CutGroup, type Panel, type FramePiece, type Stock } from '#core/parts/making'
import { pieceWord } from '#core/words'
import type { Drawing } from '#wire/drawing-schema'
import type { Point } from './block'
import { Pen } from './pen'

/** How wide a flat piece and a board are shown. */
const PIECE_PX = 300
const BOARD_PX = 620
type Say = (mm: number) => string

/** A piece lying flat, with what is cut into it and the sizes to cut by. */
export function piecePicture(piece: FramePiece & Partial<Pick<Panel, 'cuts'>>, say: Say): Drawing {
  const cuts = piece.cuts ?? []
  const outline = panelOutlines([{ ...piece, cuts }])[0]!
  const { lengthMm, widthMm } = piece
  const pen = new Pen(lengthMm * 1.15, PIECE_PX, say)
  // A path of the core counts upwards.
  const flat = ([x, y]: Point): Point => [x, widthMm - y]
  const beside = lengthMm * 0.07
  pen.flat(outline.edge.map(flat))
  for (const { line } of outline.marks) pen.line(line.map(flat), 'cut')
  pen.size([0, widthMm + beside], [lengthMm, widthMm + beside], lengthMm)
  pen.size([lengthMm + beside, widthMm], [lengthMm + beside, 0], widthMm)
  for (const cut of cuts) {
    if (cut.cut === 'frame-rest') pen.size([lengthMm * 0.2, 0], [lengthMm * 0.2, cut.depthMm], cut.depthMm)
    if (cut.cut === 'hand-hold')
      pen.size([lengthMm * 0.72, 0], [lengthMm * 0.72, cut.centreBelowTopMm], cut.centreBelowTopMm)
    if (cut.cut === 'rabbet') pen.size([0, widthMm * 0.8], [cut.widthMm, widthMm * 0.8], cut.widthMm)
    if (cut.cut === 'fingers') pen.size([0, widthMm * 0.5], [cut.depthMm, widthMm * 0.5], cut.depthMm)
  }
  return pen.drawing()
}

/** Boards that are cut alike. */
export interface BoardPicture {
  readonly count: number
  readonly thicknessMm: number
  readonly drawing: Drawing
}

/** Every kind of board with its strips and pieces, those alike drawn once. */
export function boardPictures(groups: readonly CutGroup[], stock: Stock, say: Say): BoardPicture[] {
  return groups.flatMap(({ boards, thicknessMm }) => {
    const kinds = new Map<string, { board: (typeof boards)[number]; count: number }>()
    for (const board of boards) {
      const key = JSON.stringify(board.strips)
      kinds.set(key, { board, count: (kinds.get(key)?.count ?? 0) + 1 })
    }
    return [...kinds.values()].map(({ board, count }) => ({
      count,
      thicknessMm,
      drawing: boardPicture(board, stock, say),
    }))
  })
}

function boardPicture({ strips }: CutGroup['boards'][number], stock: Stock, say: Say): Drawing {
  const pen = new Pen(stock.lengthMm, BOARD_PX, say)
  const rect = (x: number, y: number, w: number, h: number): Point[] => [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ]
  pen.flat(rect(0, 0, stock.lengthMm, stock.widthMm), 'plain')
  let y = 0
  for (const { widthMm, pieces } of strips) {
    let x = 0
    for (const { name, lengthMm } of pieces) {
      pen.flat(rect(x, y, lengthMm, widthMm))
      pen.word([x + lengthMm / 2, y + widthMm / 2], `${pieceWord(name)} ${say(lengthMm)}`)
      x += lengthMm + stock.kerfMm
      pen.line(
        [
          [x - stock.kerfMm / 2, y],
          [x - stock.kerfMm / 2, y + widthMm],
        ],
        'cut',
      )
    }
    y += widthMm + stock.kerfMm
    if (y < stock.widthMm)
      pen.line(
        [
          [0, y - stock.kerfMm / 2],
          [stock.lengthMm, y - stock.kerfMm / 2],
        ],
        'cut',
      )
  }
  return pen.drawing()
}
