import { isBox, type Axis, type DimensionName } from '#core/parts'
import type { Assessment } from '#core/rules'
import { showLength } from '#core/units'
import { capital, partDetail, type Reader } from '#core/words'
import type { Colony } from '#core/yard'
import { isBare } from './colony'
import type { BenchView } from './bench-layout'
import { halfOutsideMm, sectionOf } from './section'

/** What a section is drawn of, and for whom. */
interface Of {
  readonly assessment: Assessment
  readonly names: ReadonlyMap<string, string>
  readonly reader: Reader
  readonly axis: Axis
  readonly colony?: Colony
}

/** Every layer of a hive as it is drawn: its shapes, its words and where it stands on the page. */
export function drawnParts({ assessment, names, reader, axis, colony }: Of, view: BenchView) {
  return assessment.layout.parts.map((part) => ({
    part,
    id: part.part.id,
    shapes: sectionOf(part, axis, false, isBare(colony)),
    halfMm: halfOutsideMm(part, axis),
    name: capital(names.get(part.part.id) ?? ''),
    detail: partDetail(part, reader.vocabulary),
    topPx: view.groundY - Math.max(part.topMm, part.hangsToMm) * view.scale,
    highPx: (part.topMm - part.bottomMm) * view.scale,
  }))
}
/** A layer with its shapes and its words on the page. */
export type DrawnPart = ReturnType<typeof drawnParts>[number]

/** How low a part may be and still be written on, px. */
const WRITTEN_PX = 17
/** A weight is written where a box is held, so far under its rim, mm. */
const HELD_MM = 65

/** Weights at the hand-holds, where the part is high enough to be written on. */
export function weightChips(parts: readonly DrawnPart[], weights: ReadonlyMap<string, string>, view: BenchView) {
  return parts.flatMap(({ part, id, highPx }) => {
    const text = weights.get(id)
    if (!text || highPx < WRITTEN_PX) return []
    const middleMm = (part.topMm + part.bottomMm) / 2
    const atMm = isBox(part) ? Math.max(part.topMm - HELD_MM, middleMm) : middleMm
    return [{ id, text, x: view.centreX, y: view.groundY - atMm * view.scale }]
  })
}

/** How wide the frame round a size is, px. */
export const sizeWidth = (text: string): number => text.length * 7.8 + 12

/** A part that is lower than this has its sizes over it, px. */
const THIN_PX = 30

/** The own dimensions of a part, upright and level, each where it is. */
export function partMeasures({ part, halfMm }: DrawnPart, view: BenchView, axis: Axis, units: Reader['units']) {
  const { scale, centreX, groundY } = view
  const [left, right] = [centreX - halfMm * scale, centreX + halfMm * scale]
  const [top, bottom] = [groundY - part.topMm * scale, groundY - part.bottomMm * scale]
  const isThin = bottom - top < THIN_PX
  const found = (names: readonly DimensionName[]) =>
    names.flatMap((name) => {
      const length = part.dimensions[name]
      return length
        ? [{ name, text: `${showLength(length.mm, units)}${part.part.measured?.[name] ? ' measured' : ''}` }]
        : []
    })[0]
  const upright = found(['depth', 'rimDepth', 'boardThickness', 'deckThickness'])
  const level = found(axis === 'along' ? ['outsideLength', 'insideLength'] : ['outsideWidth', 'insideWidth'])
  const middle = (left + right) / 2
  return [
    ...(upright
      ? [
          {
            ...upright,
            path: `M${left + 16} ${top}V${bottom}`,
            x: left + 22,
            y: isThin ? top - 8 : (top + bottom) / 2 + 5,
          },
        ]
      : []),
    ...(level
      ? [
          {
            ...level,
            path: `M${left} ${bottom - 5}H${right}`,
            // On a thin part both sizes stand side by side over it.
            x: isThin ? Math.max(middle + 20, left + 28 + (upright ? sizeWidth(upright.text) : 0)) : middle - 34,
            y: isThin ? top - 8 : bottom - 9,
          },
        ]
      : []),
  ]
}
