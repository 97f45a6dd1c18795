import type { BoxBill, BoxStep } from '#core/parts/making'
import { apart, boxBlocks, type BoxBlocks } from './box-blocks'
import { moved, onPaper, type Block, type Point, type Point3 } from './block'
import { Pen } from './pen'
import type { Drawing } from '#wire/drawing-schema'

/** A box of boards, how large it is, and how its lengths are said. */
export interface BoxToDraw {
  readonly bill: BoxBill
  readonly lengthMm: number
  readonly widthMm: number
  readonly say: (mm: number) => string
}
/** How wide a picture of a step is shown. */
export const STEP_PX = 200
/** How wide the box apart is shown. */
export const APART_PX = 620
const PULLED_MM = 130

const together = ({ front, back, left, right }: BoxBlocks) => [...front, ...back, ...left, ...right]
/** Box and pen for a picture of a step. */
type Draw = (box: BoxBlocks, pen: Pen) => void

/** The box taken apart, with the sizes that it is cut by. */
export function boxApart({ bill, lengthMm, widthMm, say }: BoxToDraw): Drawing {
  const box = boxBlocks(bill, lengthMm, widthMm)
  const by = PULLED_MM
  const pen = new Pen(lengthMm + 2 * by + 0.36 * (widthMm + 2 * by), APART_PX, say).blocks(apart(box, by))
  drawHolds(box, pen, ['front', 'right'], by)
  drawRest(box, pen, -by)
  const side = box.front
  const [x0, x1] = [Math.min(...side.map((one) => one.x0)), Math.max(...side.map((one) => one.x1))]
  pen.sizeIn([x0, -by, -40], [x1, -by, -40], x1 - x0)
  const far: Point3 = [lengthMm + by + 80, widthMm, 0]
  pen.sizeIn(far, [far[0], far[1], box.depthMm], box.depthMm)
  const [y0, y1] = [Math.min(...box.right.map((one) => one.y0)), Math.max(...box.right.map((one) => one.y1))]
  pen.sizeIn([lengthMm + by + 40, y0, 0], [lengthMm + by + 40, y1, 0], y1 - y0)
  return pen.drawing()
}

/** Hand-holds on the outer faces that are seen: of the front side and the right end. */
function drawHolds(
  { hold, lengthMm, widthMm, depthMm }: BoxBlocks,
  pen: Pen,
  on: readonly ('front' | 'right')[],
  pulledMm = 0,
): void {
  if (!hold) return
  const half = hold.lengthMm / 2
  const [low, high] = [depthMm - hold.centreBelowTopMm - 12, depthMm - hold.centreBelowTopMm + 12]
  const ring = (at: (along: number, z: number) => Point3): Point3[] => [
    at(-half, low),
    at(half, low),
    at(half, high),
    at(-half, high),
  ]
  if (on.includes('front')) pen.lit(ring((along, z) => [lengthMm / 2 + along, -pulledMm, z]))
  if (on.includes('right')) pen.lit(ring((along, z) => [lengthMm + pulledMm, widthMm / 2 + along, z]))
}

/** The ledge of the frame rest on the left end, whose inner face is seen. */
function drawRest({ rest, rabbet, endMm, widthMm, depthMm }: BoxBlocks, pen: Pen, leftX = 0): void {
  if (!rest) return
  const [x0, x1, z] = [leftX + endMm - rest.widthMm, leftX + endMm, depthMm - rest.depthMm]
  const in_ = rabbet?.widthMm ?? 0
  pen.lit([
    [x0, in_, z],
    [x1, in_, z],
    [x1, widthMm - in_, z],
    [x0, widthMm - in_, z],
  ])
}

const board = (lengthMm: number, widthMm: number, thickMm: number): Block => ({
  x0: 0,
  x1: lengthMm,
  y0: 0,
  y1: thickMm,
  z0: 0,
  z1: widthMm,
  of: 'timber',
})

/** A left end by itself, its inner face to the right. */
const leftEnd: Draw = (box, pen) => void pen.blocks(box.left)

