import { there } from '#core/units'
/** A label that wants to stand at a height and takes some room. */
export interface WantedPlace {
  readonly wantedY: number
  readonly height: number
}

/**
 * Moves labels apart so that none overlap and all stay within bounds, each as near its wish as the others allow;
 * they keep their order. Returns the middle of each. Pools neighbours that push each other (isotonic regression).
 */
export function spreadLabels(labels: readonly WantedPlace[], top: number, bottom: number): number[] {
  const order = labels.map((label, i) => ({ ...label, i })).sort((a, b) => a.wantedY - b.wantedY || a.i - b.i)
  const pools: { sum: number; count: number }[] = []
  let offset = 0
  const offsets: number[] = []
  for (const label of order) {
    offsets.push(offset + label.height / 2)
    pools.push({ sum: label.wantedY - (offset + label.height / 2), count: 1 })
    offset += label.height
    while (pools.length > 1 && mean(there(pools.at(-2))) > mean(there(pools.at(-1)))) {
      const last = there(pools.pop())
      const before = there(pools.pop())
      pools.push({ sum: before.sum + last.sum, count: before.count + last.count })
    }
  }
  const highest = Math.max(top, bottom - offset)
  const starts = pools.flatMap((pool) => Array<number>(pool.count).fill(Math.min(Math.max(mean(pool), top), highest)))
  const result = Array<number>(labels.length)
  order.forEach(({ i }, n) => {
    result[i] = starts[n]! + offsets[n]!
  })
  return result
}

function mean({ sum, count }: { sum: number; count: number }): number {
  return sum / count
}
