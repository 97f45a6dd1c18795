import { MM_PER_INCH, type UnitSystem, there } from '#core/units'
import type { Assessment } from '#core/rules'
import { type JudgedGap, gapKey, type PlacedPart } from '#core/stack'
import { isBox, type Axis } from '#core/parts'
import { halfOutsideMm, reachLeftMm } from './section'
import { spreadLabels } from './spread'

/** The scale and the middle of the bench's drawing. */
export interface BenchView {
  /** Pixels for a millimetre. */
  readonly scale: number
  readonly centreX: number
  readonly groundY: number
}

/** A part's name, where it stands beside the drawing. */
export interface NameLabel {
  readonly part: PlacedPart
  readonly y: number
  readonly jointY: number
  readonly edgeX: number
}

/** What is written beside a gap, and where. */
export interface Callout {
  readonly gap: JudgedGap
  readonly key: string
  readonly y: number
  readonly jointY: number
  readonly edgeX: number
  readonly full: boolean
}

/** Where everything is on the bench's drawing. */
export interface BenchLayout {
  readonly view: BenchView
  readonly names: readonly NameLabel[]
  readonly callouts: readonly Callout[]
  readonly calloutX: number
  readonly nameX: number
  readonly staffX: number
  readonly staffMm: readonly number[]
}

/** How a drawing is enlarged and moved. */
export interface Zoom {
  readonly k: number
  readonly x: number
  readonly y: number
}

const ROOM = {
  large: { staff: 54, names: 186, callouts: 272 },
  wide: { staff: 54, names: 148, callouts: 232 },
  narrow: { staff: 42, names: 0, callouts: 122 },
}
/** On a phone only every so many millimetres of the staff are named. */
export const NAMED_MM = 200
/** From here there is room for the longest names. */
const LARGE_PX = 1000
const FULL_PX = 56
const SHORT_PX = 25
const NARROW_PX = 40
const NAME_PX = 36
const OVER_PX = 26
const UNDER_PX = 10
/** Two rows of buttons over the drawing. */
const TOOLS_PX = 116

/** How high a phone's drawing is at least with its buttons, so that the figures of all gaps find room beside the hive. */
export const narrowHeightPx = (gaps: number): number => TOOLS_PX + OVER_PX + gaps * NARROW_PX + UNDER_PX

/**
 * Where everything stands on the bench: the hive to scale between the names at its left and the gaps at its
 * right. `narrow` is a phone: no names, figures only.
 */
export function layOutBench(
  assessment: Assessment,
  axis: Axis,
  size: { width: number; height: number },
  zoom: Zoom,
  selectedGap: string | null,
  narrow: boolean,
  units: UnitSystem = 'mm',
): BenchLayout {
  const room = narrow ? ROOM.narrow : size.width >= LARGE_PX ? ROOM.large : ROOM.wide
  const parts = assessment.layout.parts
  const rightMm = Math.max(240, ...parts.map((part) => halfOutsideMm(part, axis) + 6))
  const leftMm = Math.max(rightMm, ...parts.map((part) => reachLeftMm(part, axis) + 6))
  const top = 34
  const ground = size.height - 30
  const heightMm = Math.max(assessment.heightMm + 40, 420)
  const free = size.width - room.staff - room.names - room.callouts
  const fit = Math.max(0.02, Math.min((ground - top) / heightMm, (free - 40) / (leftMm + rightMm)))
  const scale = fit * zoom.k
  const view = {
    scale,
    centreX: (room.staff + room.names + free / 2 + ((leftMm - rightMm) * fit) / 2) * zoom.k + zoom.x,
    groundY: ground * zoom.k + zoom.y,
  }
  const inSight = (y: number) => y > 6 && y < size.height - 6
  const at = (mm: number) => view.groundY - mm * scale
  return {
    view,
    names: narrow ? [] : nameLabels(parts, axis, view, size.height, inSight, at),
    callouts: calloutsOf(assessment, axis, view, size.height, selectedGap, narrow, inSight, at),
    calloutX: size.width - room.callouts,
    nameX: room.staff + room.names - 8,
    staffX: room.staff - 4,
    staffMm: staffMarks(heightMm, scale, units),
  }
}

function nameLabels(
  parts: readonly PlacedPart[],
  axis: Axis,
  view: BenchView,
  height: number,
  inSight: (y: number) => boolean,
  at: (mm: number) => number,
): NameLabel[] {
  const seen = parts
    .map((part) => ({ part, jointY: at((part.bottomMm + part.topMm) / 2) }))
    .filter(({ jointY }) => inSight(jointY))
  const ys = spreadLabels(
    seen.map(({ part, jointY }) => ({ wantedY: jointY, height: isBox(part) ? NAME_PX : 20 })),
    26,
    height - 8,
  )
  return seen.map(({ part, jointY }, i) => ({
    part,
    jointY,
    y: ys[i]!,
    edgeX: view.centreX - halfOutsideMm(part, axis) * view.scale,
  }))
}

function calloutsOf(
  assessment: Assessment,
  axis: Axis,
  view: BenchView,
  height: number,
  selectedGap: string | null,
  narrow: boolean,
  inSight: (y: number) => boolean,
  at: (mm: number) => number,
): Callout[] {
  const byId = new Map(assessment.layout.parts.map((part) => [part.part.id, part]))
  const seen = assessment.gaps
    .map((gap) => ({ gap, key: gapKey(gap), jointY: at((gap.fromMm + gap.toMm) / 2) }))
    .filter(({ jointY }) => inSight(jointY))
  const roomy = !narrow && seen.length * FULL_PX < height - 40
  const full = seen.map(({ gap, key }) => !narrow && gap.verdict !== 'out-of-reach' && (roomy || key === selectedGap))
  const ys = spreadLabels(
    seen.map(({ jointY }, i) => ({ wantedY: jointY, height: full[i] ? FULL_PX : narrow ? NARROW_PX : SHORT_PX })),
    OVER_PX,
    height - UNDER_PX,
  )
  return seen.map(({ gap, key, jointY }, i) => {
    const lower = byId.get(gap.lowerId)
    return {
      gap,
      key,
      jointY,
      y: ys[i]!,
      full: full[i]!,
      edgeX: view.centreX + (lower ? halfOutsideMm(lower, axis) : 0) * view.scale,
    }
  })
}

/** Marks at round figures of the unit: every 100 mm, every 4 in, or whatever can be read at this scale. */
export function staffMarks(heightMm: number, scale: number, units: UnitSystem): number[] {
  const steps = units === 'mm' ? [50, 100, 200, 500, 1000] : [4, 8, 16, 40].map((inches) => inches * MM_PER_INCH)
  const step = steps.find((mm) => mm * scale >= 34) ?? there(steps.at(-1))
  return Array.from({ length: Math.floor(heightMm / step) + 1 }, (_, i) => i * step)
}

/** The place in the stack that a height above the ground points to, counted in the stack without one part. */
export function placeAtHeight(parts: readonly PlacedPart[], withoutId: string | undefined, heightMm: number): number {
  let seat = 0
  let place = 0
  for (const part of parts) {
    if (part.part.id === withoutId) continue
    if (heightMm > seat + part.faces.depthMm / 2) place++
    if (!part.faces.nested) seat += part.faces.depthMm
  }
  return place
}
