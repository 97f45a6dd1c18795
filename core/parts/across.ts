import { once, there } from '../units'
import { SHIPPED_FIGURES, type Figures } from '../figures'
import type { HangingPattern } from './catalogue'
import type { Spacing } from './model'
import { isBox } from './is'
import { centresOf, type Hanging } from './hang'
import type { HungContent, ResolvedPart } from './resolve'
import { dimension, dimensionMm } from './sizes'

/** A frame, dummy, feeder or division at its place across the box. */
export interface HangingPlace extends Hanging {
  /** 0, or 1 for the far half of a divided box. */
  readonly room: number
  /** Middle of what it takes, mm from the middle of the box. */
  readonly centreMm: number
}

/** Neighbours of one pattern, as one stretch across the box. */
interface Run {
  readonly pattern: HangingPattern
  readonly room: number
  readonly y0: number
  readonly y1: number
}

/** One room of a box: the whole, or a half of a divided one. */
interface AcrossRoom {
  readonly y0: number
  readonly y1: number
  readonly places: readonly HangingPlace[]
}

/** What hangs in a box, side by side, with the gaps between. */
export interface Across {
  readonly figures: Figures
  readonly spacing: Spacing
  readonly places: readonly HangingPlace[]
  readonly rooms: readonly AcrossRoom[]
  readonly runs: readonly Run[]
  /** Inside width less all that hangs, in the tighter half of a divided box; below zero when it does not fit. */
  readonly slackMm: number
  readonly slackPlusMinusMm: number
  /** How far the worst two neighbours, or a frame and its wall, are in each other's way; 0 when nothing is. */
  readonly overlapMm: number
  /** Middle to middle of the frames, as the spacing sets them. */
  readonly pitchMm: number
}

/** Tight to the wall where y is least, shoulders touching: how frames hang when nothing is said. */
const USUAL_SPACING: Spacing = { system: 'touching', slack: 'one-side' }

/**
 * Where the contents of a box hang across it, by its spacing and by where its slack goes; a place number left out
 * is a place left empty. Lengths in mm. Common practice.
 */
export const hangAcross = once((box: ResolvedPart): Across => (isBox(box) ? hang(box) : NOTHING_HANGS))

/** What no pattern describes as a box has nothing hung across it that could be told. */
const NOTHING_HANGS: Across = {
  figures: SHIPPED_FIGURES,
  spacing: USUAL_SPACING,
  places: [],
  rooms: [],
  runs: [],
  slackMm: 0,
  slackPlusMinusMm: 0,
  overlapMm: 0,
  pitchMm: 0,
}

function hang(box: ResolvedPart): Across {
  const known = knownInOrder(box.hung)
  const spacing = box.part.spacing ?? USUAL_SPACING
  const width = dimension(box, 'insideWidth')
  const division = box.pattern?.halves ? dimension(box, 'divisionThickness') : undefined
  const shares = division ? inHalves(known, spacing) : [known]
  const roomMm = division ? (width.mm - division.mm) / 2 : width.mm
  const rooms: AcrossRoom[] = []
  let slackMm = Number.POSITIVE_INFINITY
  let overlapMm = 0
  let plusMinusMm = width.plusMinusMm + (division?.plusMinusMm ?? 0)
  for (let room = 0; room < shares.length; room++) {
    const share = shares[room]!
    const y0 = room === 0 ? -width.mm / 2 : width.mm / 2 - roomMm
    const { centresMm, shortMm } = centresOf(
      share,
      spacing,
      y0,
      roomMm,
      box.figures,
      room === 0 ? 0 : share[0]?.content.place,
    )
    const places: HangingPlace[] = []
    let free = roomMm
    for (let i = 0; i < share.length; i++) {
      const { content, pattern } = share[i]!
      places.push({ content, pattern, room, centreMm: centresMm[i]! })
      free -= pattern.spacing.mm
      plusMinusMm += pattern.spacing.plusMinusMm
    }
    rooms.push({ y0, y1: y0 + roomMm, places })
    slackMm = Math.min(slackMm, free)
    overlapMm = Math.max(overlapMm, worstOverlap(places, y0, y0 + roomMm), shortMm)
  }
  const places = rooms.length === 1 ? rooms[0]!.places : rooms.flatMap((room) => room.places)
  return {
    figures: box.figures,
    spacing,
    places,
    rooms,
    runs: runsOf(places),
    slackMm,
    slackPlusMinusMm: plusMinusMm,
    overlapMm,
    pitchMm: usualPitch(places),
  }
}

