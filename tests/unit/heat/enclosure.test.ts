import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, catalogueOf, withSizes } from '#core/parts'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { assembleHive, layOut, partsById, type Layout } from '#core/stack'
import type { Length } from '#core/units'
import {
  balanceOf,
  clusterWatts,
  dewPointOf,
  draughtOf,
  dripsFrom,
  dripsNoLater,
  coldestTimeOf,
  dripsOf,
  enclosureOf,
  lossWPerK,
  wetFirst,
} from '#core/heat'
import { build, L, N, type BuildOptions, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const size = (mm: number): Length => ({ mm, plusMinusMm: 0, source: { mark: 'measured', text: 'rule' } })
const SLAB: Layer = ['slab-langstroth']
const QUILT: Layer = ['absorber-langstroth']
const closed: BuildOptions['change'] = (part) =>
  part.patternId.startsWith('crown') ? { ...part, hole: 'closed' as const } : part

function laid(layers: readonly Layer[], options: BuildOptions = { change: closed }): Layout {
  const { yard, hive } = build(layers, options)
  return layOut(assembleHive(hive, partsById(yard), options.catalogue ?? catalogueOf(yard)))
}
const topOf = (layout: Layout) => enclosureOf(layout).faces.find(({ place }) => place === 'top')!
const slabOf = (mm: number) =>
  laid([L.floor, L.deep, L.crown, SLAB, L.roof], {
    change: (part, i) => (i === 3 ? { ...part, measured: { depth: size(mm) } } : closed(part, i)),
  })

describe('what encloses a colony', () => {
  it('is its top, four walls of each box, and its floor', () => {
    const { faces, boxIds, litres } = enclosureOf(laid([L.stand, L.floor, L.deep, L.medium, L.crown, L.roof]))
    expect(faces.map(({ place }) => place)).toEqual(['top', ...Array<string>(8).fill('wall'), 'floor'])
    expect(boxIds).toHaveLength(2)
    expect(litres).toBeGreaterThan(60)
    expect(faces.every(({ areaM2, m2KPerW }) => areaM2 > 0 && m2KPerW > 0)).toBe(true)
  })

  it('ends at the first board that no bee passes: what stands over it is not the colony’s', () => {
    expect(enclosureOf(laid([L.floor, L.deep, L.crown, L.medium, L.roof])).boxIds).toHaveLength(1)
    expect(enclosureOf(laid([L.floor, L.deep, L.framed, L.medium, L.crown, L.roof])).boxIds).toHaveLength(2)
  })

  it('is nothing where no box stands, and bare above where nothing lies on it', () => {
    expect(enclosureOf(laid([L.stand, L.floor])).faces).toEqual([])
    const bare = topOf(laid([L.floor, L.deep]))
    expect([bare.partId, bare.layers, bare.m2KPerW]).toEqual([null, [], expect.closeTo(0.14, 9)])
    const noFloor = enclosureOf(laid([L.deep, L.crown, L.roof])).faces.find(({ place }) => place === 'floor')!
    expect([noFloor.partId, noFloor.aired]).toEqual([null, true])
  })

  it('is aired under the roof by an open hole, not under a slab or chips that lie over it', () => {
    const open: BuildOptions = {}
    expect(topOf(laid([L.floor, L.deep, L.crown, L.roof], open)).aired).toBe(true)
    expect(topOf(laid([L.floor, L.deep, L.crown, SLAB, L.roof], open)).aired).toBe(false)
    expect(topOf(laid([L.floor, L.deep, L.crown, QUILT, L.roof], open)).layers.map(({ of }) => of)).toContain('chips')
  })

  it('has a built-up end between board alone and board with rails all over', () => {
    const ends = enclosureOf(laid([N.floor, N.brood, N.crown, N.roof])).faces.filter(({ side }) => side === 'front')
    const board = 0.17 + F.endBoardMm / 1000 / F.woodConductsWPerMK
    const thick = 0.17 + (F.endBoardMm + F.railWidthMm) / 1000 / F.woodConductsWPerMK
    expect(ends[0]!.m2KPerW).toBeGreaterThan(board)
    expect(ends[0]!.m2KPerW).toBeLessThan(thick)
  })

  it('counts a panel by the R that its maker gives', () => {
    const panel = withSizes(
      { ...CATALOGUE.patterns.get('slab-langstroth')!, id: 'own-panel', own: true, rValue: 5.6 },
      { depth: size(20) },
    )
    const catalogue = { ...CATALOGUE, patterns: new Map([...CATALOGUE.patterns, ['own-panel', panel]]) }
    const top = topOf(laid([L.floor, L.deep, L.crown, ['own-panel'], L.roof], { change: closed, catalogue }))
    expect(top.m2KPerW).toBeGreaterThan(5.6)
    expect(top.layers.find(({ of }) => of === 'given')).toMatchObject({ m2KPerW: 5.6 })
  })

  it('never loses more, nor has a top that drips earlier, for more insulation', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 150 }), fc.integer({ min: 1, max: 60 }), (mm, more) => {
        const [thin, thick] = [slabOf(mm), slabOf(mm + more)]
        expect(lossWPerK(enclosureOf(thick))).toBeLessThan(lossWPerK(enclosureOf(thin)))
        const air = { insideCelsius: 5, outsideCelsius: -5 }
        expect(dripsFrom(topOf(thick), air)).toBeGreaterThan(dripsFrom(topOf(thin), air))
      }),
      { numRuns: runs(40) },
    )
  })

  it('never needs less for two boxes than for one, all else equal', () => {
    const loss = (boxes: number) =>
      lossWPerK(enclosureOf(laid([L.floor, ...Array.from({ length: boxes }, () => L.deep), L.crown, L.roof])))
    for (const out of [-20, -5, 5, 15]) {
      const watts = (boxes: number) => balanceOf(1.6, out, (t) => loss(boxes) * (t - out), F).watts
      expect(watts(2)).toBeGreaterThanOrEqual(watts(1))
    }
  })
})

