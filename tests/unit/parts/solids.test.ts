import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  CATALOGUE,
  type DimensionName,
  type Pattern,
  areaMm2,
  missingSizes,
  resolvePart,
  shapeOf,
  sliceOf,
  solidsOf,
  volumeMm3,
  type Axis,
  type ResolvedPart,
  type Solid,
  type Part,
} from '#core/parts'
import { newPart } from '#core/yard'
import { facesOf, goesThrough } from '#core/stack'
import type { Length } from '#core/units'
import { shellVolumeMm3 } from '#core/loads'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const PATTERNS = [...CATALOGUE.patterns.values()]
const LAYERS = PATTERNS.filter(({ kind }) => !['entrance-fitting', 'floor-insert', 'ballast'].includes(kind))

/** Sizes that lie in the plan: measured one by one they would no longer fit each other. */
const IN_PLAN = /Length|Width|restToRest/

/** A part of a pattern whose heights a ruler found to be a little off. */
function measured(pattern: Pattern, off: number, hole: boolean): ResolvedPart {
  const part = newPart(pattern, CATALOGUE, counter(pattern.id))
  const heights = (Object.entries(pattern.dimensions) as [DimensionName, Length][]).filter(
    ([name]) => !IN_PLAN.test(name),
  )
  const sizes = heights.map(([name, length], i) => [name, { ...length, mm: length.mm * (1 + off * ((i % 3) - 1)) }])
  return resolvePart(
    {
      ...part,
      ...(part.hole ? { hole: hole ? ('open' as const) : ('closed' as const) } : {}),
      measured: Object.fromEntries(sizes) as NonNullable<Part['measured']>,
    },
    CATALOGUE,
  )
}
const anyPart = fc
  .tuple(fc.constantFrom(...PATTERNS), fc.double({ min: 0, max: 0.04, noNaN: true }), fc.boolean())
  .map(([pattern, off, hole]) => measured(pattern, off, hole))
const anyLayer = fc
  .tuple(fc.constantFrom(...LAYERS), fc.double({ min: 0, max: 0.04, noNaN: true }), fc.boolean())
  .map(([pattern, off, hole]) => measured(pattern, off, hole))

/** What the cuts show, added up from one side of a part to the other. */
function volumeOfCuts(solids: readonly Solid[], axis: Axis): number {
  const edges = [
    ...new Set(
      solids.flatMap(({ rect, ridged }) => {
        const [a, b] = axis === 'along' ? [rect.y0, rect.y1] : [rect.x0, rect.x1]
        return ridged ? [a, (a + b) / 2, b] : [a, b]
      }),
    ),
  ].sort((a, b) => a - b)
  return edges.slice(1).reduce((sum, edge, i) => {
    const middle = (edge + edges[i]!) / 2
    return sum + sliceOf(solids, axis, middle).reduce((area, slice) => area + areaMm2(slice), 0) * (edge - edges[i]!)
  }, 0)
}

