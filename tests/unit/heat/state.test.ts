import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, catalogueOf, withSizes, type Pattern, type Part } from '#core/parts'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { assembleHive, layOut, partsById } from '#core/stack'
import type { Attachment } from '#core/yard'
import { CALENDARS, shifted } from '#core/year'
import type { Length } from '#core/units'
import {
  beesInSeamsKg,
  beesOf,
  canGive,
  chipsTakeUpKg,
  combOfBees,
  dryByAir,
  enclosureOf,
  foodInAll,
  foodThrough,
  looksFahrenheit,
  lossWPerK,
  openingsOf,
  readAs,
  seamsOfBees,
  stateOf,
  winterMonths,
  withoutJumps,
  type Asked,
  type Shell,
} from '#core/heat'
import { build, L, N, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const size = (mm: number): Length => ({ mm, plusMinusMm: 0, source: { mark: 'measured', text: 'rule' } })
const VENT: Layer = ['vent-rim-langstroth']
const SLAB: Layer = ['slab-langstroth']
const QUILT: Layer = ['absorber-langstroth']
const CLUSTER = { warm: 'cluster' } as const

type Fitting = readonly [patternId: string, place: Attachment['place'], more?: Partial<Attachment>]

/** The shell of a stack with these fittings; crowns closed unless they are to be open. */
function shellOf(
  layers: readonly Layer[],
  { fittings = [], hole = 'closed', own = [] as readonly Pattern[], change = (part: Part) => part } = {} as {
    fittings?: readonly Fitting[]
    hole?: 'open' | 'closed'
    own?: readonly Pattern[]
    change?: (part: Part) => Part
  },
) {
  const catalogue = {
    ...CATALOGUE,
    patterns: new Map([...CATALOGUE.patterns, ...own.map((one) => [one.id, one] as const)]),
  }
  const { yard, hive } = build(layers, {
    catalogue,
    change: (part) => change(part.patternId.startsWith('crown') ? { ...part, hole } : part),
  })
  const parts = fittings.map(([patternId], i): Part => ({ id: `fit${i}`, patternId, contents: [], hasHeld: [] }))
  const attachments = fittings.map(([, place, more], i) => ({ partId: `fit${i}`, place, ...more }))
  const layout = layOut(
    assembleHive({ ...hive, attachments }, partsById({ parts: [...yard.parts, ...parts] }), catalogue),
  )
  const shell: Shell = { enclosure: enclosureOf(layout), openings: openingsOf(layout) }
  return { shell, layout, hive }
}
const ask = (more: Partial<Asked> = {}): Asked => ({ outsideCelsius: -5, beesKg: 1.6, inside: CLUSTER, ...more })
const lossOf = (...args: Parameters<typeof shellOf>) => lossWPerK(shellOf(...args).shell.enclosure)

describe('ways for air through a stack', () => {
  const whats = (...args: Parameters<typeof shellOf>) => shellOf(...args).shell.openings.map(({ what }) => what)

  it('are its door, a mesh without its insert, rims with an opening, an open hole with air above it', () => {
    expect(whats([L.floor, L.deep, L.crown, L.roof])).toEqual(['door'])
    expect(whats([L.mesh, L.deep, L.crown, L.roof])).toEqual(['door', 'mesh'])
    expect(
      whats([L.mesh, L.deep, L.crown, L.roof], { fittings: [['floor-insert-board', 'floor-slot-upper']] }),
    ).toEqual(['door'])
    expect(whats([L.floor, L.deep, L.crown, L.roof], { hole: 'open' })).toEqual(['door', 'hole'])
    expect(whats([L.floor, L.deep, L.crown, SLAB, L.roof], { hole: 'open' })).toEqual(['door'])
    expect(whats([L.floor, L.deep, L.crown, QUILT, L.roof], { hole: 'open' })).toEqual(['door'])
    expect(whats([L.floor, L.deep, L.crown, VENT, SLAB, L.roof], { hole: 'open' })).toEqual(['door', 'vent'])
    expect(whats([L.floor, L.deep, L.crown, VENT, SLAB, L.roof])).toEqual(['door'])
    expect(whats([L.floor, L.deep, VENT, L.crown, L.roof])).toEqual(['door', 'vent'])
    expect(whats([L.stand])).toEqual([])
  })

  it('a fitting narrows the door; at its upper edge it lies higher', () => {
    const door = (...fittings: readonly Fitting[]) =>
      shellOf([L.floor, L.deep, L.crown, L.roof], { fittings }).shell.openings[0]!
    expect(door(['entrance-block', 'entrance']).areaMm2).toBe(800)
    expect(door().areaMm2).toBeGreaterThan(5000)
    expect(door(['mouse-guard', 'entrance', { edge: 'upper' }]).atMm).toBeGreaterThan(
      door(['mouse-guard', 'entrance']).atMm,
    )
  })

  it('a hole over a rim passes no more than the rim does', () => {
    const vent = shellOf([L.floor, L.deep, L.crown, VENT, SLAB, L.roof], { hole: 'open' }).shell.openings[1]!
    expect(vent.areaMm2).toBeLessThan(60 * 15.875)
    expect(vent.areaMm2).toBeGreaterThan(0.9 * 60 * 15.875)
  })
})

describe('a hive at one time', () => {
  it('gives as much as it loses: faces and air together, to 1e-9', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -40, max: 30, noNaN: true }),
        fc.double({ min: 0.05, max: 6, noNaN: true }),
        fc.boolean(),
        (outsideCelsius, beesKg, open) => {
          const { shell } = shellOf([L.mesh, L.deep, L.deep, L.crown, VENT, SLAB, L.roof], {
            hole: open ? 'open' : 'closed',
          })
          const state = stateOf(shell, ask({ outsideCelsius, beesKg }), F)
          const lost = state.faces.reduce((sum, { watts }) => sum + watts, 0) + state.airWatts
          expect(Math.abs(lost - state.watts)).toBeLessThan(1e-9)
          expect(Math.abs(state.canGiveWatts.middle - state.watts)).toBeLessThan(1e-9)
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('a hole never warms, nor does a wider door', () => {
    const inside = (hole: 'open' | 'closed', fittings: readonly Fitting[] = []) =>
      stateOf(shellOf([L.floor, L.deep, L.crown, VENT, SLAB, L.roof], { hole, fittings }).shell, ask(), F).insideCelsius
    expect(inside('open')).toBeLessThan(inside('closed'))
    expect(inside('closed')).toBeLessThanOrEqual(inside('closed', [['entrance-block', 'entrance']]))
    const some = fc.record({
      what: fc.constant('vent' as const),
      partId: fc.constant('any'),
      areaMm2: fc.integer({ min: 0, max: 5000 }),
      atMm: fc.integer({ min: 0, max: 900 }),
      highMm: fc.integer({ min: 0, max: 30 }),
    })
    const { shell } = shellOf([L.floor, L.deep, L.crown, L.roof])
    fc.assert(
      fc.property(fc.array(some, { maxLength: 4 }), some, (openings, hole) => {
        const at = (list: typeof openings) => stateOf({ ...shell, openings: list }, ask(), F).insideCelsius
        expect(at([...openings, hole])).toBeLessThanOrEqual(at(openings) + 1e-9)
      }),
      { numRuns: runs(100) },
    )
  })

  it('never needs less in two boxes than in one, in any cold', () => {
    const [one, two] = [1, 2].map(
      (n) => shellOf([L.floor, ...Array.from({ length: n }, () => L.deep), L.crown, L.roof]).shell,
    )
    for (let outsideCelsius = -30; outsideCelsius < 15; outsideCelsius += 5)
      expect(stateOf(two!, ask({ outsideCelsius }), F).watts).toBeGreaterThanOrEqual(
        stateOf(one!, ask({ outsideCelsius }), F).watts - 1e-9,
      )
  })

  it('with the whole cavity warm takes what that takes, and says whether so many bees can give it', () => {
    const { shell } = shellOf([L.floor, L.deep, L.crown, L.roof])
    const inside = { warm: 'cavity', celsius: 21 } as const
    const cold = stateOf(shell, ask({ inside }), F)
    expect(cold.insideCelsius).toBe(21)
    expect(cold.watts).toBeGreaterThan(50)
    expect(canGive(stateOf(shell, ask({ inside, outsideCelsius: 2 }), F), 1.6, F)).toBe('perhaps')
    expect(canGive(cold, 0.4, F)).toBe('no')
    expect(canGive(stateOf(shell, ask({ inside, outsideCelsius: 15 }), F), 1.6, F)).toBe('yes')
    expect(stateOf(shell, ask({ inside, outsideCelsius: 30 }), F)).toMatchObject({ insideCelsius: 30, watts: 0 })
  })

  it('stands still with no bees, no top or no floor, and says nothing where no box stands', () => {
    expect(stateOf(shellOf([L.floor, L.deep, L.crown, L.roof]).shell, ask({ beesKg: 0 }), F).insideCelsius).toBeCloseTo(
      -5,
      6,
    )
    for (const layers of [[L.floor, L.deep], [L.deep, L.crown, L.roof], [L.deep]]) {
      const state = stateOf(shellOf(layers).shell, ask(), F)
      expect([state.insideCelsius, state.watts, state.honeyKgADay].every(Number.isFinite)).toBe(true)
      expect(state.watts).toBeGreaterThan(0)
    }
    expect(stateOf(shellOf([L.stand]).shell, ask(), F)).toMatchObject({ faces: [], wetFirst: undefined })
  })

  it('two halves of one box warm each other: each eats less than alone in a box of its size', () => {
    const double = shellOf([L.floor, ['box-double-nucleus', 'brood'], L.crown, SLAB, L.roof]).shell
    const alone = shellOf([
      ['floor-solid-langstroth-5'],
      ['box-langstroth-5-deep', 'brood'],
      ['crown-langstroth-5'],
      ['slab-langstroth-5'],
      ['roof-telescoping-langstroth-5'],
    ]).shell
    expect(double.enclosure.colonies).toBe(2)
    expect(stateOf(double, ask(), F).honeyKgADay).toBeLessThan(stateOf(alone, ask(), F).honeyKgADay)
  })
})

describe('what goes round and over', () => {
  it('a wrap goes round the boxes that it is said to, by what it is of or the R that is given for it', () => {
    const stack = [L.floor, L.deep, L.deep, L.crown, SLAB, L.roof]
    const wrapped = (more?: Partial<Attachment>) => lossOf(stack, { fittings: [['wrap-foam', 'around', more]] })
    const { hive } = shellOf(stack)
    const one = wrapped({ round: [hive.stack[1]!.partId] })
    expect(wrapped()).toBeLessThan(one)
    expect(one).toBeLessThan(lossOf(stack))
    const thin = withSizes(
      { ...CATALOGUE.patterns.get('wrap-sheet')!, id: 'own-wrap', own: true, rValue: 0.7 },
      { depth: size(3) },
    )
    expect(lossOf(stack, { own: [thin], fittings: [['own-wrap', 'around']] })).toBeLessThan(wrapped({ round: [] }))
  })

  it('more insulation never loses more heat nor makes that face drip earlier', () => {
    const wall = (mm: number) => {
      const own = withSizes({ ...CATALOGUE.patterns.get('wrap-foam')!, id: 'own-wrap', own: true }, { depth: size(mm) })
      const { shell } = shellOf([L.floor, L.deep, L.crown, SLAB, L.roof], {
        own: [own],
        fittings: [['own-wrap', 'around']],
      })
      return {
        loss: lossWPerK(shell.enclosure),
        state: stateOf(shell, ask({ inside: { warm: 'cavity', celsius: 5 } }), F),
      }
    }
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100 }), fc.integer({ min: 1, max: 60 }), (mm, more) => {
        const [thin, thick] = [wall(mm), wall(mm + more)]
        expect(thick.loss).toBeLessThan(thin.loss)
        thick.state.faces.forEach(({ dripsFrom }, i) =>
          expect(dripsFrom).toBeGreaterThanOrEqual(thin.state.faces[i]!.dripsFrom),
        )
      }),
      { numRuns: runs(25) },
    )
  })

  it('an insert under a mesh, a film, acrylic, a box of insulation: each holds back what it is', () => {
    const mesh = [L.mesh, L.deep, L.crown, L.roof]
    const insert = lossOf(mesh, { fittings: [['floor-insert-board', 'floor-slot-upper']] })
    expect(insert).toBeLessThan(lossOf(mesh))
    const top = (crown: string) => lossOf([L.floor, L.deep, [crown], L.roof])
    expect(top('crown-langstroth')).toBeLessThan(top('crown-acrylic-langstroth'))
    expect(top('crown-acrylic-langstroth')).toBeLessThan(top('crown-film-langstroth'))
    const over = (slab: Layer) => lossOf([L.floor, L.deep, L.crown, slab, L.roof])
    expect(over(['slab-box-langstroth'])).toBeLessThan(over(SLAB))
  })

  it('a metal stand under it changes nothing of its heat', () => {
    const stack = [L.floor, L.deep, L.crown, L.roof]
    expect(lossOf([['stand-metal-200'], ...stack])).toBeCloseTo(lossOf(stack), 12)
  })
})

