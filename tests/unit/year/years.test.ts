import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { daysLater, dueOf, waitsForWarmth, type DueLine, type Entry } from '#core/book'
import { SHIPPED_FIGURES } from '#core/figures'
import { CLIMATES, FLOOR_WAYS, WINTER_DOORS, WINTER_TOPS, type Calendar, type HiveSeason, type Yard } from '#core/yard'
import { CALENDARS, SPRING_CROP, autumnOf, firstForage, isPacked, needOn, shifted, yearOf } from '#core/year'
import { HALF_YEAR_DAYS, addDays, daysFrom } from '#core/units'
import { autumnInWords, cautionInWords, treatByInWords, treatConflictInWords, TREATMENT_CAUTION } from '#core/words'
import { entry } from '../../helpers/book'
import { demoPlan } from '../../helpers/wire'
import { yearRun, yearTable } from '../../helpers/year-run'
import { build, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const NATIONAL: readonly Layer[] = [['stand-timber-200'], ['floor-mesh-national']]
const LANGSTROTH: readonly Layer[] = [['stand-timber-200'], ['floor-solid-langstroth']]
const COVER = {
  national: [['crown-national'], ['roof-telescoping-national']],
  langstroth: [['crown-langstroth'], ['roof-telescoping-langstroth']],
} as const satisfies Record<string, readonly Layer[]>
const on = (base: readonly Layer[], boxes: readonly Layer[], of: keyof typeof COVER): readonly Layer[] => [
  ...base,
  ...boxes,
  ...COVER[of],
]
const N_BROOD: Layer = ['box-national-brood', 'brood']
const DEEP: Layer = ['box-langstroth-deep', 'brood']
const MEDIUM: Layer = ['box-langstroth-medium', 'brood']

type Way = NonNullable<HiveSeason['way']>
/** Nine hives as they are kept, each in a year of its own: what it is called, what stands, the year, and how. */
const HIVES: readonly (readonly [name: string, stack: readonly Layer[], calendar: Calendar, way: Way])[] = [
  [
    'national-single-by-the-sea',
    on(NATIONAL, [N_BROOD], 'national'),
    CALENDARS['cool-maritime'],
    { supers: 2, feeds: true, winterTop: 'condensing' },
  ],
  [
    'national-spring-crop',
    on(NATIONAL, [N_BROOD, ['box-national-super', 'food']], 'national'),
    SPRING_CROP,
    { supers: 4, crops: 'spring-and-summer', feeds: true, winterTop: 'bare' },
  ],
  [
    'national-double-south',
    on(NATIONAL, [N_BROOD, N_BROOD], 'national'),
    shifted(CALENDARS['cool-maritime'], HALF_YEAR_DAYS),
    { supers: 3, wrap: 'wrap', winterTop: 'absorbing' },
  ],
  [
    'nucleus-by-the-sea',
    [['floor-solid-national-6'], ['box-national-6-brood', 'brood'], ['crown-national-6'], ['roof-flush-national-6']],
    CALENDARS['cool-maritime'],
    { supers: 2 },
  ],
  [
    'langstroth-deep-and-medium-inland',
    on(LANGSTROTH, [DEEP, ['box-langstroth-medium', 'food']], 'langstroth'),
    CALENDARS['cold-continental'],
    { supers: 2, feeds: true, wrap: 'wrap', winterTop: 'condensing' },
  ],
  [
    'langstroth-two-deeps-inland',
    on(LANGSTROTH, [DEEP, DEEP], 'langstroth'),
    CALENDARS['cold-continental'],
    { supers: 3, excluder: 'none', winterTop: 'vented', winterSize: 'all' },
  ],
  [
    'langstroth-mediums-warm',
    on(LANGSTROTH, [MEDIUM, MEDIUM], 'langstroth'),
    CALENDARS['warm-temperate'],
    { supers: 2, excluder: 'none', winterTop: 'bare' },
  ],
  [
    'langstroth-highland',
    on(LANGSTROTH, [DEEP], 'langstroth'),
    CALENDARS['tropical-highland'],
    { supers: 2, winterTop: 'bare' },
  ],
  [
    'langstroth-inland-south',
    on(LANGSTROTH, [DEEP], 'langstroth'),
    shifted(CALENDARS['cold-continental'], HALF_YEAR_DAYS),
    { supers: 2, feeds: true, wrap: 'wrap', winterTop: 'condensing' },
  ],
]
const yardOf = (stack: readonly Layer[], calendar: Calendar, way: Way): Yard => ({
  ...build(stack, { stage: 'winter' }).yard,
  season: { calendar, way },
})

describe('a planned year, carried out, read against the table of stages (domain sheet, common practice)', () => {
  it.each(HIVES)('%s', async (name, stack, calendar, way) => {
    await expect(yearTable(yearRun(yardOf(stack, calendar, way)))).toMatchFileSnapshot(`years/${name}.txt`)
  })

  it.each(demoPlan().yards.flatMap((yard) => yard.hives.map(({ name }, i) => [name, yard, i] as const)))(
    'of the demo: %s',
    async (name, yard, i) => {
      const first = { ...yard, hives: [yard.hives[i]!, ...yard.hives.filter((_, at) => at !== i)] }
      await expect(yearTable(yearRun(first))).toMatchFileSnapshot(`years/demo-${name.toLowerCase()}.txt`)
    },
  )
})

/** Any year of any climate and hemisphere, and any way of keeping. */
const anyYear = fc
  .record({
    climate: fc.constantFrom(...CLIMATES),
    south: fc.boolean(),
    later: fc.integer({ min: -10, max: 10 }),
    way: fc.record({
      supers: fc.integer({ min: 0, max: 4 }),
      feeds: fc.boolean(),
      wrap: fc.constantFrom('wrap' as const, 'none' as const),
      winterTop: fc.constantFrom(...WINTER_TOPS),
      winterDoor: fc.constantFrom(...WINTER_DOORS),
      floor: fc.constantFrom(...FLOOR_WAYS),
      crops: fc.constantFrom('one' as const, 'spring-and-summer' as const),
    }),
    hive: fc.constantFrom(...HIVES.map(([, stack]) => stack)),
  })
  .map(({ climate, south, later, way, hive }) =>
    yardOf(hive, shifted(CALENDARS[climate], later + (south ? HALF_YEAR_DAYS : 0)), way),
  )
const day = (monthDay: string) => `2026-${monthDay}`
const comesBefore = (a: string, b: string) => a !== b && daysFrom(a, b) < HALF_YEAR_DAYS

describe('whatever the year and the way of keeping (properties)', () => {
  it('takes off no guard, wrap or feeder before its own reason, and feeds with no crop super on', () => {
    fc.assert(
      fc.property(anyYear, (yard) => {
        const { calendar } = yearOf(yard)
        const autumn = autumnOf(yard)
        for (const run of yearRun(yard)) {
          for (const { what, kind } of run.off) {
            const told = `${what} off at ${run.stage}, ${run.due}`
            // Mice stay until bees fly; a wrap until the last frost or the first super; a feeder until it is packed down.
            if (what === 'mouse guard') expect(comesBefore(run.due, calendar.firstPollen), told).toBe(false)
            if (kind === 'wrap') expect(['supering', 'flow'], told).toContain(run.stage)
            if (kind === 'feeder' && autumn && run.stage === 'pack-down')
              expect(comesBefore(run.due, autumn.pack), told).toBe(false)
          }
          expect(run.feedsUnderSupers, `${run.stage}: ${run.stands.join(', ')}`).toBe(false)
        }
      }),
      { numRuns: runs(60) },
    )
  }, 60_000)

  it('asks for no opening under the limit of the day, by what a line of Due has to lift', () => {
    const reasons: readonly DueLine['reason'][] = [
      { due: 'look', because: 'season', lastLook: day('05-01') },
      { due: 'act', open: 1, sealed: 0 },
      { due: 'cells', sealed: 2 },
      { due: 'count', lastCount: day('05-01') },
      { due: 'count-after', product: 'x', ended: day('05-01') },
      { due: 'hive-nucleus', seams: 5 },
      { due: 'visit', stage: 'flow', stands: 'supering', parting: 'free' },
      { due: 'box', free: 1, freeMost: 2, combs: 10 },
      { due: 'treatment-end', product: 'x', began: day('05-01') },
      { due: 'feed', given: day('05-01') },
    ]
    const waits = (reason: DueLine['reason'], celsius: number) =>
      waitsForWarmth({ id: 'x', hiveId: 'h', day: day('05-10'), reason }, celsius, SHIPPED_FIGURES)
    for (const reason of reasons) {
      expect(waits(reason, 9), reason.due).toBeDefined()
      expect(waits(reason, 20), reason.due).toBeUndefined()
    }
    // A peep is no lifting of brood.
    expect(waits(reasons[0]!, 12)).toBe('brood')
    expect(waits(reasons[7]!, 12)).toBeUndefined()
  })

  it('asks less and less as a winter runs out, up to the first forage', () => {
    fc.assert(
      fc.property(anyYear, (yard) => {
        const year = yearOf(yard)
        const { firstFrost } = year.calendar
        if (firstFrost === null) return
        const days = daysFrom(firstFrost, firstForage(year))
        const need = Array.from({ length: days }, (_, i) => needOn(yard, addDays(firstFrost, i)))
        for (const [i, one] of need.entries()) {
          const before = need[i - 1] ?? one
          expect(one.low, addDays(firstFrost, i)).toBeLessThanOrEqual(before.low + 1e-9)
          expect(one.high).toBeLessThanOrEqual(before.high + 1e-9)
        }
      }),
      { numRuns: runs(40) },
    )
  })

  it('has no two lines of Due that contradict each other within a week, whatever was seen', () => {
    const look = fc.record({
      at: fc.integer({ min: 1, max: 28 }),
      month: fc.integer({ min: 1, max: 12 }),
      open: fc.integer({ min: 0, max: 2 }),
      sealed: fc.integer({ min: 0, max: 2 }),
      heft: fc.constantFrom('light' as const, 'fair' as const, 'heavy' as const),
    })
    const two = (n: number) => String(n).padStart(2, '0')
    fc.assert(
      fc.property(
        anyYear,
        fc.array(look, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 0, max: 40 }),
        (yard, seen, after) => {
          const hiveId = yard.hives[0]!.id
          const entries = seen.flatMap(({ at, month, open, sealed, heft }, i): Entry[] => {
            const on = `2026-${two(month)}-${two(at)}`
            const cells = open + sealed > 0 ? { cells: { open, sealed } } : {}
            return [
              entry('look', `${on}T10:00`, { ...cells, heft }, { id: `l${i}`, hiveId }),
              entry('mites', `${on}T11:00`, { way: 'wash', mites: 1, bees: 300 }, { id: `m${i}`, hiveId }),
            ]
          })
          const last = entries
            .map(({ at }) => at.slice(0, 10))
            .sort()
            .at(-1)!
          const today = daysLater(last, after)
          const lines = dueOf(yard, entries, today)
          const of = (...due: DueLine['reason']['due'][]) => lines.filter(({ reason }) => due.includes(reason.due))
          const told = lines.map(({ id, day: on }) => `${id} ${on}`).join('; ')
          // Acted on at once, or left in peace: never a look beside either.
          expect(of('act').length > 0 && of('look', 'cells').length > 0, told).toBe(false)
          const [peace] = lines.filter(({ reason }) => reason.due === 'look' && reason.because === 'virgin')
          for (const line of of('look', 'count', 'count-after', 'hive-nucleus'))
            expect(peace !== undefined && line.day < peace.day, told).toBe(false)
          // What is packed is not opened.
          if (isPacked(today, yard))
            expect(of('look', 'act', 'cells', 'count', 'box', 'hive-nucleus'), told).toEqual([])
          // One thing is asked once.
          for (const due of ['look', 'act', 'weigh', 'visit', 'box'] as const)
            expect(of(due).length, told).toBeLessThan(2)
        },
      ),
      { numRuns: runs(300) },
    )
  })

  it('every sentence of treating defers to the label (year, cautions)', () => {
    const reader = { units: 'mm', vocabulary: 'british' } as const
    const conflict = { cropEnds: '10-04', beesFrom: '09-06', treatBy: '09-20' }
    const told = [
      ...(['treatment', 'treatment-time'] as const).map((one) => cautionInWords(one, reader)),
      TREATMENT_CAUTION,
      ...CLIMATES.flatMap(
        (climate) => treatByInWords({ calendar: CALENDARS[climate], figures: SHIPPED_FIGURES }, reader) ?? [],
      ),
      treatConflictInWords(conflict, reader).fate,
      treatConflictInWords({ ...conflict, between: { from: '08-01', to: '08-20' } }, reader).fate,
      autumnInWords('pack-down', yardOf(HIVES[4]![1], CALENDARS['cold-continental'], {}), reader)[0]!,
    ]
    for (const text of told) expect(text).toMatch(/label/)
    for (const text of told) expect(text).not.toMatch(/never with supers/)
  })
})
