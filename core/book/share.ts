import type { Figures } from '../figures'

/** Normal quantile of a 95 % interval. */
const Z = 1.959963984540054

/** A share with its 95 % interval, each 0 to 1. */
export interface ShareOf {
  readonly count: number
  readonly of: number
  readonly low: number
  readonly middle: number
  readonly high: number
}

/**
 * Score interval of a share (Wilson 1927, JASA 22): (p + z²/2n ± z √(p(1−p)/n + z²/4n²)) / (1 + z²/n).
 * @throws RangeError for more than all of them, or for none at all
 */
export function wilson(count: number, of: number): ShareOf {
  if (!(of > 0) || count < 0 || count > of) throw new RangeError('a share is of one at least, and no more than all')
  const [p, zz] = [count / of, Z * Z]
  const middle = p + zz / (2 * of)
  const half = Z * Math.sqrt((p * (1 - p)) / of + zz / (4 * of * of))
  const whole = 1 + zz / of
  return {
    count,
    of,
    middle: p,
    low: count === 0 ? 0 : (middle - half) / whole,
    high: count === of ? 1 : (middle + half) / whole,
  }
}

/** Two shares held against each other. */
export interface Compared {
  readonly a: ShareOf
  readonly b: ShareOf
  /** a − b with its 95 % interval. */
  readonly difference: { readonly low: number; readonly middle: number; readonly high: number }
  /** Nothing can be told: too few on a side, or the interval holds none. */
  readonly tells: 'too-few' | 'nothing' | 'a' | 'b'
}

/** Difference of two shares by their score intervals (Newcombe 1998, Statistics in Medicine 17, method 10). */
export function compareShares(a: ShareOf, b: ShareOf, { fewHives }: Figures): Compared {
  const middle = a.middle - b.middle
  const low = middle - Math.hypot(a.middle - a.low, b.high - b.middle)
  const high = middle + Math.hypot(a.high - a.middle, b.middle - b.low)
  const tells = a.of < fewHives || b.of < fewHives ? 'too-few' : low > 0 ? 'a' : high < 0 ? 'b' : 'nothing'
  return { a, b, difference: { low, middle, high }, tells }
}

/**
 * So many drawn by lot from all of them, each as likely as another (Fisher and Yates' shuffle).
 * @param chance gives numbers from 0 up to 1
 */
export function drawByLot<T>(all: readonly T[], count: number, chance: () => number): T[] {
  const left = [...all]
  return Array.from({ length: Math.min(count, all.length) }, () => {
    const at = Math.min(left.length - 1, Math.floor(chance() * left.length))
    return left.splice(at, 1)[0]!
  })
}