describe('water and air at the top', () => {
  it('an opening that would keep the top dry passes just what it takes; with too small a door none can', () => {
    const { shell } = shellOf([L.floor, L.deep, L.crown, L.roof])
    const state = stateOf(shell, ask(), F)
    const dry = dryByAir(shell, state, 0.85, F)!
    expect(dry.m3PerS * 3600).toBeGreaterThan(0.5)
    expect(dry.passesM3PerS).toBeLessThan(dry.m3PerS)
    expect(dry.openingMm2).toBeGreaterThan(100)
    expect(dry.honeyKgADay).toBeGreaterThan(0)
    const small = { ...shell, openings: [{ what: 'door', partId: 'any', areaMm2: 20, atMm: 10, highMm: 5 }] as const }
    expect(dryByAir(small, state, 0.85, F)!.openingMm2).toBeUndefined()
    expect(dryByAir(shellOf([L.stand]).shell, state, 0.85, F)).toBeUndefined()
  })

  it('75 mm of chips over a ten-frame box take up about 0.4 kg (from memory)', () => {
    const deep = (part: Part) => (part.patternId === QUILT[0] ? { ...part, measured: { fillDepth: size(75) } } : part)
    const { layout } = shellOf([L.floor, L.deep, L.crown, QUILT, L.roof], { change: deep })
    expect(chipsTakeUpKg(layout)).toBeCloseTo(0.39, 2)
    expect(chipsTakeUpKg(shellOf([L.floor, L.deep, L.crown, L.roof]).layout)).toBeUndefined()
  })
})

