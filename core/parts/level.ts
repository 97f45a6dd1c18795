import { roundTo, type Length } from '../units'

/**
 * A height in a part, mm above the lower edge of the part as drawn, as the sizes that make it up: two heights taken
 * from one another leave only the sizes in which they differ, so that a ± counts once.
 */
export interface Level {
  readonly mm: number
  readonly sizes: readonly SizeTimes[]
}

type SizeTimes = readonly [size: Length, times: number]

/** The lower edge of a part. */
export const BASE: Level = { mm: 0, sizes: [] }

/** So much higher than a level. */
export function above(level: Level, ...sizes: readonly Length[]): Level {
  return combined(level, sizes, 1)
}

/** So much lower than a level. */
export function below(level: Level, ...sizes: readonly Length[]): Level {
  return combined(level, sizes, -1)
}

/**
 * A height that is part of the way a thing is made and of no sum of gaps, mm: a board of a feeder, a web of a block.
 */
export function byHand(mm: number): Length {
  return { mm, plusMinusMm: 0, source: { mark: 'C', text: 'as such parts are made' } }
}

function combined(level: Level, added: readonly Length[], sign: 1 | -1): Level {
  let mm = level.mm
  const sizes = level.sizes.slice()
  for (const size of added) {
    mm += sign * size.mm
    sizes.push([size, sign])
  }
  return { mm, sizes }
}

/** From one level up to another, mm, with the ± of the sizes that it depends on (interval arithmetic). */
export function rise(from: Level, to: Level): { readonly mm: number; readonly plusMinusMm: number } {
  const sizes: Length[] = []
  const times: number[] = []
  countInto(sizes, times, to, 1)
  countInto(sizes, times, from, -1)
  let mm = 0
  let plusMinusMm = 0
  for (let i = 0; i < sizes.length; i++) {
    mm += times[i]! * sizes[i]!.mm
    plusMinusMm += Math.abs(times[i]!) * sizes[i]!.plusMinusMm
  }
  return { mm: roundTo(mm, 9), plusMinusMm }
}

function countInto(sizes: Length[], times: number[], level: Level, sign: 1 | -1): void {
  for (const [size, n] of level.sizes) {
    const at = sizes.indexOf(size)
    if (at >= 0) times[at]! += sign * n
    else {
      sizes.push(size)
      times.push(sign * n)
    }
  }
}
