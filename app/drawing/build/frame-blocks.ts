import type { FrameBill, FramePiece } from '#core/parts/making'
import type { HangingPattern } from '#core/parts'
import type { Block } from './block'

/** A frame or a board that hangs, and how its lengths are said. */
export interface FrameToDraw {
  readonly frame: HangingPattern
  readonly bill: FrameBill
  readonly say: (mm: number) => string
}

/** The bars as they stand in the frame, mm. */
export interface FrameBlocks {
  readonly lengthMm: number
  readonly heightMm: number
  /** From the end of a lug to the outside of the end bar. */
  readonly lugMm: number
  readonly lugThickMm: number
  readonly barThickMm: number
  readonly endThickMm: number
  readonly middleMm: number
  readonly top: readonly Block[]
  readonly ends: readonly Block[]
  readonly bottoms: readonly Block[]
  readonly wedge: Block | undefined
  readonly sheet: Block
  /** The board of a dummy, in place of bars. */
  readonly board: Block | undefined
}

/** The bars of a frame, or the bar and board of a dummy, at their places. */
export function frameBlocks({ frame, bill }: FrameToDraw): FrameBlocks {
  const piece = (name: string) => bill.pieces.find((one) => one.name === name)
  const [end, bottom, wedge, board] = [piece('end-bar'), piece('bottom-bar'), piece('wedge'), piece('board')]
  const [length, height, wide] = [frame.topBarLength.mm, frame.height.mm, frame.topBarWidth.mm]
  const [lug, lugThick, thick] = [
    (length - frame.lengthOverEndBars.mm) / 2,
    frame.lugThickness.mm,
    frame.topBarThickness.mm,
  ]
  const endThick = frame.endBarThickness.mm
  const middle = Math.max(wide, end?.widthMm ?? 0) / 2
  const across = (widthMm: number) => ({ y0: middle - widthMm / 2, y1: middle + widthMm / 2 })
  const inner = { x0: lug + endThick, x1: length - lug - endThick }
  const bottomThick = frame.bottomBarThickness.mm
  const endBar = (x0: number): Block => ({
    x0,
    x1: x0 + endThick,
    ...across(end?.widthMm ?? 0),
    z0: 0,
    z1: height - lugThick,
    of: 'timber',
  })
  return {
    lengthMm: length,
    heightMm: height,
    lugMm: lug,
    lugThickMm: lugThick,
    barThickMm: thick,
    endThickMm: endThick,
    middleMm: middle,
    top: [
      ...(board || thick <= lugThick
        ? []
        : [{ ...inner, ...across(wide), z0: height - thick, z1: height - lugThick, of: 'timber' as const }]),
      { x0: 0, x1: length, ...across(wide), z0: height - lugThick, z1: height, of: 'timber' },
    ],
    ends: end ? [endBar(lug), endBar(length - lug - endThick)] : [],
    bottoms: bottom ? bottomBars(bottom, bill.count, inner, middle) : [],
    wedge: wedge && {
      ...inner,
      y0: middle - wide / 2,
      y1: middle - wide / 2 + wedge.widthMm,
      z0: height - thick - wedge.thicknessMm,
      z1: height - thick,
      of: 'lit',
    },
    sheet: {
      x0: inner.x0 + 2,
      x1: inner.x1 - 2,
      ...across(2),
      z0: bottomThick + 2,
      z1: height - thick - 2,
      of: 'wax',
    },
    board: board && { ...endBar(lug), ...across(board.thicknessMm), x1: length - lug },
  }
}

/** One bottom bar in the middle, or two with the sheet between them. */
function bottomBars(bar: FramePiece, frames: number, inner: { x0: number; x1: number }, middleMm: number): Block[] {
  const one = (y0: number): Block => ({ ...inner, y0, y1: y0 + bar.widthMm, z0: 0, z1: bar.thicknessMm, of: 'timber' })
  return bar.count / frames === 2
    ? [one(middleMm - bar.widthMm - 2), one(middleMm + 2)]
    : [one(middleMm - bar.widthMm / 2)]
}
