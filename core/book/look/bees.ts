import { assembledSeams } from './boxes'
import { type Look, seamsIn } from './look'
import type { AssembledHive } from '../../stack'
import { exactly, times, type Range } from '../../loads'
import { beesInSeamsKg, beesOf, combOfBees } from '../../heat'

/** Bees by a look: how many, what they weigh, and the seams that were counted. */
export interface BeesSeen {
  readonly seams: number
  readonly kg: Range
  readonly bees: Range
}

/**
 * Bees by covered seams: seams × bees on a covered comb of that box (Burgett & Burikam 1985), looser at the edge of the
 * cluster; undefined where no seam was told or no frame hangs there.
 */
export function beesSeen(look: Look, { stack, figures }: AssembledHive): BeesSeen | undefined {
  const seams = seamsIn(look)
  if (seams === undefined) return undefined
  const boxes = assembledSeams(look, stack)
  const kg = boxes.reduce((sum, { seams: covered, hung }) => {
    const comb = combOfBees(hung)
    return comb ? sum + beesInSeamsKg(covered, comb, figures) : sum
  }, 0)
  if (kg === 0 && seams > 0) return undefined
  const off = figures.beesCountedOffShare
  const range = { ...exactly(kg), low: kg * (1 - off), high: kg * (1 + off) }
  return { seams, kg: range, bees: times(range, beesOf(1, figures)) }
}
