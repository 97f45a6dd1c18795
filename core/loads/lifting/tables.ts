import { there } from '../../units'
/**
 * The multipliers as the manual prints them, to two places, and its tables for frequency and coupling.
 * Waters, Putz-Anderson & Garg, Applications Manual for the Revised NIOSH Lifting Equation, DHHS (NIOSH) 94-110, 1994,
 * tables 1 to 7, from memory. Each row is [distance, multiplier].
 */
type Row = readonly [at: number, multiplier: number]

export const HM_CM: readonly Row[] = [
  [25, 1],
  [28, 0.89],
  [30, 0.83],
  [32, 0.78],
  [34, 0.74],
  [36, 0.69],
  [38, 0.66],
  [40, 0.63],
  [42, 0.6],
  [44, 0.57],
  [46, 0.54],
  [48, 0.52],
  [50, 0.5],
  [52, 0.48],
  [54, 0.46],
  [56, 0.45],
  [58, 0.43],
  [60, 0.42],
  [63, 0.4],
]
export const HM_IN: readonly Row[] = [
  [10, 1],
  [11, 0.91],
  [12, 0.83],
  [13, 0.77],
  [14, 0.71],
  [15, 0.67],
  [16, 0.63],
  [17, 0.59],
  [18, 0.56],
  [19, 0.53],
  [20, 0.5],
  [21, 0.48],
  [22, 0.46],
  [23, 0.44],
  [24, 0.42],
  [25, 0.4],
]
export const VM_CM: readonly Row[] = [
  [0, 0.78],
  [10, 0.81],
  [20, 0.84],
  [30, 0.87],
  [40, 0.9],
  [50, 0.93],
  [60, 0.96],
  [70, 0.99],
  [80, 0.99],
  [90, 0.96],
  [100, 0.93],
  [110, 0.9],
  [120, 0.87],
  [130, 0.84],
  [140, 0.81],
  [150, 0.78],
  [160, 0.75],
  [170, 0.72],
  [175, 0.7],
]
export const VM_IN: readonly Row[] = [
  [0, 0.78],
  [5, 0.81],
  [10, 0.85],
  [15, 0.89],
  [20, 0.93],
  [25, 0.96],
  [30, 1],
  [35, 0.96],
  [40, 0.93],
  [45, 0.89],
  [50, 0.85],
  [55, 0.81],
  [60, 0.78],
  [65, 0.74],
  [70, 0.7],
]
export const DM_CM: readonly Row[] = [
  [25, 1],
  [40, 0.93],
  [55, 0.9],
  [70, 0.88],
  [85, 0.87],
  [100, 0.87],
  [115, 0.86],
  [130, 0.86],
  [145, 0.85],
  [160, 0.85],
  [175, 0.85],
]
export const DM_IN: readonly Row[] = [
  [10, 1],
  [15, 0.94],
  [20, 0.91],
  [25, 0.89],
  [30, 0.88],
  [35, 0.87],
  [40, 0.87],
  [45, 0.86],
  [50, 0.86],
  [55, 0.85],
  [60, 0.85],
  [70, 0.85],
]
export const AM_DEG: readonly Row[] = [
  [0, 1],
  [15, 0.95],
  [30, 0.9],
  [45, 0.86],
  [60, 0.81],
  [75, 0.76],
  [90, 0.71],
  [105, 0.66],
  [120, 0.62],
  [135, 0.57],
]

/** How long a day of lifting goes on, as the tables have it. */
export type Duration = 'up-to-1-hour' | 'up-to-2-hours' | 'up-to-8-hours'

/** Lifts a minute, then for each duration the multiplier with the hands below and at or above 75 cm. */
type ByHeight = Readonly<Record<'low' | 'high', number>>
export const FREQUENCY: readonly (readonly [perMinute: number, ByHeight, ByHeight, ByHeight])[] = (
  [
    [0.2, 1, 1, 0.95, 0.95, 0.85, 0.85],
    [0.5, 0.97, 0.97, 0.92, 0.92, 0.81, 0.81],
    [1, 0.94, 0.94, 0.88, 0.88, 0.75, 0.75],
    [2, 0.91, 0.91, 0.84, 0.84, 0.65, 0.65],
    [3, 0.88, 0.88, 0.79, 0.79, 0.55, 0.55],
    [4, 0.84, 0.84, 0.72, 0.72, 0.45, 0.45],
    [5, 0.8, 0.8, 0.6, 0.6, 0.35, 0.35],
    [6, 0.75, 0.75, 0.5, 0.5, 0.27, 0.27],
    [7, 0.7, 0.7, 0.42, 0.42, 0.22, 0.22],
    [8, 0.6, 0.6, 0.35, 0.35, 0.18, 0.18],
    [9, 0.52, 0.52, 0.3, 0.3, 0, 0.15],
    [10, 0.45, 0.45, 0.26, 0.26, 0, 0.13],
    [11, 0.41, 0.41, 0, 0.23, 0, 0],
    [12, 0.37, 0.37, 0, 0.21, 0, 0],
    [13, 0, 0.34, 0, 0, 0, 0],
    [14, 0, 0.31, 0, 0, 0, 0],
    [15, 0, 0.28, 0, 0, 0, 0],
  ] as const
).map(([perMinute, ...pairs]) => [
  perMinute,
  { low: pairs[0], high: pairs[1] },
  { low: pairs[2], high: pairs[3] },
  { low: pairs[4], high: pairs[5] },
])

/** How good a grip is, as the tables have it. */
export type Coupling = 'good' | 'fair' | 'poor'

/** Multipliers of the grip, with the hands below and at or above 75 cm. */
export const COUPLING: Readonly<Record<Coupling, { readonly low: number; readonly high: number }>> = {
  good: { low: 1, high: 1 },
  fair: { low: 0.95, high: 1 },
  poor: { low: 0.9, high: 0.9 },
}

/**
 * A printed table read between its rows, to two places as it is printed; before the first row its multiplier, past the
 * last nothing.
 */
export function readTable(rows: readonly Row[], at: number): number {
  const [first, last] = [rows[0]!, there(rows.at(-1))]
  if (at <= first[0]) return first[1]
  if (at > last[0]) return 0
  const above = rows.findIndex(([row]) => row >= at)
  const [a, b] = [rows[above - 1]!, rows[above]!]
  return Math.round((a[1] + ((b[1] - a[1]) * (at - a[0])) / (b[0] - a[0])) * 100 + 1e-9) / 100
}
