/** A figure with its bounds: each from the bounds of a named quantity, the rest at its middle. */
export interface Range {
  readonly low: number
  readonly middle: number
  readonly high: number
}

export const ZERO: Range = { low: 0, middle: 0, high: 0 }

/** A figure without bounds of its own. */
export function exactly(value: number): Range {
  return { low: value, middle: value, high: value }
}

/** The sum of several, bound by bound. */
export function sumOf(ranges: readonly Range[]): Range {
  return ranges.reduce(
    (sum, { low, middle, high }) => ({ low: sum.low + low, middle: sum.middle + middle, high: sum.high + high }),
    ZERO,
  )
}

/** A range times a number that is not negative. */
export function times({ low, middle, high }: Range, factor: number): Range {
  return { low: low * factor, middle: middle * factor, high: high * factor }
}
