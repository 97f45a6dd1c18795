import { SHIPPED_FIGURES } from '#core/figures'
import { CORNERS, boxBill, boxProblem, type Panel } from '#core/parts/making'
import { CATALOGUE, dimensionMm } from '#core/parts'
import { boxOfPattern } from '#core/stack'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drawingSchema, type Drawing } from '#wire/drawing-schema'
import { apart, boxBlocks } from '~/drawing/build/box-blocks'
import { backToFront, onPaper, type Block } from '~/drawing/build/block'
import { boxDrawings, frameDrawings } from '~/drawing/build'
import { runs } from '../../helpers/runs'

const say = (mm: number) => `${mm} mm`
const STOCK = { lengthMm: 2440, widthMm: 400, kerfMm: 3 }
const BOXES = [...CATALOGUE.patterns.values()]
  .filter(({ kind }) => kind === 'box')
  .map(({ id }) => boxOfPattern(CATALOGUE.patterns.get(id)!, CATALOGUE).resolved)
  .filter((one) => boxProblem(one) === undefined)
const FRAMES = [...CATALOGUE.hanging.values()].filter(({ litres }) => litres === undefined)

const volume = ({ x0, x1, y0, y1, z0, z1 }: Block) => (x1 - x0) * (y1 - y0) * (z1 - z0)
const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0)
const shared = (a: Block, b: Block) =>
  Math.max(0, Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) *
  Math.max(0, Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0)) *
  Math.max(0, Math.min(a.z1, b.z1) - Math.max(a.z0, b.z0))
const blocksOf = (box: (typeof BOXES)[number], corner: (typeof CORNERS)[number]) =>
  boxBlocks(boxBill(box, 1, corner), dimensionMm(box, 'outsideLength'), dimensionMm(box, 'outsideWidth'))

/** What is left of a board after its cuts that go along a whole edge. */
function woodOf(panel: Panel): number {
  const { lengthMm: l, widthMm: w, thicknessMm: t } = panel
  const rest = panel.cuts.find((cut) => cut.cut === 'frame-rest')
  const rabbet = panel.cuts.find((cut) => cut.cut === 'rabbet')
  const both = rest && rabbet ? 2 * rabbet.widthMm * rest.depthMm * Math.min(rest.widthMm, rabbet.depthMm) : 0
  const restMm3 = rest ? l * rest.depthMm * rest.widthMm : 0
  const rabbetMm3 = rabbet ? 2 * w * rabbet.widthMm * rabbet.depthMm : 0
  return l * w * t - restMm3 - rabbetMm3 + both
}

describe('a box in its boards', () => {
  it.each(BOXES.map((box) => [box.part.patternId, box] as const))(
    '%s: no two boards take the same room, and they fill the outside but for inside and joints',
    (_, box) => {
      for (const corner of CORNERS) {
        const { front, back, left, right } = blocksOf(box, corner)
        const all = [...front, ...back, ...left, ...right]
        for (const [i, a] of all.entries())
          expect(sum(all.slice(i + 1).map((b) => shared(a, b))), corner).toBeLessThan(1e-3)
      }
    },
  )

  it('boards have as much wood as is left of them after the saw', () => {
    for (const box of BOXES)
      for (const corner of ['rabbet', 'butt'] as const) {
        const { panels } = boxBill(box, 1, corner)
        const { front, left } = blocksOf(box, corner)
        const [side, end] = [panels.find(({ name }) => name === 'side')!, panels.find(({ name }) => name === 'end')]
        expect(sum(front.map(volume)) / woodOf(side)).toBeCloseTo(1, 6)
        if (end) expect(sum(left.map(volume)) / woodOf(end)).toBeCloseTo(1, 4)
      }
  })

  it('fingers of a side fill the gaps of an end', () => {
    const box = BOXES.find((one) => boxBill(one, 1, 'finger').panels.some(({ name }) => name === 'end'))!
    const { front, right, lengthMm, endMm, sideMm, depthMm } = blocksOf(box, 'finger')
    const corner: Block = { x0: lengthMm - endMm, x1: lengthMm, y0: 0, y1: sideMm, z0: 0, z1: depthMm, of: 'timber' }
    const filled = sum([...front, ...right].map((one) => shared(one, corner)))
    // What the frame rest takes of the gap at the upper edge is open.
    expect(filled / volume(corner)).toBeGreaterThan(0.9)
    expect(filled / volume(corner)).toBeLessThanOrEqual(1 + 1e-9)
  })
})

