import type { Part } from '../../parts'
import { workOf, type Work } from './model'
import type { Bounds, HiveChangeover } from './of-hives'

/** So many parts of one pattern. */
interface KitLine {
  readonly patternId: string
  readonly count: number
  /** Of them the yard has to get. */
  readonly toGet: number
}

/** A visit to a yard: the work of all its hives, what must be in the van and what comes home. */
export interface YardVisit {
  readonly work: Work
  readonly bounds: Bounds
  readonly hives: number
  readonly take: readonly KitLine[]
  readonly bring: readonly KitLine[]
}

/** The visit that carries out these changeovers; what one hive leaves and another takes stays in the yard. */
export function yardVisit(changeovers: readonly HiveChangeover[], isToGet: (part: Part) => boolean): YardVisit {
  const all = (side: 'coming' | 'leaving') =>
    changeovers.flatMap((one) => one[side].flatMap((id) => one.parts.get(id) ?? []))
  const work = workOf(changeovers.flatMap(({ moves }) => moves))
  const bounds: Bounds = {
    low: changeovers.reduce((sum, one) => sum + one.bounds.low, 0),
    high: changeovers.reduce((sum, one) => sum + one.bounds.high, 0),
  }
  return {
    work,
    bounds,
    hives: changeovers.filter(({ steps }) => steps.length > 0).length,
    take: lines(all('coming'), isToGet),
    bring: lines(all('leaving'), () => false),
  }
}

function lines(parts: readonly Part[], isToGet: (part: Part) => boolean): KitLine[] {
  const ids = [...new Set(parts.map(({ patternId }) => patternId))]
  return ids.map((patternId) => {
    const same = parts.filter((part) => part.patternId === patternId)
    return { patternId, count: same.length, toGet: same.filter(isToGet).length }
  })
}
