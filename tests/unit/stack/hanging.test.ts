import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  CATALOGUE,
  SLACK_PLACES,
  gapsAcross,
  hangAcross,
  isFoundationless,
  SPACING_SYSTEMS,
  type Part,
  type Spacing,
} from '#core/parts'
import {
  alternated,
  closedUp,
  hungAt,
  inOrder,
  moved,
  pushedTogether,
  putByHand,
  replaced,
  spacedBy,
  takenOut,
  turnedRound,
  withState,
} from '#core/yard'
import { halved, passedOn } from '#core/stack'
import { FULL_WIDTH_MM, boxWith, contextFor, resolved } from '../../helpers/frames'
import { runs } from '../../helpers/runs'

const deep = (count: number, spacing?: Spacing, then: readonly string[] = []) =>
  boxWith('box-langstroth-deep', 'frame-langstroth-deep', count, { ...(spacing ? { spacing } : {}), then })
const centres = (part: Part) =>
  hangAcross(resolved(part)).places.map(({ centreMm }) => Math.round(centreMm * 1000) / 1000)
const walls = (part: Part) => {
  const gaps = gapsAcross(hangAcross(resolved(part)), 'brood')
  return [gaps[0]!.apartMm, gaps.at(-1)!.apartMm]
}
const HALF = FULL_WIDTH_MM.langstroth / 2

