import type { Drawing, DrawnMark, DrawnWord } from '#wire/drawing-schema'
import { backToFront, facesOf, onPaper, type Block, type BlockLook, type Point, type Point3 } from './block'
import { INDIGO, INK, GRADE_COLOURS } from '../palette'

type Tones = Readonly<Record<'front' | 'top' | 'right' | 'edge', string>>
const TONES: Readonly<Record<BlockLook, Tones>> = {
  timber: { front: '#ead9b6', top: '#f5ead2', right: '#d6bf91', edge: '#7d6233' },
  lit: { front: '#9fb0dd', top: '#c3cfec', right: '#7e93cd', edge: INDIGO },
  wax: { front: '#f3cd6d', top: '#f8e0a0', right: '#e2b74b', edge: '#a07516' },
  plain: { front: '#e4e6ea', top: '#f1f2f4', right: '#cfd3da', edge: '#8b929c' },
}
const LINES = {
  cut: { line: GRADE_COLOURS.stop, width: 1.6, dash: '6 4' },
  way: { line: INDIGO, width: 2, dash: '' },
  nail: { line: INK, width: 1.8, dash: '' },
  size: { line: INDIGO, width: 1.1, dash: '6 4' },
  grain: { line: '#b89a63', width: 1, dash: '' },
  edge: { line: '#7d6233', width: 1.2, dash: '' },
} as const
type LineLook = keyof typeof LINES

/** Draws in millimetres; line widths, heads of arrows and words keep their size however large the thing is. */
export class Pen {
  private readonly marks: DrawnMark[] = []
  private readonly words: DrawnWord[] = []
  private readonly points: Point[] = []

  /**
   * @param wideMm how wide the thing is that will be drawn
   * @param widePx how wide it will be shown: a line of 2 is drawn 2 thick there
   */
  constructor(
    wideMm: number,
    widePx: number,
    private readonly say: (mm: number) => string,
  ) {
    this.unit = wideMm / widePx
  }
  private readonly unit: number

  blocks(blocks: readonly Block[]): this {
    for (const block of backToFront(blocks)) {
      const tones = TONES[block.of]
      const { front, top, right } = facesOf(block)
      this.face(top, tones.top, tones.edge)
      this.face(right, tones.right, tones.edge)
      this.face(front, tones.front, tones.edge)
    }
    return this
  }
  /** A part of a face that is lit, over what is drawn already. */
  lit(face: readonly Point3[]): this {
    this.face(face, TONES.lit.front, TONES.lit.edge)
    return this
  }
  flat(points: readonly Point[], of: BlockLook = 'timber'): this {
    this.area(points, TONES[of].front, TONES[of].edge)
    return this
  }
  line(points: readonly Point[], look: LineLook): this {
    const { line, width, dash } = LINES[look]
    const lengths = dash
      .split(' ')
      .filter(Boolean)
      .map((one) => round(Number(one) * this.unit))
    this.add(points, {
      path: pathOf(points),
      fill: 'none',
      line,
      width: round(width * this.unit),
      dash: lengths.join(' '),
    })
    return this
  }
  lineIn(points: readonly Point3[], look: LineLook): this {
    return this.line(points.map(onPaper), look)
  }
  /** A line with a head: what goes where. */
  arrow(from: Point, to: Point, look: 'way' | 'nail' = 'way'): this {
    const head = 9 * this.unit
    const turn = Math.atan2(to[1] - from[1], to[0] - from[0])
    const wing = (by: number): Point => [to[0] - head * Math.cos(turn + by), to[1] - head * Math.sin(turn + by)]
    return this.line([from, to], look).line([wing(0.5), to, wing(-0.5)], look)
  }
  arrowIn(from: Point3, to: Point3, look: 'way' | 'nail' = 'way'): this {
    return this.arrow(onPaper(from), onPaper(to), look)
  }
  /** A dab of glue, or a place to look at. */
  dot([x, y]: Point): this {
    const r = 5 * this.unit
    const ring = Array.from({ length: 12 }, (_, i): Point => {
      const turn = (i * Math.PI) / 6
      return [x + r * Math.cos(turn), y + r * Math.sin(turn)]
    })
    this.area(ring, GRADE_COLOURS.stop, '#ffffff')
    return this
  }
  /** A length between two points, a running stitch with its figure in the middle. */
  size(from: Point, to: Point, mm: number): this {
    const turn = Math.atan2(to[1] - from[1], to[0] - from[0]) + Math.PI / 2
    const tick = 5 * this.unit
    const across = ([x, y]: Point): Point[] => [
      [x - tick * Math.cos(turn), y - tick * Math.sin(turn)],
      [x + tick * Math.cos(turn), y + tick * Math.sin(turn)],
    ]
    this.line([from, to], 'size').line(across(from), 'nail').line(across(to), 'nail')
    const said = this.say(mm)
    const [alongMm, aloneMm] = [Math.hypot(to[0] - from[0], to[1] - from[1]), this.widthOf(said)]
    const upright = Math.abs(to[1] - from[1]) > Math.abs(to[0] - from[0])
    const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
    // Where a figure would cover its own line it stands beside it.
    if (upright) return this.word(alongMm < 34 * this.unit ? [x + aloneMm / 2 + tick, y] : [x, y], said)
    return this.word(alongMm < aloneMm + 4 * tick ? [x, y + 14 * this.unit] : [x, y], said)
  }
  sizeIn(from: Point3, to: Point3, mm: number): this {
    return this.size(onPaper(from), onPaper(to), mm)
  }
  /** A word on a ground of paper, its middle at a point. */
  word([x, y]: Point, text: string): this {
    const size = 13 * this.unit
    const half = this.widthOf(text) / 2
    const ground: Point[] = [
      [x - half, y - size * 0.62],
      [x + half, y - size * 0.62],
      [x + half, y + size * 0.62],
      [x - half, y + size * 0.62],
    ]
    this.area(ground, '#fdfbf6', 'none')
    this.words.push({ x: round(x), y: round(y + size * 0.36), size: round(size), text })
    return this
  }
  drawing(): Drawing {
    const margin = 6 * this.unit
    const [xs, ys] = [this.points.map(([x]) => x), this.points.map(([, y]) => y)]
    const [left, top] = [Math.min(...xs) - margin, Math.min(...ys) - margin]
    return {
      x: round(left),
      y: round(top),
      width: round(Math.max(...xs) + margin - left),
      height: round(Math.max(...ys) + margin - top),
      marks: this.marks,
      words: this.words,
    }
  }

  /** About how wide a word stands with its ground. */
  private widthOf(text: string): number {
    return text.length * 13 * this.unit * 0.56 + 6 * this.unit
  }
  private face(face: readonly Point3[], fill: string, line: string): void {
    this.area(face.map(onPaper), fill, line)
  }
  private area(points: readonly Point[], fill: string, line: string): void {
    this.add(points, { path: `${pathOf(points)}Z`, fill, line, width: round(1.2 * this.unit), dash: '' })
  }
  private add(points: readonly Point[], mark: DrawnMark): void {
    this.points.push(...points)
    this.marks.push(mark)
  }
}

const round = (mm: number) => Math.round(mm * 100) / 100

function pathOf(points: readonly Point[]): string {
  return points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`).join('')
}
