import type { HangingPattern } from '../catalogue'
import type { Content } from '../hive'
import { dimension, type HungContent, type ResolvedPart } from './resolve'

/** A frame or dummy at its place across the box. */
export interface HangingPlace {
  readonly content: Content
  readonly pattern: HangingPattern
  /** Middle of what it takes, mm from the middle of the box. */
  readonly centreMm: number
}

/** Neighbours of one pattern, as one stretch across the box. */
export interface Run {
  readonly pattern: HangingPattern
  /** 0, or 1 for the far half of a divided box. */
  readonly room: number
  readonly y0: number
  readonly y1: number
}

export interface Across {
  readonly places: readonly HangingPlace[]
  readonly runs: readonly Run[]
  /** Inside width less all that hangs, in the tighter half of a divided box; below zero when it does not fit. */
  readonly slackMm: number
  readonly slackPlusMinusMm: number
  /** Middle to middle of the outermost frames' kind. */
  readonly pitchMm: number
}

/**
 * Where the contents of a box hang across it: in order of place, shoulders touching and tight to the wall where
 * y is least, the slack at the other wall. Lengths in mm. Common practice.
 */
export function hangAcross(box: ResolvedPart): Across {
  let across = hung.get(box)
  if (!across) hung.set(box, (across = hang(box)))
  return across
}

function isKnown(hanging: HungContent): hanging is HungContent & { readonly pattern: HangingPattern } {
  return hanging.pattern !== undefined
}

const hung = new WeakMap<ResolvedPart, Across>()

function hang(box: ResolvedPart): Across {
  const known = box.hung.filter(isKnown)
  if (known.some(({ content }, i) => i > 0 && known[i - 1]!.content.place > content.place)) known.sort((a, b) => a.content.place - b.content.place)
  const width = dimension(box, 'insideWidth')
  const division = box.pattern?.halves ? dimension(box, 'divisionThickness') : undefined
  const rooms = division ? [known.slice(0, Math.ceil(known.length / 2)), known.slice(Math.ceil(known.length / 2))] : [known]
  const roomMm = division ? (width.mm - division.mm) / 2 : width.mm
  const places: HangingPlace[] = []
  const runs: { pattern: HangingPattern; room: number; y0: number; y1: number }[] = []
  let slackMm = Number.POSITIVE_INFINITY
  let plusMinusMm = width.plusMinusMm + (division?.plusMinusMm ?? 0)
  rooms.forEach((hanging, room) => {
    const start = room === 0 ? -width.mm / 2 : width.mm / 2 - roomMm
    let y = start
    for (const { content, pattern } of hanging) {
      const y0 = y
      y += pattern.spacing.mm
      plusMinusMm += pattern.spacing.plusMinusMm
      places.push({ content, pattern, centreMm: (y0 + y) / 2 })
      const last = runs.at(-1)
      if (last?.pattern === pattern && last.room === room) last.y1 = y
      else runs.push({ pattern, room, y0, y1: y })
    }
    slackMm = Math.min(slackMm, roomMm - (y - start))
  })
  const pitchMm = places.find((place) => place.pattern.kind === 'frame')?.pattern.spacing.mm ?? 0
  return { places, runs, slackMm, slackPlusMinusMm: plusMinusMm, pitchMm }
}