describe('where frames hang', () => {
  it('tight to one wall, to the other, or with the room shared', () => {
    expect(centres(deep(2))).toEqual([-HALF + 17.463, -HALF + 52.388].map((mm) => expect.closeTo(mm, 2)))
    expect(walls(deep(10))).toEqual([0, expect.closeTo(25.4, 6)])
    expect(walls(deep(10, { system: 'touching', slack: 'one-side', tightTo: 'far' }))).toEqual([
      expect.closeTo(25.4, 6),
      0,
    ])
    expect(walls(deep(10, { system: 'touching', slack: 'both-sides' }))).toEqual([
      expect.closeTo(12.7, 6),
      expect.closeTo(12.7, 6),
    ])
    const spread = hangAcross(resolved(deep(10, { system: 'touching', slack: 'spread' })))
    expect(spread.pitchMm).toBeCloseTo(37.465, 6)
    expect(spread.places[0]!.centreMm).toBeCloseTo(-HALF + 37.465 / 2, 6)
  })

  it('beside a dummy, at whichever end it hangs', () => {
    const last = deep(9, { system: 'touching', slack: 'beside-dummy' }, ['dummy-langstroth-deep'])
    expect(walls(last)).toEqual([0, expect.closeTo(FULL_WIDTH_MM.langstroth - 9 * 34.925 - 20, 6)])
    const first = {
      ...last,
      contents: last.contents.map((one) => ({ ...one, place: one.place === 9 ? 0 : one.place + 1 })),
    }
    expect(walls(first)[1]).toBeCloseTo(0, 6)
    expect(walls(deep(9, { system: 'touching', slack: 'beside-dummy' }))[0]).toBe(0)
  })

  it('in the slots of a castellation, left-out slots staying empty', () => {
    const part = boxWith('box-national-super', 'frame-national-shallow-straight', 10, {
      spacing: { system: 'castellation', count: 11, slack: 'one-side' },
    })
    expect(hangAcross(resolved(part)).pitchMm).toBeCloseTo(FULL_WIDTH_MM.national / 11, 6)
    const holed = takenOut(part, new Set(['f4']))
    expect(gapsAcross(hangAcross(resolved(holed)), 'honey').map(({ emptyPlaces }) => emptyPlaces)).toEqual([
      0, 0, 0, 0, 1, 0, 0, 0, 0, 0,
    ])
    expect(
      hangAcross(
        resolved(
          boxWith('box-national-super', 'frame-national-shallow-straight', 12, {
            spacing: { system: 'castellation', count: 11, slack: 'one-side' },
          }),
        ),
      ).overlapMm,
    ).toBeGreaterThan(30)
    expect(
      hangAcross(
        resolved(
          boxWith('box-national-super', 'frame-national-shallow', 11, {
            spacing: { system: 'castellation', count: 12, slack: 'one-side' },
          }),
        ),
      ).overlapMm,
    ).toBeGreaterThan(0)
  })

  it('in each half of a divided box on its own', () => {
    const { rooms, slackMm } = hangAcross(
      resolved(
        boxWith('box-double-nucleus', 'frame-langstroth-deep', 10, {
          spacing: { system: 'touching', slack: 'both-sides' },
        }),
      ),
    )
    expect(rooms.map(({ places }) => places.length)).toEqual([5, 5])
    expect(slackMm).toBeCloseTo((374.65 - 9.5) / 2 - 5 * 34.925, 6)
    for (const { places, y0, y1 } of rooms)
      expect(places[0]!.centreMm - 17.4625 - y0).toBeCloseTo(y1 - places.at(-1)!.centreMm - 17.4625, 6)
  })

  describe('in a divided box whose halves are told', () => {
    const double = (count: number) => boxWith('box-double-nucleus', 'frame-langstroth-deep', count)
    const shares = (part: Part) => hangAcross(resolved(part)).rooms.map(({ places }) => places.length)
    const six = halved(double(10), new Set(['f5']), 'near', CATALOGUE)

    it('as many as were put there: six of ten in one half are too many for it, and leave the other alone', () => {
      expect(shares(six)).toEqual([6, 4])
      const { overlapMm, rooms } = hangAcross(resolved(six))
      expect(overlapMm).toBeCloseTo(6 * 34.925 - (374.65 - 9.5) / 2, 6)
      expect(rooms[1]!.places.map(({ content }) => content.id)).toEqual(['f6', 'f7', 'f8', 'f9'])
      expect(inOrder(six).map(({ id }) => id)).toEqual(Array.from({ length: 10 }, (_, i) => `f${i}`))
    })

    it('next to the division, from either side, in their order', () => {
      const back = halved(six, new Set(['f1', 'f3']), 'far', CATALOGUE)
      expect(shares(back)).toEqual([4, 6])
      expect(inOrder(back).map(({ id }) => id)).toEqual(['f0', 'f2', 'f4', 'f5', 'f1', 'f3', 'f6', 'f7', 'f8', 'f9'])
    })

    it('and one more goes into the half of its neighbour, one that changes place into the half of the place', () => {
      const more = hungAt(six, { id: 'new', patternId: 'frame-langstroth-deep', place: 2 }, 2)
      expect(shares(more)).toEqual([7, 4])
      const places = new Map(six.contents.map(({ id, place }) => [id, place]))
      const passed = moved(six, 'f0', places.get('f8')!)
      expect(shares(passed)).toEqual([6, 4])
      expect(passed.contents.find(({ id }) => id === 'f0')).toMatchObject({ half: 'far' })
      expect(replaced(six, new Set(['f5']), 'dummy-langstroth-deep', () => 'd').contents).toContainEqual(
        expect.objectContaining({ id: 'd', half: 'near' }),
      )
    })

    it('and what goes into another box leaves its half behind', () => {
      const passed = passedOn(
        six,
        boxWith('box-langstroth-deep', 'frame-langstroth-deep', 3),
        new Set(['f5']),
        'brood',
        contextFor('flow'),
      )
      expect(passed.ok && passed.other.contents.some(({ half }) => half)).toBe(false)
    })

    it('by the middle of it where it was put by hand', () => {
      const put = putByHand(
        double(3),
        new Map([
          ['f0', -120],
          ['f1', -60],
          ['f2', -20],
        ]),
      )
      expect(shares(put)).toEqual([3, 0])
    })
  })

  it('by hand where each was put, else spread evenly', () => {
    const put = putByHand(
      deep(3),
      new Map([
        ['f0', 100],
        ['f1', 0],
        ['f2', -100],
      ]),
    )
    expect(inOrder(put).map(({ id }) => id)).toEqual(['f2', 'f1', 'f0'])
    expect(centres(put)).toEqual([-100, 0, 100])
    expect(centres(deep(3, { system: 'by-hand', slack: 'spread' }))).toEqual(
      [-374.65 / 3, 0, 374.65 / 3].map((mm) => expect.closeTo(mm, 2)),
    )
    expect(
      hangAcross(
        resolved(
          putByHand(
            deep(2),
            new Map([
              ['f0', 0],
              ['f1', 10],
            ]),
          ),
        ),
      ).overlapMm,
    ).toBeCloseTo(24.925, 6)
  })
})

