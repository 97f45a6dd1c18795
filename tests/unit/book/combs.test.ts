import { describe, expect, it } from 'vitest'
import { combGifts, giftEdit, giversOf, nucleiOf, sectionKg, squaresOf, type Look } from '#core/book'
import { CATALOGUE, type Content, type Part } from '#core/parts'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { applyEdit, type Yard, buildHive } from '#core/yard'
import { recordSheet } from '#core/words'
import { entry } from '../../helpers/book'
import { build, counter, L } from '../../helpers/hives'

const TODAY = '2026-05-10'
const BODY: Look = { queen: 'eggs', broodFrames: { sealed: 7 } }
const look = (hiveId: string, body: Look = BODY, day = '2026-05-05') => entry('look', `${day}T12:00`, body, { hiveId })
const IDS = ['a', 'b', 'c', 'd', 'e']
const { yard: HOME, hive: HIVE } = build([L.floor, L.deep, L.crown, L.roof])
const YARD: Yard = { ...HOME, hives: IDS.map((id) => ({ ...HIVE, id })) }

describe('nuclei from a yard', () => {
  it('takes one comb of brood from strong hives only, with the queen known, and says why not of the others', () => {
    const entries = [
      look('a'),
      look('b', { ...BODY, broodFrames: { sealed: 5 } }),
      look('c', { ...BODY, signs: ['sunken-caps'] }),
      look('d', { ...BODY, queen: 'not-seen' }),
      look('e', BODY, '2026-04-05'),
    ]
    const why = giversOf(YARD, entries, TODAY).map(({ hiveId, no }) => [hiveId, no])
    expect(Object.fromEntries(why)).toEqual({
      a: undefined,
      b: 'few-brood',
      c: 'sign',
      d: 'queen-unknown',
      e: 'no-look',
    })
    const treated = entry('treatment', '2026-05-01T10:00', { product: 'gel' }, { hiveId: 'a' })
    expect(giversOf(YARD, [look('a'), treated], TODAY).find(({ hiveId }) => hiveId === 'a')?.no).toBe('treated')
    const gone = entry('fate', '2026-05-06T10:00', { fate: 'sold' }, { hiveId: 'a' })
    expect(giversOf(YARD, [look('a'), gone], TODAY).find(({ hiveId }) => hiveId === 'a')?.no).toBe('gone')
  })

  it('makes one of two givers, with what each needs', () => {
    const entries = IDS.map((id) => look(id))
    const givers = giversOf(YARD, entries, TODAY)
    expect(giversOf({ ...YARD, hives: [{ ...HIVE, id: 'a', stack: [] }] }, entries, TODAY)).toEqual([])
    const plan = nucleiOf(givers)
    expect(plan.nuclei).toHaveLength(2)
    expect(plan.left).toHaveLength(1)
    expect(plan.needs).toEqual({
      boxes: 2,
      broodCombs: 4,
      foodCombs: { low: 2, high: 4 },
      emptyCombs: 2,
      feeders: 2,
      doors: 2,
      screens: 2,
    })
    expect(new Set(plan.nuclei.flatMap((one) => one.givers)).size).toBe(4)
    expect(nucleiOf(givers, 1).nuclei).toHaveLength(1)
  })
})

describe('comb honey', () => {
  it('gives whole squares of four inches of a frame, and mass by thickness', () => {
    const frame = (id: string) => CATALOGUE.hanging.get(id)!
    const deep = squaresOf(frame('frame-langstroth-deep'), F)
    // A deep comb of about 428 × 203 mm: four across, two down at most; by hand 10.16² cm² × 3.2 cm × 0.92 × 1.417 g.
    expect(deep.count).toBeLessThanOrEqual(8)
    expect(deep.count).toBeGreaterThanOrEqual(4)
    expect(deep.eachKg).toBeCloseTo((10.16 ** 2 * 3.2 * F.honeyShare * F.honeyDensityKgPerLitre) / 1000, 6)
    expect(squaresOf(frame('frame-langstroth-deep'), F, 16).eachKg).toBeCloseTo(deep.eachKg / 2, 9)
    expect(sectionKg({ widthMm: 100, heightMm: 100, thicknessMm: 35 }, F)).toBeCloseTo(0.4563, 3)
    expect(() => sectionKg({ widthMm: 0, heightMm: 100, thicknessMm: 35 }, F)).toThrow(RangeError)
  })
})

