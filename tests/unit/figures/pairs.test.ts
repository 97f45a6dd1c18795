import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  CATALOGUE,
  catalogueOf,
  HANGING_FIGURES,
  isSize,
  overrideKey,
  SIZE_LIMITS,
  type DimensionName,
} from '#core/parts'
import { verdictsChangedBy } from '#core/ask'
import { crossedIn, figuresWith, ORDERED, ownFigure, SHIPPED_FIGURES, type FigureName } from '#core/figures'
import { applyEdit, type Yard, planOf } from '#core/yard'
import { countWith } from '#core/yard/deeds'
import { entriesOf } from '#core/units'
import { submittedEditSchema } from '#wire/edit-schema'
import { planSchema } from '#wire/plan-schema'
import { hangingSchema } from '#wire/pattern-schema'
import { assessFirst, build, L, N } from '../../helpers/hives'

/** Whether the server takes an edit. */
const accepts = (edit: unknown) =>
  submittedEditSchema.isValidSync({ id: 'e', madeAt: '2026-05-31T14:15:00Z', kind: 'do', edit })
const own = (mm: number) => ({ mm, plusMinusMm: 0, source: { mark: 'own' as const, text: 'test' } })
const { yard } = build([N.floor, N.brood, N.crown, N.roof])
const set = (on: Yard, name: FigureName, value: number) => applyEdit(on, countWith(name, value))

describe('figures that go in pairs', () => {
  it('ship in their order, and every low, typical and high is one of them', () => {
    expect(crossedIn(SHIPPED_FIGURES)).toBeUndefined()
    const listed = new Set(ORDERED.flat())
    for (const name of Object.keys(SHIPPED_FIGURES).filter((one) => /(Low|Typical|High)$|(Min|Max)[A-Z]\w*$/.test(one)))
      expect([name, listed.has(name as FigureName)]).toEqual([name, true])
  })

  it('a figure of a file that says no unit, or another one, is refused in words', () => {
    const said = (unit?: string) => {
      const plan = { ...planOf([yard]), yards: [{ ...yard, figures: [{ name: 'gravityMPerS2', value: 9.8, unit }] }] }
      try {
        planSchema.validateSync(plan)
        return ''
      } catch (error) {
        return (error as Error).message
      }
    }
    expect(said()).toMatch(/unit is missing: gravity is in m\/s²$/)
    expect(said('')).toMatch(/unit is empty: gravity is in m\/s²$/)
    expect(said('kg')).toMatch(/unit is kg: gravity is in m\/s²$/)
  })

  it('a least over its most is refused with the other one named, and so is taking back what makes it so', () => {
    expect(set(yard, 'beeSpaceMinMm', 20)).toMatchObject({ ok: false, problem: { reason: 'figures-cross' } })
    const wide = set(yard, 'beeSpaceMaxMm', 25)
    const both = wide.ok && set(wide.yard, 'beeSpaceMinMm', 20)
    if (!both || !both.ok) throw new Error('does not apply')
    expect(catalogueOf(both.yard).figures).toMatchObject({ beeSpaceMinMm: 20, beeSpaceMaxMm: 25 })
    expect(applyEdit(both.yard, countWith('beeSpaceMaxMm', null))).toMatchObject({ ok: false })
    expect(applyEdit(both.yard, both.inverse).ok).toBe(true)
  })

  it('a pair without sense in an old file counts for nothing', () => {
    const figures = figuresWith([ownFigure('beeSpaceMinMm', 20)])
    expect(figures).toEqual(SHIPPED_FIGURES)
    const crossing = { ...yard, figures: [ownFigure('beeSpaceMinMm', 20)] }
    expect(assessFirst(crossing).worst).toBe(assessFirst(yard).worst)
  })

  it('never cross, whatever is typed one after the other', () => {
    const names = ORDERED.flat()
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...names), fc.double({ min: 0.1, max: 5, noNaN: true }))),
        (typed) => {
          let now: Yard = yard
          for (const [name, times] of typed) {
            const applied = set(now, name, SHIPPED_FIGURES[name] * times)
            if (applied.ok) now = applied.yard
          }
          expect(crossedIn(catalogueOf(now).figures)).toBeUndefined()
        },
      ),
    )
  })

  it('of how many hives the verdict changes is told before it is kept', () => {
    const { yard } = build([L.floor, L.deep, L.crown, L.roof], { stage: 'building-up' })
    const ten = { ...yard, hives: Array.from({ length: 10 }, (_, i) => ({ ...yard.hives[0]!, id: `h${i}` })) }
    const before = assessFirst(yard).worst
    const [change] = verdictsChangedBy(ten, countWith('beeSpaceMaxMm', 6.5)) ?? []
    expect(change).toMatchObject({ from: before, hives: 10 })
    expect(verdictsChangedBy(ten, countWith('beeSpaceMaxMm', 9.525))).toEqual([])
  })
})

describe('what a size can be', () => {
  it('every pattern that ships is within it', () => {
    for (const { id, dimensions } of CATALOGUE.patterns.values())
      for (const [name, length] of entriesOf<DimensionName, { mm: number }>(dimensions))
        expect([id, name, isSize(name, length)]).toEqual([id, name, true])
    for (const pattern of CATALOGUE.hanging.values())
      for (const name of HANGING_FIGURES) {
        const length = pattern[name]
        if (length) expect([pattern.id, name, isSize(name, length)]).toEqual([pattern.id, name, true])
      }
  })

  const frame = { ...CATALOGUE.hanging.get('frame-national-deep')!, id: 'own-frame', own: true }
  it('a frame as it is made is taken', () => {
    expect(accepts({ kind: 'set-hanging', patternId: frame.id, pattern: frame })).toBe(true)
    expect(planSchema.isValidSync(planOf([{ ...yard, hanging: [frame] }]))).toBe(true)
  })

  it.each([5e-324, 1e-9, 0, -35, 1e5, Number.MAX_VALUE])('a spacing of %s mm is refused where it comes in', (mm) => {
    const tiny = { ...frame, spacing: own(mm) }
    expect(hangingSchema.isValidSync(tiny)).toBe(false)
    expect(accepts({ kind: 'set-hanging', patternId: tiny.id, pattern: tiny })).toBe(false)
    expect(planSchema.isValidSync(planOf([{ ...yard, hanging: [tiny] }]))).toBe(false)
    expect(accepts({ kind: 'set-override', key: overrideKey(frame.id, 'spacing'), length: own(mm) })).toBe(false)
  })

  it.each(Object.keys(SIZE_LIMITS) as DimensionName[])('%s of a part likewise', (name) => {
    for (const mm of [-1e9, 1e9, Number.NaN]) {
      const part = { ...yard.parts[1]!, measured: { [name]: own(mm) } }
      expect(accepts({ kind: 'set-part', part })).toBe(false)
      expect(accepts({ kind: 'change-part', partId: 'p', change: { measured: { [name]: own(mm) } } })).toBe(false)
    }
  })

  it('a yard that has such a frame already is assessed within a moment', () => {
    const tiny = { ...frame, spacing: own(5e-324) }
    const old: Yard = {
      ...yard,
      hanging: [tiny],
      overrides: [{ key: overrideKey('frame-national-deep', 'spacing'), length: own(1e-9) }],
      parts: yard.parts.map((part) => ({
        ...part,
        contents: part.contents.map((one, i) => (i % 2 ? { ...one, patternId: tiny.id } : one)),
      })),
    }
    for (const finding of assessFirst(old).findings) finding.ways()
    expect(catalogueOf(old).hanging.has(tiny.id)).toBe(false)
  })
})
