import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ENTRY_SORTS, SIGNS, type Entry } from '#core/book'
import { bookCsv, readBookCsv } from '#wire/book-csv'
import { demoPlan } from '../../helpers/wire'
import { entry } from '../../helpers/book'

let made = 0
const reading = {
  makeId: () => `made-${++made}`,
  madeAt: '2026-11-27T09:00:00.000Z',
  device: 'desk',
  hiveNamed: (name: string) => ({ Twill: 'twill/0', "=cmd|'x": 'odd' })[name],
}
const through = (entries: readonly Entry[]) =>
  ENTRY_SORTS.flatMap((sort) => {
    const read = readBookCsv(
      bookCsv(sort, entries, (id) => id),
      reading,
    )
    expect(read.problems).toEqual([])
    return read.entries
  })
const bySort = (entries: readonly Entry[]) => ENTRY_SORTS.flatMap((sort) => entries.filter((one) => one.sort === sort))

describe('the book as CSV', () => {
  it('goes out and comes in as it was: the books of the demo', () => {
    const entries = (demoPlan().books ?? []).flatMap((book) => book.entries)
    expect(entries.length).toBeGreaterThan(100)
    expect(through(entries)).toEqual(bySort(entries))
  })

  it('goes out and comes in as it was, whatever a keeper wrote', () => {
    const words = fc.oneof(
      fc
        .string({ minLength: 1, maxLength: 40, unit: 'grapheme' })
        .filter((text) => text.trim() === text && text !== ''),
      fc.constantFrom('=1+1', "'=1", '-3', '+x', '@y', 'a "b", c', 'two\nlines', "''-", "'"),
    )
    const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined })
    const number = fc.double({ min: 0.01, max: 99, noNaN: true })
    const any: fc.Arbitrary<Entry> = fc.oneof(
      fc
        .record({
          note: words,
          celsius: fc.integer({ min: -40, max: 40 }),
          sealed: maybe(number),
          open: maybe(fc.nat(20)),
          signs: fc.uniqueArray(fc.constantFrom(...SIGNS), { minLength: 1, maxLength: 3 }),
          queenMarked: fc.boolean(),
          boxId: words,
        })
        .map(({ note, celsius, sealed, open, signs, queenMarked, boxId }) => ({
          ...entry('look', '2026-05-01T10:00', {
            celsius,
            signs,
            queenMarked,
            seams: [{ boxId, seams: 3.5 }],
            combs: [{ boxId, contentId: 'c', bees: 'half', brood: ['eggs', 'sealed'] }],
            ...(sealed === undefined ? {} : { broodFrames: { sealed }, foodFrames: { sealed } }),
            ...(open === undefined ? {} : { cells: { open } }),
          }),
          note,
        })),
      fc
        .record({ mites: fc.nat(900), days: fc.double({ min: 0.25, max: 100, noNaN: true }) })
        .map((count) => entry('mites', '2026-06-01T10:00', { way: 'tray', ...count })),
      fc
        .record({ product: words, amount: words })
        .map((label) => entry('treatment', '2026-08-01T10:00', { ...label, withdrawalDays: 0, supersMayStay: false })),
      number.map((kg) => entry('feed', '2026-09-01T10:00', { feed: 'fondant', kg })),
      fc
        .record({ kg: number, boxId: words })
        .map(({ kg, boxId }) =>
          entry('crop', '2026-08-01T10:00', { kg, boxIds: [boxId], sealedShare: 0.8, squares: 12 }),
        ),
      words.map((cause) => entry('fate', '2026-03-01T10:00', { fate: 'dead', cause }, { corrects: 'x' })),
    )
    fc.assert(
      fc.property(fc.array(any, { maxLength: 6 }), (entries) => {
        expect(through(entries)).toEqual(bySort(entries))
      }),
    )
  })

  it('keeps what was said to be nothing apart from what was not said', () => {
    const empty = { ...entry('look', '2026-05-01T10:00', { signs: [], combs: [] }), note: '' }
    const unsaid = entry('look', '2026-05-02T10:00', {})
    expect(through([empty, unsaid])).toEqual([empty, unsaid])
  })

  it('reads what a keeper made by hand: a hive by its name, a day without a time, few columns', () => {
    const text = 'sort,hive,at,mites,way,days\r\nmites,Twill,2026-05-01,12,tray,3\r\n'
    const { entries, problems } = readBookCsv(text, reading)
    expect(problems).toEqual([])
    expect(entries).toMatchObject([
      { hiveId: 'twill/0', at: '2026-05-01T12:00', device: 'desk', body: { way: 'tray', mites: 12, days: 3 } },
    ])
  })

  it.each([
    ['mites,Tweed,2026-05-01,12,tray,3', /Row 2: there is no hive “Tweed” in this yard/],
    ['mites,Twill,2026-05-01,12,tray,', /Row 2: body.days is missing: days that the tray was in/],
    ['mites,Twill,2026-05-01,many,tray,3', /Row 2: body.mites/],
    ['honey,Twill,2026-05-01,12,tray,3', /Row 2: sort is “honey”, which is none of look, mites/],
    ['mites,Twill,2026-02-30,12,tray,3', /Row 2: at is no time that there is/],
    ['mites,Twill,,12,tray,3', /Row 2: at is missing/],
  ])('says which row and field is wrong: %s', (row, sentence) => {
    const { entries, problems } = readBookCsv(`sort,hive,at,mites,way,days\n${row}\n`, reading)
    expect(entries).toEqual([])
    expect(problems.join()).toMatch(sentence)
  })

  it('says so where the file is another one, and keeps what a spreadsheet would run as a text', () => {
    expect(readBookCsv('a,b\n1,2\n', reading).problems).toEqual([
      expect.stringContaining('no columns “sort” and “hive”'),
    ])
    const risky = { ...entry('task', '2026-05-01T10:00', { text: '=HYPERLINK("x")', by: '2026-05-02' }), note: '@sum' }
    expect(bookCsv('task', [risky], () => '+name')).toMatch(/,'@sum,.*"'=HYPERLINK/)
    expect(bookCsv('task', [risky], () => '+name')).toContain("task,'+name,")
  })
})
