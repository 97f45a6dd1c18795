import type { Figures } from '../figures'
import type { DueLine } from './due'

/** What may be done at a hive on a day: nothing, a peep under the cover, or lifting combs of brood. */
export type Opening = 'shut' | 'peep' | 'brood'

/** By the temperature of the day outside, °C: 10 for a peep, 14 for brood (common practice). */
export function openingAt(celsius: number, { lookLeastCelsius, lookBroodCelsius }: Figures): Opening {
  return celsius < lookLeastCelsius ? 'shut' : celsius < lookBroodCelsius ? 'peep' : 'brood'
}

/** What is due and lifts combs, and what only lifts the cover. */
const LIFTS: Readonly<Partial<Record<DueLine['reason']['due'], Opening>>> = {
  look: 'brood',
  act: 'brood',
  cells: 'brood',
  count: 'brood',
  'count-after': 'brood',
  visit: 'brood',
  box: 'peep',
  'hive-nucleus': 'brood',
  'treatment-end': 'peep',
  feed: 'peep',
}
const RANK: Readonly<Record<Opening, number>> = { shut: 0, peep: 1, brood: 2 }

/** Whether a day is too cold for a line of what is due: what it needs, where that is more than the day allows. */
export function waitsForWarmth({ reason }: DueLine, celsius: number, figures: Figures): Opening | undefined {
  const needs = LIFTS[reason.due]
  return needs && RANK[openingAt(celsius, figures)] < RANK[needs] ? needs : undefined
}