/** Where a ray that ends at a point of the paper goes into a block, by its distance from the eye; undefined where it misses. */
function depthOn([px, py]: readonly [number, number], { x0, x1, y0, y1, z0, z1 }: Block): number | undefined {
  const [right, down] = onPaper([0, 1, 0])
  const up = -down
  const from = Math.max(y0, (px - x1) / right, (-py - z1) / up)
  const to = Math.min(y1, (px - x0) / right, (-py - z0) / up)
  return to - from > 1e-6 ? from : undefined
}

describe('painting', () => {
  it('what is nearer on a line of sight is painted later, however the boards are pulled apart', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...BOXES),
        fc.constantFrom(...CORNERS),
        fc.integer({ min: 1, max: 300 }),
        fc.array(fc.tuple(fc.integer({ min: -300, max: 1200 }), fc.integer({ min: -700, max: 150 })), {
          minLength: 40,
        }),
        (box, corner, by, points) => {
          const painted = backToFront(apart(blocksOf(box, corner), by))
          const wrong = points.filter((point) => {
            const met = painted.map((block) => depthOn(point, block)).filter((depth) => depth !== undefined)
            return met.some((depth, i) => i > 0 && depth > met[i - 1]! + 1e-6)
          })
          expect(wrong).toEqual([])
        },
      ),
      { numRuns: runs(60) },
    )
  })
})

describe('what is drawn of a sheet', () => {
  /** As the server takes it, and nothing outside its paper. */
  const sound = (drawing: Drawing) => {
    expect(drawingSchema.isValidSync(drawing)).toBe(true)
    expect(drawing.marks.length).toBeGreaterThan(0)
    const points = drawing.marks.flatMap(({ path }) => [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)])
    const outside = points.filter(
      ([, x, y]) =>
        !(Math.abs(Number(x) - drawing.x - drawing.width / 2) <= drawing.width / 2 + 0.1) ||
        !(Math.abs(Number(y) - drawing.y - drawing.height / 2) <= drawing.height / 2 + 0.1),
    )
    expect(outside).toEqual([])
  }

  it('every box, with every corner: apart, flat, on its boards, and every step', () => {
    for (const box of BOXES)
      for (const corner of CORNERS) {
        const drawn = boxDrawings(box, 3, corner, STOCK, say)
        for (const one of [drawn.apart, ...drawn.pieces.map(({ drawing }) => drawing), ...drawn.steps]) sound(one)
        for (const { drawing } of drawn.boards) sound(drawing)
        const { panels } = boxBill(box, 3, corner)
        const onBoards = sum(
          drawn.boards.map(
            ({ count, drawing }) => count * drawing.words.filter(({ text }) => / mm$/.test(text)).length,
          ),
        )
        expect(onBoards).toBe(sum(panels.map(({ count }) => count)))
      }
  })

  it('every frame and dummy, with every foundation', () => {
    for (const frame of FRAMES)
      for (const foundation of ['wax', 'plastic', 'none'] as const) {
        const drawn = frameDrawings(frame, 2, foundation, SHIPPED_FIGURES, say)
        for (const one of [drawn.apart, ...drawn.pieces.map(({ drawing }) => drawing), ...drawn.steps]) sound(one)
      }
  })

  it('says the sizes that the bill has', () => {
    const box = BOXES[0]!
    const words = boxDrawings(box, 1, 'rabbet', STOCK, say).apart.words.map(({ text }) => text)
    const { panels } = boxBill(box, 1, 'rabbet')
    for (const name of ['side', 'end'] as const) {
      const panel = panels.find((one) => one.name === name)!
      expect(words).toContain(say(panel.lengthMm))
    }
    expect(words).toContain(say(panels[0]!.widthMm))
  })
})
