import { there } from '#core/units'
import type { BoxBill, Cut, Panel } from '#core/parts/making'
import { moved, type Block, type Point3 } from './block'

/** Nearer than this two cuts end at the same place. */
const TOUCH_MM = 1e-6
type CutOf<K extends Cut['cut']> = Extract<Cut, { cut: K }>
function cutIn<K extends Cut['cut']>(panel: Panel, which: K): CutOf<K> | undefined {
  return panel.cuts.find((cut): cut is CutOf<K> => cut.cut === which)
}

/** Boards of a box as they stand in it: the front side, the back side, the left end, the right end. */
export interface BoxBlocks {
  readonly lengthMm: number
  readonly widthMm: number
  readonly depthMm: number
  readonly sideMm: number
  readonly endMm: number
  readonly rest: { readonly widthMm: number; readonly depthMm: number } | undefined
  readonly rabbet: { readonly widthMm: number; readonly depthMm: number } | undefined
  readonly hold: CutOf<'hand-hold'> | undefined
  readonly front: readonly Block[]
  readonly back: readonly Block[]
  readonly left: readonly Block[]
  readonly right: readonly Block[]
}

/** The boards of a bill as blocks at their places; the rails of built-up ends are lit. */
export function boxBlocks({ panels }: BoxBill, lengthMm: number, widthMm: number): BoxBlocks {
  const side = there(panels.find(({ name }) => name === 'side'))
  const end = panels.find(({ name }) => name === 'end')
  const depthMm = side.widthMm
  const sides = sideBlocks(side)
  const startMm = (lengthMm - side.lengthMm) / 2
  const ends = end ? endBlocks(end) : builtUpEnd(panels, side.thicknessMm)
  const endMm = end?.thicknessMm ?? Math.max(...ends.map(({ x1 }) => x1))
  return {
    lengthMm,
    widthMm,
    depthMm,
    sideMm: side.thicknessMm,
    endMm,
    rest: end && cutIn(end, 'frame-rest'),
    rabbet: end && cutIn(end, 'rabbet'),
    hold: cutIn(side, 'hand-hold'),
    front: sides.map((block) => moved(block, [startMm, 0, 0])),
    back: sides.map((block) => moved(block, [startMm, widthMm - side.thicknessMm, 0])),
    left: ends,
    right: ends.map((block) => ({ ...block, x0: lengthMm - block.x1, x1: lengthMm - block.x0 })),
  }
}

/** The heights of fingers, from the upper edge; the others are gaps. */
function fingers(depthMm: number, pinMm: number, first: 'finger' | 'gap'): (readonly [z0: number, z1: number])[] {
  const rows: (readonly [number, number])[] = []
  let isFinger = first === 'finger'
  for (let top = depthMm; top > 1e-6; top -= pinMm) {
    if (isFinger) rows.push([Math.max(0, top - pinMm), top])
    isFinger = !isFinger
  }
  return rows
}

function sideBlocks(side: Panel): Block[] {
  const box = { y0: 0, y1: side.thicknessMm, of: 'timber' as const }
  const cut = cutIn(side, 'fingers')
  const in_ = cut?.depthMm ?? 0
  const pins = cut
    ? fingers(side.widthMm, cut.widthMm, 'finger').flatMap(([z0, z1]) => [
        { ...box, x0: 0, x1: in_, z0, z1 },
        { ...box, x0: side.lengthMm - in_, x1: side.lengthMm, z0, z1 },
      ])
    : []
  return [{ ...box, x0: in_, x1: side.lengthMm - in_, z0: 0, z1: side.widthMm }, ...pins]
}

/** An end with its outer face at x = 0: layers by how deep the frame rest and the rabbet are cut into its inner face. */
function endBlocks(end: Panel): Block[] {
  const [rest, rabbet, cut] = [cutIn(end, 'frame-rest'), cutIn(end, 'rabbet'), cutIn(end, 'fingers')]
  const thick = end.thicknessMm
  const at = [0, thick - (rest?.widthMm ?? 0), thick - (rabbet?.depthMm ?? 0), thick]
  const layers = at.sort((a, b) => a - b).filter((x, i) => i === 0 || x - at[i - 1]! > TOUCH_MM)
  return layers.slice(0, -1).flatMap((x0, i): Block[] => {
    const x1 = layers[i + 1]!
    const low = rest && x1 > thick - rest.widthMm + TOUCH_MM ? end.widthMm - rest.depthMm : end.widthMm
    const short = rabbet && x1 > thick - rabbet.depthMm + TOUCH_MM ? rabbet.widthMm : 0
    const in_ = cut?.depthMm ?? short
    const pins = cut
      ? fingers(end.widthMm, cut.widthMm, 'gap').flatMap(([z0, z1]) =>
          z0 < low
            ? [
                { x0, x1, y0: 0, y1: in_, z0, z1: Math.min(z1, low), of: 'timber' as const },
                { x0, x1, y0: end.lengthMm - in_, y1: end.lengthMm, z0, z1: Math.min(z1, low), of: 'timber' as const },
              ]
            : [],
        )
      : []
    return [{ x0, x1, y0: in_, y1: end.lengthMm - in_, z0: 0, z1: low, of: 'timber' }, ...pins]
  })
}

/** The inner board of a built-up end, its two rails outside it, between the sides. */
function builtUpEnd(panels: readonly Panel[], sideMm: number): Block[] {
  const board = there(panels.find(({ name }) => name === 'end-board'))
  const rail = there(panels.find(({ name }) => name === 'rail'))
  const depthMm = there(panels.find(({ name }) => name === 'side')).widthMm
  const across = { y0: sideMm, y1: sideMm + rail.lengthMm }
  const rails = { ...across, x0: 0, x1: rail.thicknessMm, of: 'lit' as const }
  return [
    { ...rails, z0: 0, z1: rail.widthMm },
    { ...rails, z0: depthMm - rail.widthMm, z1: depthMm },
    {
      ...across,
      x0: rail.thicknessMm,
      x1: rail.thicknessMm + board.thicknessMm,
      z0: 0,
      z1: board.widthMm,
      of: 'timber',
    },
  ]
}

/** The four boards pulled away from each other. */
export function apart({ front, back, left, right }: BoxBlocks, byMm: number): Block[] {
  const pulled = (blocks: readonly Block[], by: Point3) => blocks.map((block) => moved(block, by))
  return [
    ...pulled(front, [0, -byMm, 0]),
    ...pulled(back, [0, byMm, 0]),
    ...pulled(left, [-byMm, 0, 0]),
    ...pulled(right, [byMm, 0, 0]),
  ]
}