describe('the gaps across', () => {
  it('add up to the inside width with the combs and boards between, however it is spaced', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom(...SPACING_SYSTEMS),
        fc.constantFrom(...SLACK_PLACES),
        fc.integer({ min: 8, max: 12 }),
        fc.constantFrom([], ['dummy-langstroth-deep'], ['frame-feeder-langstroth-deep', 'division-langstroth-deep']),
        fc.constantFrom('honey' as const, 'brood' as const),
        (count, system, slack, slots, then, use) => {
          const across = hangAcross(resolved(deep(count, { system, slack, count: slots }, then)))
          const gaps = gapsAcross(across, use)
          expect(gaps).toHaveLength(count + then.length + 1)
          expect(gaps[0]!.y0).toBeCloseTo(-HALF, 6)
          expect(gaps.at(-1)!.y1).toBeCloseTo(HALF, 6)
          for (const [i, gap] of gaps.entries()) {
            expect(gap.mm).toBeCloseTo(gap.y1 - gap.y0, 5)
            if (i > 0) expect(gap.y0).toBeGreaterThanOrEqual(gaps[i - 1]!.y1)
          }
        },
      ),
      { numRuns: runs(300) },
    )
  })

  it('are eight millimetres between sealed combs, and by the brood comb between brood', () => {
    const faces = (use: 'honey' | 'brood', spacing?: Spacing) =>
      gapsAcross(hangAcross(resolved(deep(9, spacing))), use)[4]!.mm
    expect(faces('honey')).toBeCloseTo(8, 6)
    expect(faces('honey', { system: 'spacer', count: 9, slack: 'both-sides' })).toBeCloseTo(8, 6)
    expect(faces('brood')).toBeCloseTo(9.925, 6)
    expect(faces('brood', { system: 'spacer', count: 9, slack: 'both-sides' })).toBeCloseTo(16.3, 6)
    const mixed = {
      ...deep(2),
      contents: deep(2).contents.map((one, i) => ({
        ...one,
        holds: i === 0 ? ('brood' as const) : ('capped-honey' as const),
      })),
    }
    expect(gapsAcross(hangAcross(resolved(mixed)), 'brood')[1]!.mm).toBeCloseTo(34.925 - 12.5 - (34.925 - 8) / 2, 6)
  })
})