describe('a part is described once', () => {
  it('every pattern that ships has the sizes of its kind', () => {
    expect(PATTERNS.filter((pattern) => missingSizes(pattern).length > 0).map(({ id }) => id)).toEqual([])
  })

  it(
    'the area that a drawing shows, times what it stands for, is the volume of its bodies, ' +
      'cut along and across (property)',
    () => {
      fc.assert(
        fc.property(
          anyPart,
          fc.constantFrom<Axis>('along', 'across'),
          fc.constantFrom('brood', 'honey'),
          (part, axis, use) => {
            const solids = solidsOf(part, use)
            const volume = solids.reduce((sum, one) => sum + volumeMm3(one), 0)
            expect(volume).toBeGreaterThan(0)
            expect(volumeOfCuts(solids, axis) / volume).toBeCloseTo(1, 9)
          },
        ),
        { numRuns: runs(300) },
      )
    },
  )

  it('no wood of a part is counted twice: its own bodies do not reach into each other (property)', () => {
    fc.assert(
      fc.property(anyPart, (part) => {
        const { solids } = shapeOf(part)
        for (let i = 0; i < solids.length; i++)
          for (let j = 0; j < i; j++) expect(sharedMm3(solids[i]!, solids[j]!)).toBeLessThan(1e-3)
      }),
      { numRuns: runs(300) },
    )
  })

  it(
    'the recess of a face is how far a vertical line goes from its edge to the first body, ' +
      'wherever the line is (property)',
    () => {
      const share = fc.double({ min: 0.001, max: 0.999, noNaN: true })
      fc.assert(
        fc.property(anyLayer, fc.constantFrom('lower', 'upper'), share, share, (part, which, u, v) => {
          const bodies = solidsOf(part, 'honey').filter(({ piece }) => !piece.endsWith('-comb'))
          const depthMm = shapeOf(part).depth.mm
          for (const { rect, surface, recess } of facesOf(part, false)[which].zones) {
            if (surface === 'hole' || surface === 'unknown') continue
            const [x, y] = [rect.x0 + u * (rect.x1 - rect.x0), rect.y0 + v * (rect.y1 - rect.y0)]
            if (goesThrough(surface)) {
              expect(firstMetMm(bodies, x, y, which, depthMm)).toBe(Number.POSITIVE_INFINITY)
              continue
            }
            expect(firstMetMm(bodies, x, y, which, depthMm)).toBeGreaterThanOrEqual(recess.mm - 1e-6)
            const nearest = Math.min(
              ...bodies
                .filter((body) => meets(body, rect))
                .map(({ rect: own }) =>
                  firstMetMm(
                    bodies,
                    (Math.max(own.x0, rect.x0) + Math.min(own.x1, rect.x1)) / 2,
                    (Math.max(own.y0, rect.y0) + Math.min(own.y1, rect.y1)) / 2,
                    which,
                    depthMm,
                  ),
                ),
            )
            expect(nearest).toBeCloseTo(recess.mm, 6)
          }
        }),
        { numRuns: runs(500) },
      )
    },
  )

  it('stands the same turned over: its faces change places, and a second turn brings them back', () => {
    for (const pattern of LAYERS) {
      const part = measured(pattern, 0, true)
      expect(facesOf(part, true).lower).toEqual(facesOf(part, false).upper)
      expect(facesOf(part, true).upper).toEqual(facesOf(part, false).lower)
    }
  })

  it(
    'the shell of a box holds the wood of its boards: two sides of full length, two ends less ' +
      'the rest (geometry by hand)',
    () => {
      const deep = measured(CATALOGUE.patterns.get('box-langstroth-deep')!, 0, true)
      const [sides, ends, rests] = [
        2 * 504.825 * 19.05 * 244.475,
        2 * 374.65 * 19.05 * 244.475,
        2 * 374.65 * 9.525 * 15.875,
      ]
      expect(shellVolumeMm3(deep)).toBeCloseTo(sides + ends - rests, 3)
      const national = measured(CATALOGUE.patterns.get('box-national-brood')!, 0, true)
      expect(shellVolumeMm3(national)).toBeCloseTo(
        2 * 460.375 * 19.05 * 225.425 + 2 * 422.275 * (19 * 225.425 + 2 * 26 * 40),
        3,
      )
    },
  )
})

function sharedMm3(a: Solid, b: Solid): number {
  const side = (lo: number, hi: number) => Math.max(0, hi - lo)
  return (
    side(Math.max(a.rect.x0, b.rect.x0), Math.min(a.rect.x1, b.rect.x1)) *
    side(Math.max(a.rect.y0, b.rect.y0), Math.min(a.rect.y1, b.rect.y1)) *
    side(Math.max(a.from.mm, b.from.mm), Math.min(a.to.mm, b.to.mm))
  )
}

function meets({ rect: a }: Solid, b: Solid['rect']): boolean {
  return Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0) > 1e-6 && Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0) > 1e-6
}

/** How far inside its edge plane a vertical line meets a part. */
function firstMetMm(bodies: readonly Solid[], x: number, y: number, which: 'lower' | 'upper', depthMm: number): number {
  const met = bodies.filter(({ rect }) => x >= rect.x0 && x <= rect.x1 && y >= rect.y0 && y <= rect.y1)
  return met.length === 0
    ? Number.POSITIVE_INFINITY
    : Math.min(...met.map(({ from, to }) => (which === 'lower' ? from.mm : depthMm - to.mm)))
}
