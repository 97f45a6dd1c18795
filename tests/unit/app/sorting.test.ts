import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sortedBy } from '~/kit/tableColumn'

describe('rows of a table by a column', () => {
  it('figures by size and words by the alphabet, alike ones in their order, either way round', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 40 }),
        fc.boolean(),
        (numbers, largestFirst) => {
          const rows = numbers.map((n, place) => ({ n, place }))
          const sorted = sortedBy(rows, { key: 'n', label: 'N', by: ({ n }) => n }, largestFirst)
          expect([...sorted].sort((a, b) => a.place - b.place)).toEqual(rows)
          for (const [i, row] of sorted.entries()) {
            const next = sorted[i + 1]
            if (!next) continue
            expect(largestFirst ? row.n >= next.n : row.n <= next.n).toBe(true)
            if (row.n === next.n) expect(row.place).toBeLessThan(next.place)
          }
        },
      ),
    )
    const words = ['Twill', 'calico', 'Ärmel', '10', '9'].map((word) => ({ word }))
    const column = { key: 'word', label: 'Word', by: ({ word }: { word: string }) => word }
    expect(sortedBy(words, column, false).at(-1)).toEqual({ word: 'Twill' })
  })
})
