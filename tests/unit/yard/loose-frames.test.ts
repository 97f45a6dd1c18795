import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, find, isRack, type Content, type Part } from '#core/parts'
import { applyEdit, emptyYard, newPart, shedOf, type Yard } from '#core/yard'
import { stockFrames, dropFrames } from '#core/yard/deeds'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const RACK = find(CATALOGUE, { kind: 'rack' })!
const makeId = counter('rack')
const newRack = (): Part => newPart(RACK, CATALOGUE, makeId)
const racksOf = ({ parts }: Yard) =>
  parts.filter(({ patternId }) => isRack({ pattern: CATALOGUE.patterns.get(patternId) }))
const framesOf = (yard: Yard) => racksOf(yard).flatMap(({ contents }) => contents)
const some = (count: number, from = 0): Omit<Content, 'place'>[] =>
  Array.from({ length: count }, (_, n) => ({ id: `f${from + n}`, patternId: 'frame-national-brood', comb: 'drawn' }))
function done(yard: Yard, edit: ReturnType<typeof stockFrames>): Yard {
  const applied = applyEdit(yard, edit)
  if (!applied.ok) throw new Error('does not apply')
  return applied.yard
}

describe('loose frames', () => {
  it('fill a rack and begin the next, and all lie in the shed', () => {
    const yard = done(emptyYard('y', 'Sallow Quay'), stockFrames(emptyYard('y', ''), [], some(90), newRack))
    expect(racksOf(yard).map(({ contents }) => contents.length)).toEqual([40, 40, 10])
    expect(shedOf(yard)).toHaveLength(3)
    const more = done(yard, stockFrames(yard, racksOf(yard), some(31, 90), newRack))
    expect(racksOf(more).map(({ contents }) => contents.length)).toEqual([40, 40, 40, 1])
    expect(racksOf(more)[0]!.contents.map(({ place }) => place)).toEqual(Array.from({ length: 40 }, (_, n) => n))
  })

  it('come off one by one, and a rack that is left empty goes', () => {
    const yard = done(emptyYard('y', ''), stockFrames(emptyYard('y', ''), [], some(2), newRack))
    const one = done(yard, dropFrames(racksOf(yard), new Set(['f0'])))
    expect(framesOf(one).map(({ id }) => id)).toEqual(['f1'])
    expect(done(one, dropFrames(racksOf(one), new Set(['f1']))).parts).toEqual([])
  })

  it('are none more and none fewer than were put there and taken, and every step is taken back whole', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 130 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 200 }),
        (first, second, taken) => {
          let yard = done(emptyYard('y', ''), stockFrames(emptyYard('y', ''), [], some(first), newRack))
          if (second > 0) yard = done(yard, stockFrames(yard, racksOf(yard), some(second, first), newRack))
          expect(framesOf(yard)).toHaveLength(first + second)
          const ids = new Set(some(Math.min(taken, first + second)).map(({ id }) => id))
          if (ids.size === 0) return
          const applied = applyEdit(yard, dropFrames(racksOf(yard), ids))
          if (!applied.ok) throw new Error('does not apply')
          expect(framesOf(applied.yard)).toHaveLength(first + second - ids.size)
          const back = applyEdit(applied.yard, applied.inverse)
          expect(back.ok && JSON.stringify(back.yard)).toBe(JSON.stringify(yard))
        },
      ),
      { numRuns: runs(60) },
    )
  })
})
