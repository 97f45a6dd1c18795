import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { storesByModelKg } from '#core/rules'
import type { Stage } from '#core/yard'
import { massOfHive, storesOf, thinned, usualWeighing, weighInProblem, type Weighing } from '#core/loads'
import { rowProblemInWords, weighRowReader, type CsvMapping } from '#wire/weigh-csv'
import { L, N, build } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const { assessment } = build([N.stand, N.floor, N.brood, N.super, N.crown, N.roof], { stage: 'winter' })
const WINTER: Weighing = usualWeighing('winter')
const NEED = { low: 23, high: 32 }

describe('stores by a weigh-in', () => {
  it('are the reading less tare, bees and brood, each with its bounds', () => {
    const mass = massOfHive(assessment.assembled, WINTER)
    const stores = storesOf(assessment.assembled, mass.kg.middle, WINTER, NEED)
    expect(stores.storesKg.middle).toBeCloseTo(mass.items.honey.middle, 9)
    expect(stores.storesKg.low).toBeLessThan(stores.storesKg.middle)
    expect(stores.storesKg.high).toBeGreaterThan(stores.storesKg.middle)
    expect(stores.tareKg.middle + stores.beesKg.middle + stores.broodKg.middle + stores.storesKg.middle).toBeCloseTo(
      mass.kg.middle,
      9,
    )
    expect(stores.shortKg).toBeCloseTo(Math.max(0, 23 - mass.items.honey.middle), 9)
  })

  it('grow with the reading, kilogram by kilogram, and are never below nothing (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (kg, more) => {
          const [a, b] = [kg, kg + more].map(
            (reading) => storesOf(assessment.assembled, reading, WINTER, NEED).storesKg,
          )
          for (const bound of ['low', 'middle', 'high'] as const) {
            expect(a![bound]).toBeGreaterThanOrEqual(0)
            expect(b![bound]).toBeGreaterThanOrEqual(a![bound] - 1e-9)
          }
        },
      ),
    )
  })

  it('give a fill that predicts the same weight again', () => {
    const reading = massOfHive(assessment.assembled, {
      ...WINTER,
      fullness: 'full',
      fill: { low: 0.6, middle: 0.6, high: 0.6 },
    })
    const { fill } = storesOf(assessment.assembled, reading.kg.middle, { ...WINTER, fullness: 'full' }, NEED)
    expect(fill).toBeGreaterThan(0.2)
    expect(fill).toBeLessThan(0.6)
  })

  it('are refused below the tare and above what the combs can hold', () => {
    expect(weighInProblem(assessment.assembled, 3, WINTER)).toMatchObject({ problem: 'below-tare' })
    expect(weighInProblem(assessment.assembled, 200, WINTER)).toMatchObject({ problem: 'above-full' })
    expect(
      weighInProblem(assessment.assembled, massOfHive(assessment.assembled, WINTER).kg.middle, WINTER),
    ).toBeUndefined()
    expect(
      weighInProblem(
        assessment.assembled,
        massOfHive(assessment.assembled, { ...WINTER, fullness: 'full', fill: null }).kg.middle,
        WINTER,
      ),
    ).toBeUndefined()
  })
})

describe('a thinned series', () => {
  it('keeps first, last and order, and as many points as asked (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -100, max: 100, noNaN: true }), { minLength: 3, maxLength: 400 }),
        fc.integer({ min: 3, max: 60 }),
        (ys, most) => {
          const points = ys.map((y, x) => ({ x, y }))
          const thin = thinned(points, most)
          expect(thin).toHaveLength(Math.min(points.length, most))
          expect([thin[0], thin.at(-1)]).toEqual([points[0], points.at(-1)])
          expect(thin.map(({ x }) => x)).toEqual([...thin.map(({ x }) => x)].sort((a, b) => a - b))
          for (const point of thin) expect(points).toContainEqual(point)
        },
      ),
    )
  })

  it('keeps the one spike in a flat line', () => {
    const points = Array.from({ length: 1000 }, (_, x) => ({ x, y: x === 537 ? 40 : 1 }))
    expect(thinned(points, 20)).toContainEqual({ x: 537, y: 40 })
  })
})

