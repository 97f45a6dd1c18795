import { describe, expect, it } from 'vitest'
import { boxOfSize, CATALOGUE, SAYINGS } from '#core/parts'
import { boxOfPattern } from '#core/stack'
import { fullBoxKg, honeyKg } from '#core/loads'
import { sayingInWords } from '#core/words'

describe('what is often said of a full box (common practice)', () => {
  it.each(SAYINGS.map((one) => [`${one.format} ${one.size}`, one] as const))(
    '%s: what is said is what it comes to',
    (_, one) => {
      const box = boxOfPattern(boxOfSize(CATALOGUE, one.format, one.size)!, CATALOGUE).resolved
      const [honey, inAll] = [honeyKg([box]), fullBoxKg(box)]
      // In all and of honey are two things: neither is told as the other.
      if (one.honeyKg !== undefined) expect(Math.abs(one.honeyKg - honey.middle)).toBeLessThan(honey.middle * 0.15)
      if (one.boxKg) expect(one.boxKg[0] * 0.95 <= inAll.high && one.boxKg[1] * 1.05 >= inAll.low).toBe(true)
      expect(sayingInWords(one, 'box', honey, inAll, { units: 'inches', vocabulary: 'northAmerican' })).toMatch(
        /^A full box is said to (hold|weigh) .* by its combs it is .* lb of honey, .* lb in all\.$/,
      )
    },
  )
})
