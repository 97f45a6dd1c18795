import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { currentOf, daysBetween, daysLater, newestOf, type Entry } from '#core/book'
import { entry } from '../../helpers/book'

const task = (text: string, more: Parameters<typeof entry>[3] = {}) =>
  entry('task', '2026-05-01T10:00', { text, by: '2026-05-09' }, more)

describe('a book that is only added to', () => {
  it('says what the correction says, however often it is corrected', () => {
    const first = task('feed', { id: 'a', madeAt: '2026-05-01T10:00:00.000Z' })
    const second = task('feed 2 kg', { id: 'b', corrects: 'a', madeAt: '2026-05-01T11:00:00.000Z' })
    const third = task('feed 3 kg', { id: 'c', corrects: 'a', madeAt: '2026-05-01T12:00:00.000Z' })
    expect(currentOf([first, second, third])).toEqual([third])
    expect(currentOf([third, second])).toEqual([third])
  })

  it('takes an entry away by one that withdraws it, and brings it back by one that is newer', () => {
    const first = task('feed', { id: 'a', madeAt: '2026-05-01T10:00:00.000Z' })
    const gone = task('feed', { id: 'b', corrects: 'a', withdrawn: true, madeAt: '2026-05-01T11:00:00.000Z' })
    const again = task('feed', { id: 'c', corrects: 'a', madeAt: '2026-05-01T12:00:00.000Z' })
    expect(currentOf([gone, first])).toEqual([])
    expect(currentOf([again, gone, first])).toEqual([again])
  })

  it('believes the correction of a device whose clock is slow', () => {
    const first = task('feed', { id: 'a', madeAt: '2026-05-01T10:00:00.000Z' })
    const slow = task('feed 2 kg', { id: 'b', corrects: 'a', madeAt: '2020-01-01T00:00:00.000Z' })
    expect(currentOf([slow, first])).toEqual([slow])
  })

  it('does not care in which order entries arrive, or whether one arrives twice', () => {
    const chains = fc.array(
      fc.record({
        chain: fc.integer({ min: 0, max: 4 }),
        second: fc.integer({ min: 0, max: 5 }),
        withdrawn: fc.boolean(),
        first: fc.boolean(),
      }),
      { maxLength: 14 },
    )
    const asEntry = (one: { chain: number; second: number; withdrawn: boolean; first: boolean }, i: number): Entry =>
      task(`t${i}`, {
        id: one.first ? `root${one.chain}` : `e${i}`,
        madeAt: `2026-05-01T10:00:0${one.second}.000Z`,
        ...(one.first ? {} : { corrects: `root${one.chain}` }),
        ...(one.withdrawn && !one.first ? { withdrawn: true as const } : {}),
      })
    const oneRootEach = (all: readonly Entry[]) => [...new Map(all.map((each) => [each.id, each])).values()]
    fc.assert(
      fc.property(chains, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (raw, chance) => {
        const entries = oneRootEach(raw.map(asEntry))
        const shuffled = entries
          .map((one) => ({ one, by: chance.next().value as number }))
          .sort((a, b) => a.by - b.by)
          .map(({ one }) => one)
        expect(currentOf([...shuffled, ...shuffled.slice(0, 3)])).toEqual(currentOf(entries))
      }),
    )
  })

  it('counts days over the hour that clocks change, leap days and turns of the year', () => {
    expect(daysLater('2026-03-28', 2)).toBe('2026-03-30')
    expect(daysLater('2028-02-28T23:59', 1)).toBe('2028-02-29')
    expect(daysLater('2026-12-31', 1)).toBe('2027-01-01')
    expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2)
    fc.assert(
      fc.property(fc.integer({ min: -2000, max: 2000 }), (n) => {
        expect(daysBetween('2026-05-31', daysLater('2026-05-31', n))).toBe(n)
      }),
    )
  })

  it('finds the newest of a sort', () => {
    const [old, recent] = [task('a'), task('b', {})]
    expect(newestOf([old, recent], 'task')).toBe(recent)
    expect(newestOf([old], 'look')).toBeUndefined()
  })
})
