import type { HangingPattern } from '../catalogue'
import type { Spacing } from '../hive'

/** What hangs, with what it is. */
export interface Hanging {
  readonly pattern: HangingPattern
}

interface ToHang extends Hanging {
  readonly place: number
  readonly atMm: number | undefined
}

export interface Centres {
  readonly centresMm: readonly number[]
  /** How much width is missing where a castellation or spacer has too few places; 0 when none is. */
  readonly shortMm: number
}

/** What a spacer tool sets, middle to middle, by the frames it is made for (common practice, ten-frame Langstroth). */
export const SPACER_PITCH_MM: Readonly<Record<number, number>> = { 9: 41.3, 8: 46 }

/**
 * Where the middles of what hangs in one room come to lie. Lengths in mm, y from the middle of the box.
 * Castellations: width / slots. Spacer: as the tool is made. Touching: the width of shoulders or ends. By hand:
 * where each was put, or spread evenly. Common practice.
 */
export function centresOf(hanging: readonly ToHang[], spacing: Spacing, y0: number, roomMm: number): Centres {
  switch (spacing.system) {
    case 'castellation': return inSlots(hanging, spacing.count ?? 10, y0, roomMm)
    case 'spacer': return sideBySide(hanging, spacing, y0, roomMm, spacerPitch(spacing, roomMm))
    case 'by-hand': return byHand(hanging, y0, roomMm)
    case 'touching': return sideBySide(hanging, spacing, y0, roomMm, undefined)
  }
}

/** Middle to middle of a spacer: that of the tool, else the width shared out. */
export function spacerPitch({ count = 9 }: Spacing, roomMm: number): number {
  return SPACER_PITCH_MM[count] ?? roomMm / count
}

function inSlots(hanging: readonly ToHang[], slots: number, y0: number, roomMm: number): Centres {
  const slotMm = roomMm / slots
  const first = Math.min(0, ...hanging.map(({ place }) => place))
  const used = hanging.reduce((most, { place }) => Math.max(most, place - first + 1), 0)
  return { centresMm: hanging.map(({ place }) => y0 + (place - first + 0.5) * slotMm), shortMm: Math.max(0, (used - slots) * slotMm) }
}

/** Each takes its own width, or the tool's; a place left out is as wide as the frame before it, else the one after. */
function sideBySide(hanging: readonly ToHang[], spacing: Spacing, y0: number, roomMm: number, pitchMm: number | undefined): Centres {
  const widthOf = ({ pattern }: ToHang) => (pitchMm !== undefined && pattern.kind === 'frame' ? pitchMm : pattern.spacing.mm)
  const starts: number[] = []
  let taken = 0
  hanging.forEach((one, i) => {
    const before = hanging[i - 1]
    const missing = Math.max(0, one.place - (before ? before.place : -1) - 1)
    if (missing > 0) taken += missing * widthOf(before?.pattern.kind === 'frame' ? before : one)
    starts.push(taken)
    taken += widthOf(one)
  })
  const slack = roomMm - taken
  const shift = shiftOf(hanging, spacing, Math.max(0, slack))
  return { centresMm: hanging.map((one, i) => y0 + starts[i]! + widthOf(one) / 2 + shift(i)), shortMm: pitchMm === undefined ? 0 : Math.max(0, -slack) }
}

/** How far the n-th is pushed from the wall where y is least, by where the slack goes. */
function shiftOf(hanging: readonly ToHang[], { slack: where, tightTo }: Spacing, slack: number): (i: number) => number {
  switch (where) {
    case 'one-side': return () => (tightTo === 'far' ? slack : 0)
    case 'both-sides': return () => slack / 2
    case 'spread': return (i) => (slack * (i + 0.5)) / hanging.length
    case 'beside-dummy': {
      const dummy = hanging.findIndex(({ pattern }) => pattern.kind === 'dummy')
      if (dummy < 0) return () => 0
      return dummy === 0 ? () => slack : (i) => (i > dummy ? slack : 0)
    }
  }
}

function byHand(hanging: readonly ToHang[], y0: number, roomMm: number): Centres {
  if (hanging.every(({ atMm }) => atMm !== undefined)) return { centresMm: hanging.map(({ atMm }) => atMm!), shortMm: 0 }
  const closedUp = hanging.map((one, place) => ({ ...one, place }))
  return sideBySide(closedUp, { system: 'touching', slack: 'spread' }, y0, roomMm, undefined)
}
