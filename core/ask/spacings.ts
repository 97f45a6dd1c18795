import { spacedFor, fullCount } from '../stack'
import {
  type Catalogue,
  type HangingPattern,
  hangAcross,
  type ResolvedPart,
  type Across,
  honeyCombMm,
  type Spacing,
} from '../parts'
import { fullBoxKg, honeyCapacityKg, honeyKg, sumOf, waxKg, ZERO, type Range } from '../loads'

/** What a spacing asks of the keeper. */
export type Ask =
  | 'drawn-comb'
  | 'spacer'
  | 'castellation'
  | 'narrow-end-bars'
  | 'longer-knife'
  | 'close-for-winter'
  | 'comb-past-its-most'

/** One way of spacing some boxes, with what it gives; masses in kg, lengths in mm. */
export interface SpacingOption {
  /** Frames a box, of the first box. */
  readonly count: number
  readonly spacing: Spacing
  readonly pitchMm: number
  readonly combMm: number
  /** Face of sealed comb to face of sealed comb. */
  readonly combGapMm: number
  readonly honeyKg: Range
  readonly waxKg: Range
  /** All boxes full, shells and frames included. */
  readonly massKg: Range
  /** The heaviest single box at its middle. */
  readonly heaviestKg: number
  readonly framesToUncap: number
  /** Frames that the boxes do without, against their full count. */
  readonly framesFreed: number
  /** How far sealed comb stands proud of the top bar at each side; below zero the knife meets wood. */
  readonly proudMm: number
  readonly fits: boolean
  readonly asks: readonly Ask[]
  readonly boxes: number
}

/** Spacings side by side for one box or many: at full count and at each count less, summed over all of them. */
export function compareSpacings(
  boxes: readonly ResolvedPart[],
  catalogue: Catalogue,
  less: readonly number[] = [0, 1, 2],
): SpacingOption[] {
  return less.flatMap((fewer) => {
    const spaced = boxes.flatMap((box) => {
      const count = fullCount(box) - fewer
      const variant = count > 0 ? spacedFor(box, count, catalogue) : undefined
      return variant ? [{ box, variant, count }] : []
    })
    return spaced.length === 0 ? [] : [optionOf(spaced, fewer)]
  })
}

interface Spaced {
  readonly box: ResolvedPart
  readonly variant: ResolvedPart
  readonly count: number
}

function optionOf(spaced: readonly Spaced[], fewer: number): SpacingOption {
  const first = spaced[0]!
  const across = hangAcross(first.variant)
  const frame = across.places[0]!.pattern
  const combMm = honeyCombMm(across.pitchMm, across.figures)
  const figures = spaced.map(({ variant }) => ({
    honey: honeyKg([variant]),
    wax: waxKg(honeyCapacityKg([variant]), variant.figures),
    mass: fullBoxKg(variant),
  }))
  const total = (which: 'honey' | 'wax' | 'mass') => figures.reduce<Range>((sum, one) => sumOf([sum, one[which]]), ZERO)
  return {
    count: first.count,
    spacing: across.spacing,
    pitchMm: across.pitchMm,
    combMm,
    combGapMm: across.pitchMm - combMm,
    honeyKg: total('honey'),
    waxKg: total('wax'),
    massKg: total('mass'),
    heaviestKg: Math.max(...figures.map(({ mass }) => mass.middle)),
    framesToUncap: spaced.reduce((sum, { count }) => sum + count, 0),
    framesFreed: spaced.length * fewer,
    proudMm: proudMm(frame, combMm),
    fits: spaced.every(({ variant }) => hangAcross(variant).overlapMm === 0),
    asks: asksOf(across, frame, combMm, fewer),
    boxes: spaced.length,
  }
}

/**
 * How far sealed comb stands proud of the top bar, to each side, mm; a knife that runs on wood leaves cells shut below
 * zero.
 */
export function proudMm(frame: Pick<HangingPattern, 'topBarWidth'>, combMm: number): number {
  return (combMm - frame.topBarWidth.mm) / 2
}

function asksOf(
  { spacing: { system }, pitchMm, figures }: Across,
  frame: HangingPattern,
  combMm: number,
  fewer: number,
): Ask[] {
  const asks: Ask[] = []
  if (fewer > 0) asks.push('drawn-comb')
  if (system === 'spacer') asks.push('spacer')
  if (system === 'castellation') asks.push('castellation')
  if (proudMm(frame, combMm) <= 0) asks.push('longer-knife')
  if (combMm >= figures.combMostMm && pitchMm > figures.combMostMm + figures.combGapMm) asks.push('comb-past-its-most')
  if (fewer > 0) asks.push('close-for-winter')
  return asks
}
