import { describe, expect, it } from 'vitest'
import { gatheredLines, type DueLine } from '#core/book'

const count = (hiveId: string, day = '2026-05-01'): DueLine => ({
  id: `count:${hiveId}`,
  hiveId,
  day,
  reason: { due: 'count', lastCount: undefined },
})
const task = (hiveId: string): DueLine => ({
  id: `task:${hiveId}`,
  hiveId,
  day: '2026-05-01',
  reason: { due: 'task', text: 'mow' },
})

const placeOf = ({ hiveId }: DueLine) => ['a', 'b', 'c', 'd'].indexOf(hiveId)

describe('lines of one kind and day', () => {
  it('are one line that opens, by the order of the row; few stay apart, and so does what the keeper wrote', () => {
    const lines = [count('c'), task('a'), task('b'), task('c'), count('a'), count('b'), count('d', '2026-05-02')]
    const found = gatheredLines(lines, placeOf)
    expect(found.map(({ lines: of }) => of.map(({ id }) => id))).toEqual([
      ['count:a', 'count:b', 'count:c'],
      ['task:a'],
      ['task:b'],
      ['task:c'],
      ['count:d'],
    ])
    expect(new Set(found.map(({ id }) => id)).size).toBe(found.length)
  })

  it('loses no line and tells none twice, and two of a kind are told one by one', () => {
    const lines = [count('b'), count('a')]
    expect(gatheredLines(lines, placeOf).flatMap(({ lines: of }) => of.map(({ hiveId }) => hiveId))).toEqual(['a', 'b'])
    expect(gatheredLines(lines, placeOf)).toHaveLength(2)
  })
})
