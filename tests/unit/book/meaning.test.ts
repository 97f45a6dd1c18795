import { describe, expect, it } from 'vitest'
import { compareShares, overYears, seriesOf, wilson, type Entry } from '#core/book'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { hiveIn } from '#core/ask'
import { comparedInWords, shareInWords, meaningInWords } from '#core/words'
import { entry } from '../../helpers/book'
import { build, N } from '../../helpers/hives'

const { yard, hive } = build([N.floor, N.brood, N.framed, N.super, N.crown, N.roof])
const own = { hiveId: hive.id }
const means = (one: Entry, entries: readonly Entry[] = [], kg = 60) =>
  meaningInWords(
    one,
    { known: hiveIn(yard, hive), entries, weighings: [{ at: '2026-08-01', kg }] },
    { units: 'mm', vocabulary: 'british' },
  ).join(' ')

describe('what an entry means at once', () => {
  it('is the limit of a count, what a label says, and stores of what was fed', () => {
    expect(means(entry('mites', '2026-06-10T10:00', { way: 'tray', mites: 30, days: 3 }, own))).toMatch(
      /^10\.0 a day; the limit of this yard on that day is 10 a day: at or over it/,
    )
    expect(means(entry('treatment', '2026-06-10T10:00', { product: 'gel', labelDays: 10 }, own))).toMatch(
      /1 super on.*A crop may be taken again from 21 Jun 2026/,
    )
    expect(means(entry('feed', '2026-09-10T10:00', { feed: 'fondant', kg: 4 }, own))).toMatch(
      /^About 4\.2 kg of stores/,
    )
    expect(means(entry('fate', '2026-09-10T10:00', { fate: 'dead' }, own))).toMatch(
      /go to no other hive before the cause/,
    )
    expect(means(entry('fate', '2026-09-10T10:00', { fate: 'sold' }, own))).toBe('')
  })

  it('asks the day’s high of the forecast, and says nothing of warmth from the means of months', () => {
    const treated = (label: object) =>
      means(entry('treatment', '2026-07-10T10:00', { product: 'gel', labelDays: 28, ...label }, own))
    expect(treated({ fromCelsius: 12, toCelsius: 29.5 })).toMatch(/ask the forecast for the day’s high/)
    expect(treated({ toCelsius: 29.5, highCelsius: 31 })).toMatch(/warmer than its label allows/)
    expect(treated({ fromCelsius: 12, highCelsius: 9 })).toMatch(/colder than its label asks for/)
    expect(treated({ fromCelsius: 12, toCelsius: 30, highCelsius: 22 })).not.toMatch(/colder|warmer|forecast/)
  })

  it('says of a crop what it leaves, that it is more than there was, wet, unripe, or too early', () => {
    const crop = (body: object) => entry('crop', '2026-08-02T10:00', { kg: 3, ...body }, own)
    expect(means(crop({ kg: 1 }), [], 80)).toMatch(/are left; its winter asks 16\.0 kg to 20\.0 kg/)
    expect(means(crop({ kg: 20 }))).toMatch(/less than its winter asks/)
    expect(means(crop({ kg: 90 }))).toMatch(/more than there was: at most/)
    expect(means(crop({ water: 0.22 }))).toMatch(/More than 20 % of water/)
    expect(means(crop({ sealedShare: 0.5 }))).toMatch(/Not ripe/)
    const treated = entry('treatment', '2026-07-20T10:00', { product: 'gel' }, own)
    expect(means(crop({}), [treated])).toMatch(/gel: its withdrawal is not over/)
  })
})

describe('shares in words', () => {
  it('tell the interval, and no more than it does', () => {
    expect(shareInWords(wilson(18, 20))).toBe('18 of 20, 90 % (70 to 97 %)')
    const told = (a: number, b: number, of: number) =>
      comparedInWords(compareShares(wilson(a, of), wilson(b, of), F), 'a slab', 'none')
    expect(told(4, 0, 4)).toMatch(/nothing can be told yet/)
    expect(told(18, 17, 20)).toMatch(/^Nothing can be told between them/)
    expect(told(19, 6, 20)).toMatch(/^More lived with a slab than with none/)
    expect(told(6, 19, 20)).toMatch(/^More lived with none than with a slab/)
  })
})

describe('a book through the years', () => {
  it('draws what was said and nothing that was not, and lays years over each other, a leap day too', () => {
    const look = (day: string, body: object) => entry('look', `${day}T12:00`, body, own)
    const entries = [
      look('2024-02-29', { seams: [{ boxId: 'b', seams: 4 }] }),
      look('2025-05-10', { broodFrames: { eggs: 2, sealed: 6 }, foodFrames: { sealed: 3 } }),
      look('2026-05-11', { broodFrames: { sealed: 8 } }),
      entry('mites', '2026-05-12T12:00', { way: 'tray', mites: 6, days: 3 }, own),
      entry('mites', '2026-05-13T12:00', { way: 'wash', mites: 6, bees: 300 }, own),
    ]
    expect(seriesOf('seams', entries, [])).toEqual([{ day: '2024-02-29', value: 4 }])
    expect(seriesOf('brood', entries, []).map(({ value }) => value)).toEqual([6, 8])
    expect(seriesOf('stores', entries, []).map(({ value }) => value)).toEqual([3])
    expect(seriesOf('mites', entries, [])).toEqual([{ day: '2026-05-12', value: 2 }])
    const weighings = [
      { at: '2026-05-02', kg: 40 },
      { at: '2026-05-01', kg: 39 },
    ]
    expect(seriesOf('weight', entries, weighings).map(({ value }) => value)).toEqual([39, 40])
    expect(overYears(seriesOf('brood', entries, []))).toEqual([
      { year: '2026', points: [{ day: '2024-05-11', value: 8 }] },
      { year: '2025', points: [{ day: '2024-05-10', value: 6 }] },
    ])
    expect(overYears(seriesOf('seams', entries, []))[0]!.points[0]!.day).toBe('2024-02-29')
  })
})
