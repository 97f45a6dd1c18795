import { describe, expect, it } from 'vitest'
import { knownFoodOf, foodOf, foodsOf } from '#core/book'
import { hiveIn } from '#core/ask'
import { partsById } from '#core/stack'
import { planOf, type KnownFood, type Yard } from '#core/yard'
import { catalogueOf } from '#core/parts'
import { changeoverOf, partsWith, visitOf, writeYear } from '#core/year'
import { stepOfVisitInWords } from '#core/words'
import { entry } from '../../helpers/book'
import { L, build, type Layer } from '../../helpers/hives'

const HIVE: readonly Layer[] = [
  L.stand,
  L.floor,
  L.deep,
  L.framed,
  L.medium,
  L.medium,
  L.medium,
  L.medium,
  L.crown,
  L.roof,
]
const { yard: bare } = build(HIVE, { stage: 'crop' })
const [hive] = bare.hives
const supers = hive!.stack.filter(({ role }) => role === 'super').map(({ partId }) => partId)
const KG = { low: 9, middle: 10, high: 11 }
const STORES = { kg: KG, inAll: KG, at: '2026-08-09T10:00', by: 'heft', since: false } as const
const withCrop = (crop: KnownFood): Yard => ({ ...bare, foods: { [hive!.id]: crop } })

function afterCrop(yard: Yard) {
  const [written] = writeYear(yard, ['crop', 'after-crop', 'pack-down', 'winter'])
  return written!.stages.get('after-crop')!
}
const onIt = (yard: Yard) => {
  const roles = afterCrop(yard).hive.stack.filter(({ partId }) => supers.includes(partId))
  return roles.map(({ role }) => role)
}
/** The first step that takes a super off, in words. */
function superOff(yard: Yard) {
  const parts = partsById(yard)
  const catalogue = catalogueOf(yard)
  const planned = afterCrop(yard)
  const visit = visitOf(
    changeoverOf({ hive: hive!, parts }, { hive: planned.hive, parts: partsWith(parts, planned) }, catalogue),
    'v',
    '2026-08-10',
  )
  const step = visit.steps.find(({ partId, to }) => supers.includes(partId) && to !== 'hive')
  if (!step) return undefined
  return stepOfVisitInWords(
    step,
    {
      toStage: 'after-crop',
      parting: 'free',
      catalogue,
      names: new Map(),
      parts,
      roleOf: (id) => hive!.stack.find(({ partId }) => partId === id)?.role,
      food: yard.foods?.[hive!.id],
    },
    { units: 'mm', vocabulary: 'british' },
  )
}

describe('the crop of the plan against the food of the book', () => {
  it('leaves all supers on as food where nothing can be spared', () => {
    expect(onIt(withCrop({ stores: STORES, mayGo: [], stillFills: false }))).toEqual(['food', 'food', 'food', 'food'])
    // It stands in the way of the excluder, and goes back on: no word of a crop.
    expect(superOff(withCrop({ stores: STORES, mayGo: [], stillFills: false }))?.how).toBeUndefined()
  })

  it('takes off what can be spared, and says so; the others stay as food', () => {
    const mayGo = supers.slice(-2)
    expect(onIt(withCrop({ stores: STORES, mayGo, stillFills: false }))).toEqual(['food', 'food'])
    expect(superOff(withCrop({ stores: STORES, mayGo, stillFills: false }))!.how!.join(' ')).toMatch(
      /may go: what stays covers the need/,
    )
  })

  it('asks for a heft first where nothing is known', () => {
    expect(onIt(bare)).toEqual([])
    expect(superOff(bare)!.how!.join(' ')).toMatch(/^First heft or weigh the hive/)
    expect(superOff(withCrop({ mayGo: [], stillFills: false }))!.how!.join(' ')).toMatch(
      /^First heft or weigh the hive/,
    )
  })

  it('is not said of supers that still fill: they are weighed on the day', () => {
    const filling = withCrop({ stores: STORES, mayGo: [], stillFills: true })
    expect(onIt(filling)).toEqual([])
    expect(superOff(filling)!.how!.join(' ')).toMatch(/^It is still being filled: weigh or heft the hive on the day/)
  })

  it('is what the food of the book says, by the one function', () => {
    const known = hiveIn(bare, hive!)
    const letGo = (entries: Parameters<typeof foodOf>[1], today = '2026-08-10', one = known) =>
      knownFoodOf(one, foodOf(one, entries, [], today), today)
    expect(letGo([])).toEqual({ mayGo: [], stillFills: false })
    const light = { ...entry('look', '2026-08-09T10:00', { heft: 'light' }), hiveId: hive!.id }
    expect(letGo([light])).toMatchObject({ stores: { by: 'heft' }, mayGo: [], stillFills: false })
    // Left as in flow, it fills in July and no more in December: then what it holds today is what there is.
    const inFlow = hiveIn(bare, { ...hive!, stage: 'flow' })
    const heft = (day: string) => ({ ...light, at: `${day}T10:00` })
    expect(letGo([heft('2026-07-01')], '2026-07-02', inFlow).stillFills).toBe(true)
    expect(letGo([heft('2026-12-01')], '2026-12-02', inFlow).stillFills).toBe(false)
    expect(letGo([light], '2026-08-10', inFlow).stillFills).toBe(false)
  })

  it('counts among its winter’s stores what the plan keeps on it, and nothing that it takes off', () => {
    for (const heft of ['light', 'heavy'] as const) {
      const entries = [{ ...entry('look', '2026-12-01T10:00', { heft }), hiveId: hive!.id }]
      const foods = foodsOf(bare, bare.hives, { entries, weighed: {} }, '2026-12-02')
      const { mayGo, stores } = foods[hive!.id]!
      expect(onIt({ ...bare, foods })).toHaveLength(supers.length - mayGo.length)
      const { supers: seen } = foodOf(hiveIn(bare, hive!), entries, [], '2026-12-02')
      const going = seen.filter(({ partId }) => mayGo.includes(partId)).reduce((sum, { kg }) => sum + kg.middle, 0)
      expect(stores!.kg.middle).toBeCloseTo(Math.max(0, stores!.inAll.middle - going), 6)
    }
  })

  it('is worked out anew, and stands in no file', () => {
    expect(planOf([withCrop({ stores: STORES, mayGo: [], stillFills: false })]).yards[0]).not.toHaveProperty('foods')
  })
})