describe('hanging frames', () => {
  const ids = (part: Part) => inOrder(part).map(({ id, place }) => `${place}:${id}`)

  it('leaves the place empty that one is taken from, until they are pushed together', () => {
    const holed = takenOut(deep(4), new Set(['f1']))
    expect(ids(holed)).toEqual(['0:f0', '2:f2', '3:f3'])
    expect(centres(holed)).toEqual(centres(deep(4)).filter((_, i) => i !== 1))
    expect(ids(pushedTogether(holed))).toEqual(['0:f0', '1:f2', '2:f3'])
    expect(ids(takenOut(deep(4, { system: 'by-hand', slack: 'spread' }), new Set(['f1'])))).toEqual([
      '0:f0',
      '1:f2',
      '2:f3',
    ])
  })

  it('fills an empty place, else goes in before what hangs there', () => {
    const holed = takenOut(deep(4), new Set(['f2']))
    const fresh = { id: 'n', patternId: 'frame-langstroth-deep', place: 9 }
    expect(ids(hungAt(holed, fresh, 2))).toEqual(['0:f0', '1:f1', '2:n', '3:f3'])
    expect(ids(hungAt(holed, fresh, 0))).toEqual(['0:n', '1:f0', '2:f1', '3:f3'])
    expect(ids(hungAt(deep(2), fresh, 2))).toEqual(['0:f0', '1:f1', '2:n'])
  })

  it('moves one past the others, both ways, and into an empty place', () => {
    expect(ids(moved(deep(4), 'f0', 2))).toEqual(['0:f1', '1:f2', '2:f0', '3:f3'])
    expect(ids(moved(deep(4), 'f3', 1))).toEqual(['0:f0', '1:f3', '2:f1', '3:f2'])
    expect(ids(moved(takenOut(deep(4), new Set(['f2'])), 'f0', 2))).toEqual(['1:f1', '2:f0', '3:f3'])
    expect(moved(deep(4), 'f1', 1)).toEqual(deep(4))
    expect(moved(deep(4), 'none', 1)).toEqual(deep(4))
  })

  it('keeps every frame through any number of moves (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 0, max: 9 })), { maxLength: 20 }),
        (moves) => {
          const after = moves.reduce((part, [from, to]) => moved(part, `f${from}`, to), deep(8))
          expect(after.contents.map(({ id }) => id).sort()).toEqual(
            deep(8)
              .contents.map(({ id }) => id)
              .sort(),
          )
          expect(new Set(after.contents.map(({ place }) => place)).size).toBe(8)
        },
      ),
    )
  })

  it('turns frames round and back', () => {
    const turned = turnedRound(deep(2), new Set(['f1']))
    expect(turned.contents.map(({ turned: yes }) => yes)).toEqual([undefined, true])
    expect(turnedRound(turned, new Set(['f1']))).toEqual(deep(2))
  })

  it('paints several at once; comb that is not drawn holds nothing', () => {
    const painted = withState(deep(3), new Set(['f0', 'f2']), { holds: 'brood' })
    expect(painted.contents.map(({ comb, holds }) => [comb, holds])).toEqual([
      ['drawn', 'brood'],
      [undefined, undefined],
      ['drawn', 'brood'],
    ])
    expect(withState(painted, new Set(['f0']), { comb: 'wax-foundation' }).contents[0]).toEqual({
      id: 'f0',
      patternId: 'frame-langstroth-deep',
      place: 0,
      comb: 'wax-foundation',
    })
    expect(withState(deep(1), new Set(['f0']), { comb: 'foundationless', support: 'wires' }).contents[0]).toMatchObject(
      { comb: 'foundationless', support: 'wires' },
    )
  })

  it('gives up what was put by hand when it is spaced another way', () => {
    const put = putByHand(
      deep(2),
      new Map([
        ['f0', 0],
        ['f1', 50],
      ]),
    )
    expect(
      spacedBy(put, { system: 'touching', slack: 'one-side' }).contents.every(({ atMm }) => atMm === undefined),
    ).toBe(true)
    expect(spacedBy(put, { system: 'by-hand', slack: 'spread' }).contents.map(({ atMm }) => atMm)).toEqual([0, 50])
  })

  it('replaces a frame with a new thing of another pattern', () => {
    const part = replaced(
      withState(deep(2), new Set(['f1']), { holds: 'brood' }),
      new Set(['f1']),
      'dummy-langstroth-deep',
      () => 'fresh',
    )
    expect(part.contents[1]).toEqual({ id: 'fresh', patternId: 'dummy-langstroth-deep', place: 1 })
    expect(closedUp(part.contents)[0]).toBe(part.contents[0])
  })
})

describe('alternating', () => {
  it('puts no two frames without foundation side by side while there are guides enough (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 2, maxLength: 12 }), (bare) => {
        const part = boxWith('box-langstroth-deep', 'frame-langstroth-deep', bare.length, {
          state: (place) => ({ comb: bare[place] ? ('foundationless' as const) : ('wax-foundation' as const) }),
        })
        const mixed = inOrder(
          alternated(part, isFoundationless, ({ patternId }) => CATALOGUE.hanging.get(patternId)?.kind === 'frame'),
        )
        expect(mixed.map(({ id }) => id).sort()).toEqual(part.contents.map(({ id }) => id).sort())
        const empties = bare.filter(Boolean).length
        const pairs = mixed.filter((one, i) => i > 0 && isFoundationless(one) && isFoundationless(mixed[i - 1]!)).length
        const guides = bare.length - empties
        if (guides >= empties) expect(pairs).toBe(0)
        else expect(pairs).toBeLessThanOrEqual(empties - guides)
      }),
    )
  })

  it('leaves dummies where they are', () => {
    const part = boxWith('box-langstroth-deep', 'frame-langstroth-deep', 4, {
      state: (place) => ({ comb: place < 2 ? 'foundationless' : 'drawn' }),
      then: ['dummy-langstroth-deep'],
    })
    expect(
      inOrder(
        alternated(part, isFoundationless, ({ patternId }) => CATALOGUE.hanging.get(patternId)?.kind === 'frame'),
      ).map(({ id }) => id),
    ).toEqual(['f2', 'f0', 'f3', 'f1', 'f4'])
  })
})