describe('a winter, month by month', () => {
  const months = winterMonths(CALENDARS['cold-continental'], undefined, F)

  it('goes from October to March, in the south from April to September, with brood from the late-winter check on', () => {
    expect(months.map(({ month, celsius }) => [month, celsius])).toEqual([
      [10, 9],
      [11, 3],
      [12, -4],
      [1, -8],
      [2, -6],
      [3, 1],
    ])
    expect(months.reduce((sum, { days }) => sum + days, 0)).toBe(182)
    // First pollen on 5 April: the late-winter check is on 8 March.
    expect(months.map(({ withBrood }) => withBrood)).toEqual([0, 0, 0, 0, 0, expect.closeTo(24 / 31, 9)])
    const south = winterMonths(shifted(CALENDARS['cold-continental'], 182), undefined, F)
    expect(south.map(({ month }) => month)).toEqual([4, 5, 6, 7, 8, 9])
    expect(winterMonths(CALENDARS['tropical-highland'], undefined, F)).toEqual([])
    expect(winterMonths(CALENDARS['cool-maritime'], [1, 2, 3, 4, 5, 6], F).map(({ celsius }) => celsius)).toEqual([
      1, 2, 3, 4, 5, 6,
    ])
  })

  it('takes more honey the colder it is and with brood, within bounds round the middle', () => {
    const { shell } = shellOf([L.floor, L.deep, L.crown, SLAB, L.roof])
    const food = foodThrough(shell, months, 1.6, CLUSTER, F)
    expect(food[3]!.honeyKg.middle).toBeGreaterThan(food[0]!.honeyKg.middle)
    for (const { honeyKg } of food) {
      expect(honeyKg.low).toBeLessThan(honeyKg.middle)
      expect(honeyKg.middle).toBeLessThan(honeyKg.high)
    }
    const all = foodInAll(food)
    expect(all.middle).toBeCloseTo(
      food.reduce((sum, { honeyKg }) => sum + honeyKg.middle, 0),
      9,
    )
    const without = foodThrough(
      shell,
      months.map((month) => ({ ...month, withBrood: 0 })),
      1.6,
      CLUSTER,
      F,
    )
    expect(foodInAll(without).middle).toBeLessThan(all.middle)
  })
})