describe('a row of a file', () => {
  const MAPPING: CsvMapping = {
    timeColumn: 'time',
    kgColumn: 'weight',
    unit: 'kg',
    decimal: '.',
    zone: 'Europe/London',
  }
  const row = (time: string, weight: string, more: Partial<CsvMapping> = {}) =>
    weighRowReader({ ...MAPPING, ...more })({ time, weight })

  it.each([
    ['summer time', '2026-07-01 12:00', '2026-07-01T11:00:00.000Z'],
    ['winter time', '2026-01-01 12:00', '2026-01-01T12:00:00.000Z'],
    ['day first', '01.07.2026 12:00', '2026-07-01T11:00:00.000Z'],
    ['its own zone', '2026-07-01T12:00:00Z', '2026-07-01T12:00:00.000Z'],
    ['with an offset', '2026-07-01T12:00:00+02:00', '2026-07-01T10:00:00.000Z'],
  ])('reads local time: %s', (_name, time, at) => {
    expect(row(time, '45.2')).toEqual({ ok: true, at, kg: 45.2 })
  })

  it('reads back any moment written by the clock of any zone (property)', () => {
    const zones = [
      'Europe/London',
      'America/New_York',
      'Australia/Lord_Howe',
      'Asia/Kolkata',
      'UTC',
      'America/Sao_Paulo',
    ]
    const readers = new Map(zones.map((zone) => [zone, weighRowReader({ ...MAPPING, zone })]))
    const minute = fc.integer({
      min: Date.parse('2015-01-01T00:00:00Z') / 60_000,
      max: Date.parse('2027-01-01T00:00:00Z') / 60_000,
    })
    fc.assert(
      fc.property(minute, fc.constantFrom(...zones), (at, zone) => {
        const written = new Intl.DateTimeFormat('sv-SE', {
          timeZone: zone,
          dateStyle: 'short',
          timeStyle: 'short',
        }).format(at * 60_000)
        const read = readers.get(zone)!({ time: written, weight: '45' })
        if (!read.ok) throw new Error(`${written} in ${zone}: ${read.problem}`)
        const early = (at * 60_000 - Date.parse(read.at)) / 60_000
        expect(read.doubled ? [0, 30, 60] : [0]).toContain(early)
      }),
      { numRuns: runs(400) },
    )
  })

  it('reads a file whose dates change their form on the way', () => {
    const read = weighRowReader(MAPPING)
    const at = (time: string) => read({ time, weight: '45' })
    expect(
      ['2026-07-01 12:00', '01/07/2026 12:00:30', '2026-07-01T12:00', 'soon', '01.07.2026 12:00'].map((time) =>
        at(time).ok ? (at(time) as { at: string }).at : 'none',
      ),
    ).toEqual([
      '2026-07-01T11:00:00.000Z',
      '2026-07-01T11:00:30.000Z',
      '2026-07-01T11:00:00.000Z',
      'none',
      '2026-07-01T11:00:00.000Z',
    ])
  })

  it('tells the hour that the clock skips and the one that it goes through twice', () => {
    expect(row('2026-03-29 01:30', '45')).toMatchObject({ ok: false, problem: 'skipped-hour' })
    expect(row('2026-10-25 01:30', '45')).toEqual({ ok: true, at: '2026-10-25T00:30:00.000Z', kg: 45, doubled: true })
    expect(row('2026-03-29 01:30', '45', { zone: 'UTC' })).toMatchObject({ ok: true, at: '2026-03-29T01:30:00.000Z' })
  })

  it('reads pounds, grams and the other decimal sign, and refuses what is mixed up', () => {
    expect(row('2026-07-01 12:00', '100', { unit: 'lb' })).toMatchObject({ kg: 45.359 })
    expect(row('2026-07-01 12:00', '45200 g', { unit: 'g' })).toMatchObject({ kg: 45.2 })
    expect(row('2026-07-01 12:00', '45,2', { decimal: ',' })).toMatchObject({ kg: 45.2 })
    expect(row('2026-07-01 12:00', '45,2')).toMatchObject({ ok: false, problem: 'wrong-decimal' })
    expect(row('2026-07-01 12:00', '99 lb')).toMatchObject({ ok: false, problem: 'other-unit' })
    expect(row('2026-07-01 12:00', 'n/a')).toMatchObject({ ok: false, problem: 'no-mass' })
    expect(row('2026-07-01 12:00', '-3')).toMatchObject({ ok: false, problem: 'out-of-range' })
    expect(row('yesterday', '45')).toMatchObject({ ok: false, problem: 'no-time' })
    expect(row('2026-07-01 12:00', '45', { zone: 'Atlantis/Deep' })).toMatchObject({ ok: false, problem: 'no-time' })
  })

  it('says in a sentence which row was left out and why', () => {
    const bad = row('2026-07-01 12:00', '45,2')
    if (bad.ok) throw new Error('it was read')
    expect(rowProblemInWords(7, bad)).toBe('Row 7: “45,2” has the other decimal sign: choose which one the file uses.')
  })
})

describe('what frames were said to hold, and when (common practice: no brood in winter)', () => {
  const july = (stage: Stage) =>
    build([L.floor, L.deep, L.medium, L.crown, L.roof], {
      stage,
      change: (part, i) =>
        i === 1 ? { ...part, contents: part.contents.map((one) => ({ ...one, comb: 'drawn', holds: 'brood' })) } : part,
    }).assessment.assembled
  it('a reading in winter takes no brood of July off: the stores are the stores', () => {
    const [winter, flow] = [july('winter'), july('flow')]
    const need = { low: 16, high: 20 }
    expect(storesOf(winter, 50, usualWeighing('winter'), need).broodKg.middle).toBe(0)
    expect(storesOf(flow, 50, usualWeighing('flow'), need).broodKg.middle).toBeGreaterThan(8)
  })
  it(
    'the food check counts no brood comb as stores while there is brood, and says nothing of ' + '0 to 0 kg in winter',
    () => {
      expect(storesByModelKg(july('after-crop'), { stage: 'after-crop' }).middle).toBe(0)
      expect(storesByModelKg(july('winter'), { stage: 'winter' }).low).toBeGreaterThan(3)
    },
  )
})
