import type { Format } from './formats'
import type { BoxSize } from './pattern'

/** What is often said of a full box, kg: the honey in it, and the whole box (common practice). */
export interface Saying {
  readonly format: Format
  readonly size: BoxSize
  readonly honeyKg?: number
  readonly boxKg?: readonly [low: number, high: number]
}

/** 50 to 60 lb in all; about 35 lb of honey and about 50 lb in all; 30 lb of honey. */
export const SAYINGS: readonly Saying[] = [
  { format: 'langstroth-10', size: 'medium', boxKg: [22.7, 27.2] },
  { format: 'langstroth-10', size: 'shallow', honeyKg: 15.9, boxKg: [22.7, 22.7] },
  { format: 'national', size: 'shallow', honeyKg: 13.6 },
]
