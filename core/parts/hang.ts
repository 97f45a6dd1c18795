import { there } from '../units'
import type { Figures } from '../figures'
import type { HangingPattern } from './catalogue'
import type { Content, Spacing } from './model'

/** What hangs, with what it is. */
export interface Hanging {
  readonly content: Content
  readonly pattern: HangingPattern
}

/** The distance from the middle of a frame to the next, by place, mm. */
export interface Centres {
  readonly centresMm: readonly number[]
  /** How much width is missing where a castellation or spacer has too few places; 0 when none is. */
  readonly shortMm: number
}

/**
 * What a spacer tool sets, middle to middle, by the frames it is made for; undefined where none is made (common
 * practice, ten-frame Langstroth).
 */
export function spacerPitchMm(count: number, figures: Figures): number | undefined {
  return count === 9 ? figures.spacerForNineMm : count === 8 ? figures.spacerForEightMm : undefined
}

/**
 * Where the middles of what hangs in one room come to lie. Lengths in mm, y from the middle of the box.
 * Castellations: width / slots. Spacer: as the tool is made. Touching: the width of shoulders or ends. By hand:
 * where each was put, or spread evenly. Common practice.
 * @param firstPlace the number of the place at the wall
 */
export function centresOf(
  hanging: readonly Hanging[],
  spacing: Spacing,
  y0: number,
  roomMm: number,
  figures: Figures,
  firstPlace = 0,
): Centres {
  switch (spacing.system) {
    case 'castellation':
      return inSlots(hanging, spacing.count ?? 10, y0, roomMm, firstPlace)
    case 'spacer':
      return sideBySide(hanging, spacing, y0, roomMm, spacerPitch(spacing, roomMm, figures), firstPlace)
    case 'by-hand':
      return byHand(hanging, y0, roomMm)
    case 'touching':
      return sideBySide(hanging, spacing, y0, roomMm, undefined, firstPlace)
  }
}

/** Middle to middle of a spacer: that of the tool, else the width shared out. */
function spacerPitch({ count = 9 }: Spacing, roomMm: number, figures: Figures): number {
  return spacerPitchMm(count, figures) ?? roomMm / count
}

function inSlots(hanging: readonly Hanging[], slots: number, y0: number, roomMm: number, firstPlace: number): Centres {
  const slotMm = roomMm / slots
  const used = hanging.reduce((most, { content }) => Math.max(most, content.place - firstPlace + 1), 0)
  return {
    centresMm: hanging.map(({ content }) => y0 + (content.place - firstPlace + 0.5) * slotMm),
    shortMm: Math.max(0, (used - slots) * slotMm),
  }
}

/** Each takes its own width, or the tool's; a place left out is as wide as the frame before it, else the one after. */
function sideBySide(
  hanging: readonly Hanging[],
  spacing: Spacing,
  y0: number,
  roomMm: number,
  pitchMm: number | undefined,
  firstPlace: number,
  closeUp = false,
): Centres {
  const centresMm: number[] = []
  let y = y0
  let place = firstPlace
  for (let i = 0; i < hanging.length; i++) {
    const one = hanging[i]!
    const missing = closeUp ? 0 : one.content.place - place
    if (missing > 0)
      y += missing * widthOf(i > 0 && hanging[i - 1]!.pattern.kind === 'frame' ? hanging[i - 1]! : one, pitchMm)
    const width = widthOf(one, pitchMm)
    centresMm.push(y + width / 2)
    y += width
    place = one.content.place + 1
  }
  const slack = roomMm - (y - y0)
  if (slack > 0) pushAside(centresMm, hanging, spacing, slack)
  return { centresMm, shortMm: pitchMm === undefined ? 0 : Math.max(0, -slack) }
}

function widthOf({ pattern }: Hanging, pitchMm: number | undefined): number {
  return pitchMm !== undefined && pattern.kind === 'frame' ? pitchMm : pattern.spacing.mm
}

/** Pushes everything away from the wall where y is least, by where the slack goes. */
function pushAside(
  centresMm: number[],
  hanging: readonly Hanging[],
  { slack: where, tightTo }: Spacing,
  slack: number,
): void {
  if (where === 'one-side' && tightTo !== 'far') return
  const dummy = where === 'beside-dummy' ? hanging.findIndex(({ pattern }) => pattern.kind === 'dummy') : -1
  for (let i = 0; i < centresMm.length; i++) {
    if (where === 'one-side') centresMm[i]! += slack
    else if (where === 'both-sides') centresMm[i]! += slack / 2
    else if (where === 'spread') centresMm[i]! += (slack * (i + 0.5)) / hanging.length
    else if (dummy === 0 || (dummy > 0 && i > dummy)) centresMm[i]! += slack
  }
}

function byHand(hanging: readonly Hanging[], y0: number, roomMm: number): Centres {
  if (hanging.every(({ content }) => content.atMm !== undefined))
    return { centresMm: hanging.map(({ content }) => there(content.atMm)), shortMm: 0 }
  return sideBySide(hanging, { system: 'touching', slack: 'spread' }, y0, roomMm, undefined, 0, true)
}
