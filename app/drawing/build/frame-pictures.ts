import type { FrameStep } from '#core/parts/making'
import type { Drawing } from '#wire/drawing-schema'
import { moved, onPaper, type Block, type Point, type Point3 } from './block'
import { APART_PX, STEP_PX } from './box-pictures'
import { frameBlocks, type FrameBlocks, type FrameToDraw } from './frame-blocks'
import { Pen } from './pen'

type Draw = (frame: FrameBlocks, pen: Pen) => void
const by = (blocks: readonly Block[], way: Point3, of?: Block['of']) => blocks.map((block) => moved(block, way, of))
/** Left and right end bars pulled outwards. */
const endsOut = ({ ends }: FrameBlocks, mm: number, of?: Block['of']) =>
  ends.map((block, i) => moved(block, [i === 0 ? -mm : mm, 0, 0], of))
const bare = (frame: FrameBlocks) => [...frame.top, ...frame.ends, ...frame.bottoms]
/** The outer lower corner of the top bar at both ends: where bars meet. */
const joints = ({ lugMm, lengthMm, heightMm, lugThickMm }: FrameBlocks): Point3[] =>
  [lugMm, lengthMm - lugMm].map((x) => [x, 0, heightMm - lugThickMm])
const lowJoints = ({ lugMm, lengthMm }: FrameBlocks): Point3[] => [lugMm, lengthMm - lugMm].map((x) => [x, 0, 4])

/** All pieces pulled away from each other. */
function pulledApart(frame: FrameBlocks): Block[] {
  const up = frame.heightMm * 0.22
  return [
    ...by(frame.top, [0, 0, up]),
    ...endsOut(frame, frame.lugMm + 30),
    // Out of the notches of the end bars, at their whole length.
    ...by(frame.bottoms, [0, 0, -up]).map((bar) => ({ ...bar, x0: frame.lugMm, x1: frame.lengthMm - frame.lugMm })),
    ...(frame.wedge ? [moved(frame.wedge, [0, 0, up * 0.6])] : []),
    ...(frame.board ? [frame.board] : []),
  ]
}

/** The frame taken apart, with the sizes that it is made to. */
export function frameApart(one: FrameToDraw): Drawing {
  const frame = frameBlocks(one)
  const pen = new Pen(frame.lengthMm * 1.35, APART_PX, one.say)
  const { lengthMm, heightMm, lugMm } = frame
  const up = heightMm * 0.22
  pen.blocks([...pulledApart(frame), ...(one.bill.foundation ? [frame.sheet] : [])])
  pen.sizeIn([0, 0, heightMm + up + 30], [lengthMm, 0, heightMm + up + 30], lengthMm)
  if (frame.board) {
    pen.sizeIn([lugMm, 0, -25], [lengthMm - lugMm, 0, -25], lengthMm - 2 * lugMm)
    pen.sizeIn([lugMm - 25, 0, 0], [lugMm - 25, 0, heightMm - frame.lugThickMm], heightMm - frame.lugThickMm)
    return pen.drawing()
  }
  const [x, high] = [-lugMm * 0.5 - 50, heightMm - frame.lugThickMm]
  pen.sizeIn([x, 0, 0], [x, 0, high], high)
  const bottom = frame.bottoms[0]
  if (bottom) pen.sizeIn([lugMm, 0, -up - 22], [lengthMm - lugMm, 0, -up - 22], lengthMm - 2 * lugMm)
  return pen.drawing()
}

/** Nails as arrows into these places. */
function nails(pen: Pen, at: readonly Point3[], [dx, dy, dz]: Point3): void {
  for (const [x, y, z] of at) pen.arrowIn([x + dx, y + dy, z + dz], [x, y, z], 'nail')
}

const inPlace: Draw = (frame, pen) => void pen.blocks([...bare(frame), frame.sheet])

