import type { BandPreset } from '../../yard'
import { comparableMm } from '../../units'
import type { FigureName, Figures } from '../../figures'

/** The range that is right for a figure, both limits included, mm. */
export interface Band {
  readonly minMm: number
  readonly maxMm: number
}

const BAND_FIGURES = {
  range: ['beeSpaceMinMm', 'beeSpaceMaxMm'],
  'single-figure': ['singleMinMm', 'singleMaxMm'],
  metric: ['metricMinMm', 'metricMaxMm'],
} as const satisfies Record<BandPreset, readonly [FigureName, FigureName]>

/**
 * What a yard takes for bee space. `range`: 1/4 to 3/8 in (Langstroth, The Hive and the Honey-Bee; USDA AH-335,
 * both from memory); `single-figure`: 3/8 ± 1/16 in; `metric`: 6 to 10 mm (common practice).
 */
export function bandOf(preset: BandPreset, figures: Figures): Band {
  const [min, max] = BAND_FIGURES[preset]
  return { minMm: figures[min], maxMm: figures[max] }
}

/** Lowest bottom bars to the floor. */
export function floorBandOf(figures: Figures): Band {
  return { minMm: figures.floorMinMm, maxMm: figures.floorMaxMm }
}

/** How far a figure is from the nearer limit of its band, mm. */
export interface LimitDistance {
  readonly limitMm: number
  /** How far the value is from it, never negative. */
  readonly mm: number
  readonly side: 'inside' | 'under' | 'over'
}

/** The nearest limit of a band and how far a value is from it, as compared: to 0.01 mm. */
export function limitDistance(valueMm: number, band: Band): LimitDistance {
  const value = comparableMm(valueMm)
  const min = comparableMm(band.minMm)
  const max = comparableMm(band.maxMm)
  if (value < min) return { limitMm: band.minMm, mm: min - value, side: 'under' }
  if (value > max) return { limitMm: band.maxMm, mm: value - max, side: 'over' }
  return value - min < max - value
    ? { limitMm: band.minMm, mm: value - min, side: 'inside' }
    : { limitMm: band.maxMm, mm: max - value, side: 'inside' }
}

/** How much a value lies outside a band, mm; 0 inside. */
export function outsideMm(valueMm: number, band: Band): number {
  const distance = limitDistance(valueMm, band)
  return distance.side === 'inside' ? 0 : distance.mm
}

/** True when the ± reaches the nearest limit: the verdict could be the other one. */
export function isMarginal(plusMinusMm: number, distance: LimitDistance): boolean {
  return plusMinusMm > 0 && comparableMm(distance.mm) <= comparableMm(plusMinusMm)
}

/** The ± reaches a limit: a joint may as well be the other way. */
export function isUnsure(mm: number, plusMinusMm: number, limitMm: number): boolean {
  return plusMinusMm > 0 && comparableMm(Math.abs(mm - limitMm)) <= comparableMm(plusMinusMm)
}