describe('a cluster', () => {
  it('gives more the colder it is, between its least and its most', () => {
    expect([clusterWatts(2, 30, F), clusterWatts(2, 10, F), clusterWatts(2, -200, F)]).toEqual([10, 10, 50])
    fc.assert(
      fc.property(fc.double({ min: -40, max: 40, noNaN: true }), (t) => {
        expect(clusterWatts(1, t, F)).toBeGreaterThanOrEqual(clusterWatts(1, t + 1, F))
      }),
    )
  })

  it('of no bees gives nothing: it is as cold inside as out', () => {
    const { insideCelsius, watts } = balanceOf(0, -5, (t) => 2 * (t + 5), F)
    expect([insideCelsius, watts]).toEqual([expect.closeTo(-5, 6), 0])
  })
})

describe('water and air', () => {
  it('is saturated at its own dew point, and drier air has a lower one', () => {
    expect(dewPointOf(12, 1)).toBeCloseTo(12, 9)
    expect(dewPointOf(12, 0.5)).toBeLessThan(dewPointOf(12, 0.8))
  })

  it('names the coldest face as wet first: a thin floor, and of those beside and over the bees the walls', () => {
    const air = { insideCelsius: 5, outsideCelsius: -5 }
    const { faces } = enclosureOf(slabOf(50))
    expect(wetFirst(faces, air)!.place).toBe('floor')
    const besideAndOver = faces.filter(({ place }) => place !== 'floor')
    expect(wetFirst(besideAndOver, air)!.place).toBe('wall')
    expect(wetFirst([], air)).toBeUndefined()
  })

  const COLD = coldestTimeOf({}, { climate: 'cool-maritime', figures: F })!
  it('tells an aired bare top from an insulated one, and asks nothing where there is no winter', () => {
    const bare = dripsOf(laid([L.floor, L.deep, L.crown, L.roof], {}), COLD)!
    expect(dripsNoLater(bare, F.dripsAlikeShare)).toBe(true)
    expect(dripsNoLater(dripsOf(slabOf(50), COLD)!, F.dripsAlikeShare)).toBe(false)
    expect(dripsOf(laid([L.floor]), COLD)).toBeUndefined()
    const highland = { climate: 'tropical-highland', figures: F } as const
    expect(coldestTimeOf({}, highland)).toBeUndefined()
    expect(coldestTimeOf({}, { ...highland, winterMeansCelsius: [9, 6, 3, 2, 4, 8] })?.outsideCelsius).toBe(2)
    expect(coldestTimeOf({ season: { winterBeesKg: 0.9 } }, { ...highland, climate: 'cool-maritime' })).toEqual({
      outsideCelsius: 5,
      beesKg: 0.9,
    })
  })

  it('moves no air without an opening or without warmth, more with a second one higher up', () => {
    const door = { areaMm2: 750, atMm: 5, highMm: 10 }
    const hole = { areaMm2: 200, atMm: 240, highMm: 16 }
    const air = { insideCelsius: 5, outsideCelsius: -5 }
    expect(draughtOf([], air, F)).toBe(0)
    expect(draughtOf([door, hole], { insideCelsius: 5, outsideCelsius: 5 }, F)).toBe(0)
    expect(draughtOf([door, hole], { insideCelsius: 5, outsideCelsius: 9 }, F)).toBe(0)
    expect(draughtOf([door, hole], air, F)).toBeGreaterThan(draughtOf([door], air, F))
  })
})