const DRAWN: Readonly<Record<FrameStep, Draw>> = {
  'frame-check-bars': (frame, pen) => void pen.blocks(pulledApart(frame)),
  'frame-break-wedge': (frame, pen) => {
    pen.blocks(frame.top)
    if (!frame.wedge) return
    const way = moved(frame.wedge, [0, 0, -45])
    pen.blocks([way]).arrowIn([way.x1 * 0.8, 0, frame.wedge.z1], [way.x1 * 0.8, 0, way.z1 + 6])
  },
  'frame-glue': (frame, pen) => {
    pen.blocks([...frame.top, ...endsOut(frame, 24), ...by(frame.bottoms, [0, 0, -24])])
    for (const joint of [...joints(frame), ...lowJoints(frame)]) pen.dot(onPaper(joint))
  },
  'frame-end-bars-on': (frame, pen) => {
    const [away, z] = [50, frame.heightMm * 0.5]
    pen.blocks([...frame.top, ...by(frame.ends, [0, 0, -away], 'lit')])
    for (const x of [frame.lugMm, frame.lengthMm - frame.lugMm]) pen.arrowIn([x + 22, 0, z], [x + 22, 0, z + away])
  },
  'frame-end-bars-same-way': (frame, pen) => {
    // From above: the pointed shoulder of one meets the flat one of the next.
    const [l, w] = [frame.lengthMm, frame.middleMm * 2]
    for (const y of [0, w * 1.6]) {
      pen.flat([
        [0, y],
        [l, y],
        [l, y + w * 0.7],
        [0, y + w * 0.7],
      ])
      for (const x of [l * 0.12, l * 0.8]) {
        const [x1, m] = [x + l * 0.08, y - w * 0.3]
        pen.flat(
          [
            [x, y],
            [(x + x1) / 2, m],
            [x1, y],
            [x1, y + w],
            [x, y + w],
          ],
          'lit',
        )
      }
    }
    pen.arrow([l / 2, w * 2.7], [l / 2, w * 1.3])
  },
  'frame-nail-down': (frame, pen) => {
    pen.blocks(bare(frame))
    const y = frame.middleMm
    nails(
      pen,
      [frame.lugMm + 3, frame.lengthMm - frame.lugMm - 3].map((x) => [x, y, frame.heightMm]),
      [0, 0, 70],
    )
  },
  'frame-nail-sideways': (frame, pen) => {
    pen.blocks(bare(frame))
    const z = frame.heightMm - (frame.lugThickMm + frame.barThickMm) / 2
    const { lugMm, lengthMm, middleMm } = frame
    nails(pen, [[lugMm, middleMm, z]], [-80, 0, -30])
    nails(pen, [[lengthMm - lugMm, middleMm, z]], [80, 0, -30])
  },
  'frame-pin-sideways': (frame, pen) => {
    pen.blocks(bare(frame))
    const z = frame.heightMm - frame.lugThickMm - 4
    nails(
      pen,
      [frame.lugMm + 4, frame.lengthMm - frame.lugMm - 4].map((x) => [x, 0, z]),
      [-30, -120, -10],
    )
  },
  'frame-bottom-bars': (frame, pen) => {
    pen.blocks([...frame.top, ...frame.ends, ...by(frame.bottoms, [0, 0, -50], 'lit')])
    nails(
      pen,
      lowJoints(frame).map(([x, y]) => [x, y + frame.middleMm, -6]),
      [0, 0, -90],
    )
  },
  'frame-bottom-bars-and-sheet': (frame, pen) => {
    const low = frame.bottoms.map((block, i) => moved(block, [0, i === 0 ? -50 : 50, -35], 'lit'))
    pen.blocks([...frame.top, ...frame.ends, frame.sheet, ...low])
    for (const x of [0.3, 0.7]) pen.arrowIn([frame.lengthMm * x, -50, -35], [frame.lengthMm * x, 0, -4])
  },
  'frame-square': (frame, pen) => {
    pen.blocks(bare(frame))
    const [x, z] = [frame.lengthMm - frame.lugMm - frame.endThickMm, frame.heightMm - frame.barThickMm]
    const square: Point3[] = [
      [x - 90, 0, z],
      [x, 0, z],
      [x, 0, z - 90],
      [x - 16, 0, z - 90],
      [x - 16, 0, z - 16],
      [x - 90, 0, z - 16],
    ]
    pen.lit(square)
  },
  'frame-sheet-in-slots': (frame, pen) => {
    const low = frame.heightMm * 0.45
    pen.blocks([...frame.top, ...frame.ends, moved(frame.sheet, [0, 0, -low])])
    pen.arrowIn([frame.lengthMm / 2, 0, -low * 0.4], [frame.lengthMm / 2, 0, low * 0.7])
  },
  'frame-loops': (frame, pen) => {
    inPlace(frame, pen)
    const z = frame.sheet.z1
    for (let i = 1; i <= 7; i++) {
      const x = (frame.lengthMm * i) / 8
      const [y, low] = [frame.middleMm, frame.sheet.z0]
      pen.lineIn(
        [
          [x, y, low],
          [x, y, z],
          [x, y - 14, z],
          [x + 6, y - 14, z],
          [x + 6, y, z],
        ],
        'nail',
      )
    }
  },
  'frame-wedge-back': (frame, pen) => {
    inPlace(frame, pen)
    if (!frame.wedge) return
    pen.blocks([frame.wedge])
    for (const share of [0.25, 0.5, 0.75])
      nails(pen, [[frame.lengthMm * share, frame.wedge.y0, frame.wedge.z0 + 4]], [0, -70, -30])
  },
  'frame-plastic-snaps': (frame, pen) => {
    const sheet = moved(frame.sheet, [0, 0, 0], 'plain')
    pen.blocks([...bare(frame), sheet])
    pen.arrowIn([frame.lengthMm / 2, 0, frame.heightMm * 0.45], [frame.lengthMm / 2, 0, frame.barThickMm])
  },
  'frame-starter': (frame, pen) => {
    const strip: Block = { ...frame.sheet, z0: frame.sheet.z1 - 22 }
    pen.blocks([...bare(frame), strip])
    pen.arrowIn([frame.lengthMm / 2, 0, frame.heightMm * 0.35], [frame.lengthMm / 2, 0, strip.z0 - 4])
  },
  'frame-dry': (frame, pen) => {
    const row = Array.from({ length: 5 }, (_, i) => by(bare(frame), [0, i * frame.middleMm * 3, 0]))
    pen.blocks(row.flat())
  },
  'dummy-board': (frame, pen) => {
    if (!frame.board) return
    pen.blocks([moved(frame.board, [0, 0, 0], 'lit'), ...frame.top])
    const at = [0.2, 0.4, 0.6, 0.8].map((share): Point3 => [frame.lengthMm * share, frame.middleMm, frame.heightMm])
    nails(pen, at, [0, 0, 70])
  },
}

/** What a step of building a frame looks like. */
export function frameStepPicture(step: FrameStep, one: FrameToDraw): Drawing {
  const frame = frameBlocks(one)
  const pen = new Pen(frame.lengthMm * 1.3, STEP_PX, one.say)
  // A dummy has its glue where the board meets the bar.
  if (frame.board && step === 'frame-glue') {
    const board: Point[] = [0.25, 0.5, 0.75].map((share) =>
      onPaper([frame.lengthMm * share, 0, frame.heightMm - frame.lugThickMm]),
    )
    pen.blocks([frame.board, ...by(frame.top, [0, 0, 40])])
    for (const point of board) pen.dot(point)
  } else if (frame.board && step === 'frame-dry') pen.blocks([frame.board, ...frame.top])
  else DRAWN[step](frame, pen)
  return pen.drawing()
}
