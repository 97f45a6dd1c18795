import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CombHolds, Content, Part } from '#core/parts'
import { sortFrames } from '#core/year'

const HOLDS = ['brood', 'pollen', 'nectar', 'capped-honey', 'empty', undefined] as const
const comb = (box: string, i: number, holds: CombHolds | undefined): Content => ({
  id: `${box}${i}`,
  patternId: 'frame',
  place: i,
  comb: 'drawn',
  ...(holds ? { holds } : {}),
})
const box = (id: string, holds: readonly (CombHolds | undefined)[]): Part => ({
  id,
  patternId: 'box',
  contents: holds.map((one, i) => comb(id, i, one)),
  hasHeld: [],
})
const anyBox = (id: string) => fc.array(fc.constantFrom(...HOLDS), { maxLength: 10 }).map((holds) => box(id, holds))

describe('frames of a box that is to leave', () => {
  it('go brood first beside brood, food far out, each into the place of an empty one', () => {
    const leaving = box('a', ['capped-honey', 'brood', 'empty'])
    const staying = box('b', ['empty', 'brood', 'brood', 'empty', 'empty'])
    expect(sortFrames(leaving, [staying]).moves.map(({ content, into }) => [content.holds, into?.place])).toEqual([
      ['brood', 1],
      ['capped-honey', 5],
    ])
  })

  it('are told one by one where no place is free, and counted where nobody has said what they hold', () => {
    const sorted = sortFrames(box('a', ['brood', undefined, undefined]), [box('b', ['brood', 'capped-honey'])])
    expect(sorted.moves).toMatchObject([{ place: 1 }])
    expect(sorted.moves[0]!.into).toBeUndefined()
    expect(sorted.unknown).toBe(2)
  })

  it('never take the place of brood or food, and no two the same place', () => {
    fc.assert(
      fc.property(anyBox('a'), anyBox('b'), anyBox('c'), (leaving, b, c) => {
        const { moves } = sortFrames(leaving, [b, c])
        const places = moves.flatMap(({ into }) => (into ? [into] : []))
        for (const { partId, place } of places) {
          const there = [b, c].find(({ id }) => id === partId)!.contents[place - 1]
          expect(there!.holds).toBe('empty')
        }
        expect(new Set(places.map(({ partId, place }) => `${partId}/${place}`)).size).toBe(places.length)
        const held = leaving.contents.filter(({ holds }) => holds && holds !== 'empty')
        expect(moves.map(({ content }) => content.id).sort()).toEqual(held.map(({ id }) => id).sort())
      }),
    )
  })
})
