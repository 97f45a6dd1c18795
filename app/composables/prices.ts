import { useKept } from './kept'

/** So many of a pattern. */
interface Counted {
  readonly patternId: string
  readonly count: number
}

/** The keeper's own prices, by pattern; they stay on this device, in whatever money the keeper counts. */
export function usePrices() {
  const prices = useKept<Record<string, number>>('duvet.prices', {})
  function setPrice(patternId: string, value: number | undefined): void {
    prices.value = { ...prices.value, [patternId]: value ?? 0 }
  }
  const priceOf = (patternId: string) => prices.value[patternId] ?? 0
  /** What these cost, and how many of them have no price yet. */
  function costOf(things: readonly Counted[]): { readonly sum: number; readonly unpriced: number } {
    return {
      sum: things.reduce((sum, { patternId, count }) => sum + count * priceOf(patternId), 0),
      unpriced: things.reduce((sum, { patternId, count }) => sum + (priceOf(patternId) > 0 ? 0 : count), 0),
    }
  }
  return { priceOf, setPrice, costOf }
}