/** What hangs in each half of a divided box: as it is told, by where it was put by hand, else shared out evenly. */
function inHalves(known: readonly Hanging[], { system }: Spacing): Hanging[][] {
  const evenly = Math.ceil(known.length / 2)
  const isFar = ({ content: { half, atMm } }: Hanging, i: number) =>
    half ? half === 'far' : system === 'by-hand' && atMm !== undefined ? atMm > 0 : i >= evenly
  return [known.filter((one, i) => !isFar(one, i)), known.filter(isFar)]
}

/** What this catalogue knows of what hangs, in order across. */
function knownInOrder(hung: readonly HungContent[]): Hanging[] {
  const known: Hanging[] = []
  let ordered = true
  for (const { content, pattern } of hung) {
    if (!pattern) continue
    if (known.length > 0 && there(known.at(-1)).content.place > content.place) ordered = false
    known.push({ content, pattern })
  }
  return ordered ? known : known.sort((a, b) => a.content.place - b.content.place)
}

function worstOverlap(places: readonly HangingPlace[], y0: number, y1: number): number {
  let worst = 0
  let edge = y0
  for (const { pattern, centreMm } of places) {
    worst = Math.max(worst, edge - (centreMm - pattern.spacing.mm / 2))
    edge = centreMm + pattern.spacing.mm / 2
  }
  worst = Math.max(worst, places.length > 0 ? edge - y1 : 0)
  return worst < 1e-6 ? 0 : worst
}

function runsOf(places: readonly HangingPlace[]): Run[] {
  const runs: { pattern: HangingPattern; room: number; y0: number; y1: number }[] = []
  let lastPlace = Number.NaN
  for (const { content, pattern, room, centreMm } of places) {
    const half = pattern.spacing.mm / 2
    const last = runs.at(-1)
    if (last?.pattern === pattern && last.room === room && content.place === lastPlace + 1) last.y1 = centreMm + half
    else runs.push({ pattern, room, y0: centreMm - half, y1: centreMm + half })
    lastPlace = content.place
  }
  return runs
}

/** The commonest distance of two frames side by side; a lone frame's own width. */
function usualPitch(places: readonly HangingPlace[]): number {
  let first = Number.NaN
  for (let i = 1; i < places.length; i++) {
    const pitch = pitchBetween(places[i - 1]!, places[i]!)
    if (Number.isNaN(pitch)) continue
    if (Number.isNaN(first)) first = pitch
    else if (Math.abs(pitch - first) > 1e-6) return commonestPitch(places)
  }
  return Number.isNaN(first)
    ? (places.find(({ pattern }) => pattern.kind === 'frame')?.pattern.spacing.mm ?? 0)
    : Math.round(first * 1e6) / 1e6
}

/** Middle to middle, where two frames hang in places side by side. */
function pitchBetween(a: HangingPlace, b: HangingPlace): number {
  return a.pattern.kind === 'frame' &&
    b.pattern.kind === 'frame' &&
    a.room === b.room &&
    b.content.place === a.content.place + 1
    ? b.centreMm - a.centreMm
    : Number.NaN
}

function commonestPitch(places: readonly HangingPlace[]): number {
  const counts = new Map<number, number>()
  let best = 0
  for (let i = 1; i < places.length; i++) {
    const pitch = Math.round(pitchBetween(places[i - 1]!, places[i]!) * 1e6) / 1e6
    if (Number.isNaN(pitch)) continue
    counts.set(pitch, (counts.get(pitch) ?? 0) + 1)
    if (!counts.has(best) || there(counts.get(pitch)) > there(counts.get(best))) best = pitch
  }
  return best
}

/** How many of this width fit side by side in a box, mm; in both halves of a divided one. */
export function howManyFit(box: ResolvedPart, spacingMm: number): number {
  const width = dimensionMm(box, 'insideWidth')
  if (!box.pattern?.halves) return Math.floor((width + 1e-9) / spacingMm)
  return 2 * Math.floor(((width - dimensionMm(box, 'divisionThickness')) / 2 + 1e-9) / spacingMm)
}
