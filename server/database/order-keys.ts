import { there } from '#core/units'
import { generateNKeysBetween } from 'fractional-indexing'

/**
 * Keys that put things in this order: of those that have one, as many keep theirs as can (a longest rising run); the
 * others get one between their neighbours. Only the new keys come back.
 */
export function newOrderKeys(order: readonly string[], known: ReadonlyMap<string, string>): Map<string, string> {
  const kept = longestRising(
    order.filter((id) => known.has(id)),
    (id) => there(known.get(id)),
  )
  const keys = new Map<string, string>()
  let below: string | null = null
  let waiting: string[] = []
  const give = (above: string | null) => {
    generateNKeysBetween(below, above, waiting.length).forEach((key, i) => keys.set(waiting[i]!, key))
    waiting = []
  }
  for (const id of order) {
    if (!kept.has(id)) {
      waiting.push(id)
      continue
    }
    give(there(known.get(id)))
    below = there(known.get(id))
  }
  give(null)
  return keys
}

/** A longest subsequence whose keys rise, by patience sorting. */
function longestRising(ids: readonly string[], keyOf: (id: string) => string): ReadonlySet<string> {
  const tops: number[] = []
  const before = new Array<number>(ids.length)
  ids.forEach((id, i) => {
    let [low, high] = [0, tops.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (keyOf(ids[tops[middle]!]!) < keyOf(id)) low = middle + 1
      else high = middle
    }
    before[i] = low > 0 ? tops[low - 1]! : -1
    tops[low] = i
  })
  const rising = new Set<string>()
  for (let at = tops.at(-1) ?? -1; at >= 0; at = before[at]!) rising.add(ids[at]!)
  return rising
}