describe('bees counted', () => {
  it('a seam of a deep is about 2 400 bees, 5 seams about 1.6 kg (from memory); seams and kg are each other’s inverse', () => {
    const { layout } = shellOf([L.floor, L.deep, L.crown, L.roof])
    const comb = combOfBees(layout.parts[1]!.hung)!
    expect(Math.abs(beesOf(beesInSeamsKg(1, comb, F), F) - 2400)).toBeLessThan(60)
    expect(beesInSeamsKg(5, comb, F)).toBeCloseTo(1.6, 1)
    expect(seamsOfBees(beesInSeamsKg(3.7, comb, F), comb, F)).toBeCloseTo(3.7, 12)
    expect(combOfBees([])).toBeUndefined()
  })
})

describe('a sensor in the hive', () => {
  const { shell } = shellOf([L.floor, L.deep, L.crown, L.roof], { fittings: [['entrance-block', 'entrance']] })

  it('says the dew point, the faces that are wet now, and the heat of the cluster from the difference', () => {
    const damp = readAs(shell, { celsius: 5, humidityPercent: 80 }, -5, F)
    expect(damp.dewPointCelsius).toBeCloseTo(1.8, 1)
    expect(damp.wet.map(({ place }) => place)).toContain('wall')
    expect(damp.wet.map(({ place }) => place)).not.toContain('top')
    expect(damp.watts).toBeCloseTo(10 * lossWPerK(shell.enclosure), 0)
    expect(readAs(shell, { celsius: 5, humidityPercent: null }, -5, F)).toMatchObject({
      dewPointCelsius: undefined,
      wet: [],
    })
    expect(readAs(shell, { celsius: 5, humidityPercent: 50 }, 9, F).watts).toBe(0)
  })

  it('whose clock jumps for one reading loses that one, at either end too; a gap is no jump', () => {
    const days = (...list: number[]) => list.map((day) => ({ at: new Date(Date.UTC(2026, 0, 1 + day)).toISOString() }))
    const kept = (...list: number[]) =>
      withoutJumps(days(...list)).map(({ at }) => (Date.parse(at) - Date.UTC(2026, 0, 1)) / 86_400_000)
    expect(kept(0, 1, 366, 2, 3)).toEqual([0, 1, 2, 3])
    expect(kept(0, 1, -4000, 2)).toEqual([0, 1, 2])
    expect(kept(365, 0, 1)).toEqual([0, 1])
    expect(kept(0, 1, 365)).toEqual([0, 1])
    expect(kept(0, 1, 100, 101)).toEqual([0, 1, 100, 101])
    expect(kept(0, 365)).toEqual([0, 365])
    expect(kept()).toEqual([])
  })

  it('that says what no hive in °C has is asked about', () => {
    expect(looksFahrenheit([68, 71, 93])).toBe(true)
    expect(looksFahrenheit([-8, 12, 35])).toBe(false)
    expect(looksFahrenheit([])).toBe(false)
  })
})

it('a National on a mesh floor is reckoned as well, with catalogues of any yard', () => {
  const { yard, hive } = build([N.floor, N.brood, N.crown, N.roof])
  const layout = layOut(assembleHive(hive, partsById(yard), catalogueOf(yard)))
  expect(stateOf({ enclosure: enclosureOf(layout), openings: openingsOf(layout) }, ask(), F).watts).toBeGreaterThan(5)
})