const LAYERS = [L.floor, L.deep, L.crown, L.roof]
function yardOf(names: readonly string[], states: Readonly<Record<string, Partial<Content>>>): Yard {
  const { yard } = build(LAYERS)
  const made = names.map((name) =>
    buildHive(
      { name, stage: 'after-crop', stack: LAYERS.map(([id, role]) => [id, role] as const) },
      CATALOGUE,
      counter(name),
    ),
  )
  return {
    ...yard,
    hives: made.map(({ hive }) => hive),
    parts: made.flatMap(({ hive, parts }) =>
      parts.map((part): Part => ({
        ...part,
        contents: part.contents.map((one) => ({ ...one, ...states[hive.name] })),
      })),
    ),
  }
}

describe('combs of a dead colony', () => {
  const yard = yardOf(['dead', 'poor', 'rich'], {
    dead: { comb: 'drawn', holds: 'capped-honey' },
    poor: { comb: 'drawn', holds: 'empty' },
    rich: { comb: 'drawn', holds: 'capped-honey' },
  })
  const [dead, poor, rich] = yard.hives as [Yard['hives'][0], Yard['hives'][0], Yard['hives'][0]]

  it('go to the hive shortest of food, in the place of empty ones, each with its past, and can be taken back', () => {
    const gifts = combGifts(yard, dead, [poor, rich])
    expect(gifts.length).toBeGreaterThan(4)
    expect(new Set(gifts.map(({ toHiveId }) => toHiveId))).toEqual(new Set([poor.id]))
    const done = applyEdit(yard, giftEdit(yard, gifts))
    expect(done.ok).toBe(true)
    if (!done.ok) return
    const ids = ({ parts }: Yard) => parts.flatMap(({ contents }) => contents.map(({ id }) => id)).sort()
    expect(ids(done.yard)).toEqual(ids(yard))
    const there = done.yard.parts.find(({ id }) => id === gifts[0]!.toPartId)!
    expect(there.contents.find(({ id }) => id === gifts[0]!.contentId)).toMatchObject({
      holds: 'capped-honey',
      hasHeld: ['brood'],
    })
    const back = applyEdit(done.yard, done.inverse)
    expect(back.ok && back.yard).toEqual(yard)
  })

  it('stay where no other hive is short, or none has room for them', () => {
    expect(combGifts(yard, dead, [])).toEqual([])
    const full = yardOf(['dead', 'poor'], {
      dead: { comb: 'drawn', holds: 'capped-honey' },
      poor: { comb: 'drawn', holds: 'brood' },
    })
    expect(combGifts(full, full.hives[0]!, [full.hives[1]!])).toEqual([])
  })
})

describe('the record of a yard', () => {
  it('has treatments with their labels first, and says where nothing was noted', () => {
    const { yard, hive } = build(LAYERS)
    const label = {
      product: 'gel',
      amount: 'one tray',
      batch: 'B7',
      supplier: 'Club shop',
      expiresOn: '2027-05-01',
      until: '2026-09-01',
      withdrawalDays: 3,
    }
    const treated = entry('treatment', '2026-08-01T10:00', label, { hiveId: hive.id })
    const signs = look(hive.id, { signs: ['streaks-at-door'] })
    const of = { yard, from: '2026-01-01', to: '2026-12-31' }
    const sheet = recordSheet(of, [signs, treated], { units: 'mm', vocabulary: 'british' })!
    expect(sheet.tables[0]).toMatchObject({
      heading: 'Treatments',
      rows: [
        [
          '1 Aug 2026',
          'Twill',
          'gel',
          'B7; Club shop; not after 1 May 2027',
          'one tray',
          '1 Sep 2026',
          '5 Sep 2026',
          'on phone',
        ],
      ],
    })
    expect(sheet.tables[1]!.rows).toEqual([['5 May 2026', 'Twill', 'streaks at the entrance', 'on phone']])
    expect(sheet.tables.find(({ heading }) => heading === 'Crop taken')!.rows[0]![0]).toBe('Nothing noted')
    const other = recordSheet({ ...of, hiveId: 'other' }, [treated], { units: 'mm', vocabulary: 'british' })!
    expect(other.tables[0]!.rows[0]![0]).toBe('Nothing noted')
    const many = Array.from({ length: 50_000 }, () => signs)
    expect(recordSheet(of, many, { units: 'mm', vocabulary: 'british' })).toBeUndefined()
  })
})