const DRAWN: Readonly<Record<BoxStep, Draw>> = {
  'box-choose-boards': (box, pen) => {
    // End grain of a board that stands: the rings are round the heart, which lies towards the outside.
    const [w, t] = [box.lengthMm * 0.6, box.lengthMm * 0.13]
    pen.flat([
      [0, 0],
      [t, 0],
      [t, w],
      [0, w],
    ])
    for (const r of [0.35, 0.6, 0.85]) {
      const ring = Array.from({ length: 13 }, (_, i): Point => {
        const turn = (i / 12 - 0.5) * Math.PI * 0.9
        return [t * 1.1 * r * Math.cos(turn), w / 2 + (w / 2) * r * Math.sin(turn) * 1.05]
      })
      pen.line(ring, 'grain')
    }
    pen.arrow([-t * 0.2, w / 2], [-t * 1.6, w / 2]).word([-t * 2, w * 0.3], 'heart side out')
    pen.word([t * 2.8, w * 0.5], 'inside')
  },
  'box-rip': (box, pen) => {
    const wide = box.depthMm * 1.2
    pen.blocks([board(box.lengthMm, wide, box.sideMm)])
    pen.lineIn(
      [
        [0, 0, box.depthMm],
        [box.lengthMm, 0, box.depthMm],
      ],
      'cut',
    )
    pen.sizeIn([box.lengthMm * 0.5, 0, 0], [box.lengthMm * 0.5, 0, box.depthMm], box.depthMm)
  },
  'box-cross-cut': (box, pen) => {
    const [x0, x1] = [Math.min(...box.front.map((one) => one.x0)), Math.max(...box.front.map((one) => one.x1))]
    const length = x1 - x0
    pen.blocks([board(length * 1.35, box.depthMm, box.sideMm)])
    pen.lineIn(
      [
        [length, 0, 0],
        [length, 0, box.depthMm],
        [length, box.sideMm, box.depthMm],
      ],
      'cut',
    )
    pen.sizeIn([0, 0, box.depthMm * 0.5], [length, 0, box.depthMm * 0.5], length)
  },
  'box-rest': (box, pen) => {
    leftEnd(box, pen)
    drawRest(box, pen)
  },
  'box-rabbet': (box, pen) => {
    leftEnd(box, pen)
    const { rabbet, endMm, widthMm, depthMm, rest } = box
    if (!rabbet) return
    const x = endMm - rabbet.depthMm
    const high = depthMm - (rest && rest.widthMm > rabbet.depthMm ? rest.depthMm : 0)
    for (const y of [0, widthMm - rabbet.widthMm])
      pen.lit([
        [x, y, 0],
        [x, y + rabbet.widthMm, 0],
        [x, y + rabbet.widthMm, high],
        [x, y, high],
      ])
  },
  'box-fingers': (box, pen) => {
    const pulled = box.front.map((one) => moved(one, [0, -box.endMm * 3, 0]))
    const lit = (blocks: readonly Block[]) => blocks.map((one, i) => (i > 0 ? { ...one, of: 'lit' as const } : one))
    pen.blocks([...lit(pulled), ...lit(box.right)])
  },
  'box-hand-holds': (box, pen) => {
    pen.blocks(box.front)
    drawHolds(box, pen, ['front'])
  },
  'box-rails': (box, pen) => void pen.blocks(box.right),
  'box-dry-fit': (box, pen) => {
    pen.blocks(together(box))
    const y = box.widthMm / 2
    const [x0, x1] = [box.endMm * 0.5, box.lengthMm - box.endMm * 0.5]
    const z = box.depthMm + 30
    pen.blocks([
      { x0, x1, y0: y - 13, y1: y + 13, z0: z + box.depthMm * 0.5, z1: z + box.depthMm * 0.5 + 12, of: 'lit' },
      { x0: x0 + 20, x1: x1 - 20, y0: y - 6, y1: y + 6, z0: z, z1: z + box.depthMm * 0.5, of: 'wax' },
    ])
    pen.arrowIn([box.lengthMm / 2, y, z], [box.lengthMm / 2, y, box.depthMm * 0.6])
  },
  'box-glue-nail': (box, pen) => {
    pen.blocks(together(box))
    for (const share of [0.15, 0.5, 0.85]) {
      const z = box.depthMm * share
      pen.arrowIn([box.lengthMm + 90, box.sideMm / 2, z], [box.lengthMm + 6, box.sideMm / 2, z], 'nail')
      pen.dot(onPaper([box.lengthMm, box.sideMm, z]))
    }
  },
  'box-rests-up': (box, pen) => {
    pen.blocks(together(box))
    drawRest(box, pen)
    drawHolds(box, pen, ['front', 'right'])
    pen.arrowIn([-50, 0, 20], [-50, 0, box.depthMm])
    pen.word(onPaper([-50, 0, box.depthMm + 40]), 'up')
  },
  'box-square': (box, pen) => {
    const [l, w, skew] = [box.lengthMm, box.widthMm, 30]
    const outer: Point[] = [
      [0, 0],
      [l, skew],
      [l, w + skew],
      [0, w],
    ]
    const t = box.sideMm
    const inner: Point[] = [
      [t, t],
      [l - t, skew + t],
      [l - t, w + skew - t],
      [t, w - t],
    ]
    pen.flat(outer).flat(inner, 'plain')
    pen.line([outer[0]!, outer[2]!], 'cut').line([outer[1]!, outer[3]!], 'size')
    pen.arrow([l + 90, w + skew + 70], [l + 8, w + skew + 6]).arrow([-90, -70], [-8, -6])
  },
  'box-paint': (box, pen) => {
    pen.blocks(together(box))
    const { lengthMm: l, widthMm: w, depthMm: d } = box
    pen.lit([
      [0, 0, 0],
      [l, 0, 0],
      [l, 0, d],
      [0, 0, d],
    ])
    pen.lit([
      [l, 0, 0],
      [l, w, 0],
      [l, w, d],
      [l, 0, d],
    ])
  },
}

/** What a step of building a box looks like. */
export function boxStepPicture(step: BoxStep, { bill, lengthMm, widthMm, say }: BoxToDraw): Drawing {
  const box = boxBlocks(bill, lengthMm, widthMm)
  const pen = new Pen(lengthMm * 1.4, STEP_PX, say)
  DRAWN[step](box, pen)
  return pen.drawing()
}
