import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addressOf, ALL_VIEWS, isShownAt, PAGES, VIEWS } from '#wire/views'
import { runs } from '../../helpers/runs'

describe('views', () => {
  it('are each shown at their own address, whatever their yard and hive are called, and at no other view’s', () => {
    const names = fc
      .string({ minLength: 1, maxLength: 12 })
      .filter((name) => !/[\ud800-\udfff]/.test(name) && !/^\.+$/.test(name))
    fc.assert(
      fc.property(fc.constantFrom(...ALL_VIEWS), names, names, (view, yard, hive) => {
        const path = addressOf(view, yard, hive)
        expect(isShownAt(view, path)).toBe(true)
        expect(isShownAt(view, `${path}?see=all`)).toBe(true)
        expect(isShownAt(view, `${path}/more`)).toBe(false)
        expect(ALL_VIEWS.filter((other) => isShownAt(other, path))).toContain(view)
      }),
      { numRuns: runs(300) },
    )
  })

  it('have a key of their own where a menu leads to them, and stand in the list of pages once', () => {
    const letters = ALL_VIEWS.flatMap(({ letter }) => letter ?? [])
    expect(letters.length).toBeGreaterThan(10)
    expect(new Set(letters).size).toBe(letters.length)
    expect(new Set(PAGES).size).toBe(PAGES.length)
    for (const { word, letter, page, of } of ALL_VIEWS) {
      expect(word === null, page).toBe(letter === null)
      if (of === 'hive') expect(page.split('*')).toHaveLength(3)
    }
    expect(addressOf(VIEWS.row)).toBe('/')
    expect(addressOf(VIEWS.weight, 'a yard', 'twill/0')).toBe('/yards/a%20yard/hives/twill%2F0/weight')
  })
})
