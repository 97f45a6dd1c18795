import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE, withSizes, type Catalogue, type Pattern } from '#core/parts'
import type { Length } from '#core/units'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { L, N, assessFirst, build, gapBetween, type Layer } from '../../helpers/hives'

const exact = (mm: number): Length => ({ mm, plusMinusMm: 0, source: { mark: 'own', text: 'test' } })

describe('the gaps of the two formats', () => {
  it.each<[string, readonly Layer[], number, string]>([
    ['deep on deep', [L.deep, L.deep], 12.7, 'bridged'],
    ['deep on medium', [L.medium, L.deep], 12.7, 'bridged'],
    ['medium on deep', [L.deep, L.medium], 9.525, 'bee-space'],
    ['medium on medium', [L.medium, L.medium], 9.525, 'bee-space'],
    ['shallow on shallow', [L.shallow, L.shallow], 7.9375, 'bee-space'],
    ['National super on brood box', [N.brood, N.super], 9.525, 'bee-space'],
    ['National brood box on brood box', [N.brood, N.brood], 9.525, 'bee-space'],
    [
      '14×12 on 14×12',
      [
        ['box-national-14x12', 'brood'],
        ['box-national-14x12', 'brood'],
      ],
      9.525,
      'bee-space',
    ],
    ['top-space super on a bottom-space brood box', [N.brood, N.topSuper], 3.175, 'squeezed'],
    ['bottom-space super on a top-space brood box', [N.topBrood, N.super], 15.875, 'comb'],
    ['top space on top space', [N.topBrood, N.topSuper], 9.525, 'bee-space'],
    ['flat crown on a deep', [L.deep, L.crown], 6.35, 'bee-space'],
    ['rim side of a crown on a deep', [L.deep, ['crown-langstroth', undefined, true]], 15.85, 'comb'],
    ['rim side of a crown on flush frames', [N.brood, N.crown], 7, 'bee-space'],
    ['flat crown on flush frames', [N.brood, ['crown-national', undefined, true]], 0, 'glued'],
    ['bare sheet on flush frames', [N.brood, N.sheet], 0, 'glued'],
    ['bare sheet on a deep', [L.deep, L.sheet], 6.35, 'bee-space'],
    ['framed excluder, rim down, on flush frames', [N.brood, N.framed], 7, 'bee-space'],
    ['framed excluder, rim up, on a deep', [L.deep, L.framed], 6.35, 'bee-space'],
    ['flush roof on risers over flush frames', [N.brood, ['roof-flush-risers-national']], 9.5, 'bee-space'],
    ['absorber on a deep', [L.deep, ['absorber-langstroth']], 6.35, 'bee-space'],
    ['tray feeder on flush frames', [N.brood, ['feeder-tray-national']], 7, 'bee-space'],
  ])('%s', (_name, layers, mm, verdict) => {
    const gap = gapBetween(build(layers), 0, 1)
    expect(gap.mm).toBeCloseTo(mm, 6)
    expect(gap.verdict).toBe(verdict)
  })

  it('names what each gap is made of', () => {
    const gap = gapBetween(build([N.topBrood, N.super]), 0, 1)
    expect(gap.terms.map(({ name, mm }) => [name, Number(mm.toFixed(3))])).toEqual([
      ['top-space', 6.35],
      ['bottom-space', 9.525],
    ])
  })

  it('sees nine and a half thousandths of binary noise as bee space, not comb', () => {
    expect(225.425 - 215.9).not.toBe(9.525)
    expect(gapBetween(build([N.brood, N.super]), 0, 1).grade).toBe('good')
  })

  it('measures floors by their own band, both sides of a reversible one', () => {
    expect(gapBetween(build([L.floor, L.deep]), 0, 1)).toMatchObject({
      place: 'floor',
      verdict: 'floor-open',
      mm: 28.35,
    })
    expect(gapBetween(build([['floor-reversible-langstroth', undefined, true], L.deep]), 0, 1).mm).toBeCloseTo(15.85, 6)
  })

  it('lets an excluder straight on the floor be, with the room of a floor above it', () => {
    expect(gapBetween(build([N.floor, N.framed, N.brood, N.crown, N.roof]), 0, 1)).toMatchObject({
      place: 'no-frames',
      grade: 'good',
      mm: 29,
    })
  })

  it('goes through an open part, and stays out of it when no bee gets there', () => {
    const open = build([N.floor, N.brood, N.eke, N.crown, N.roof])
    expect(open.assessment.gaps.find(({ place }) => place === 'through-open')).toMatchObject({
      reached: true,
      verdict: 'filled',
      mm: 83,
    })
    const feeder = build([N.floor, N.brood, N.crown, ['feeder-rapid'], N.eke, ['eke-shallow-national'], N.roof])
    expect(
      feeder.assessment.gaps.filter(({ place }) => place === 'through-open').every(({ reached }) => !reached),
    ).toBe(true)
    const bare = build([N.floor, N.brood, N.crown, N.eke, N.roof])
    expect(bare.assessment.gaps.find(({ place }) => place === 'through-open')?.reached).toBe(true)
    const closed = build([N.floor, N.brood, N.crown, N.eke, N.roof], {
      change: (part) => (part.hole ? { ...part, hole: 'closed' } : part),
    })
    expect(closed.assessment.gaps.find(({ place }) => place === 'through-open')?.reached).toBe(false)
  })

  it('leaves the gap open-ended where frames are taken out', () => {
    const empty = build([L.floor, L.deep, L.medium, L.crown, L.roof], {
      change: (part, layer) => (layer === 2 ? { ...part, contents: [] } : part),
    })
    const gap = empty.assessment.gaps.find(({ place }) => place === 'through-open')!
    expect(gap.terms.map(({ name }) => name)).toEqual(['top-space', 'open-depth', 'flat-side'])
    expect(gap.mm).toBeCloseTo(6.35 + 168.275, 6)
  })
})

/** A format that nobody makes: boxes, an excluder and a crown of arbitrary recesses. */
function odd(topMm: number, bottomMm: number, frameMm: number, rimMm: number): Catalogue {
  const lug = 10
  const frame = {
    ...CATALOGUE.hanging.get('frame-langstroth-deep')!,
    id: 'odd-frame',
    height: exact(frameMm),
    lugThickness: exact(lug),
    lengthOverEndBars: exact(380),
    spacing: exact(35),
  }
  const { twinId: _twin, ...deep } = CATALOGUE.patterns.get('box-langstroth-deep')!
  const box = withSizes(
    { ...deep, id: 'odd-box', normalContents: { framePatternId: 'odd-frame', count: 10 } },
    {
      outsideLength: exact(450),
      outsideWidth: exact(400),
      insideLength: exact(400),
      insideWidth: exact(360),
      restToRest: exact(420),
      restDepth: exact(lug + topMm),
      depth: exact(topMm + frameMm + bottomMm),
    },
  )
  const crown = withSizes(
    { ...CATALOGUE.patterns.get('crown-langstroth')!, id: 'odd-crown' },
    {
      outsideLength: exact(450),
      outsideWidth: exact(400),
      boardThickness: exact(8),
      rimDepth: exact(rimMm),
      rimWidth: exact(20),
    },
  )
  return {
    patterns: new Map<string, Pattern>([
      [box.id, box],
      [crown.id, crown],
    ]),
    hanging: new Map([[frame.id, frame]]),
    figures: SHIPPED_FIGURES,
  }
}
const size = (max: number) => fc.integer({ min: 0, max: max * 100 }).map((n) => n / 100)

describe('sums of any recesses', () => {
  it('are the sum of the recesses that face each other, whatever the format', () => {
    fc.assert(
      fc.property(
        size(20),
        size(20),
        fc.integer({ min: 80, max: 350 }),
        size(15),
        fc.boolean(),
        (top, bottom, frame, rim, turned) => {
          const built = build(
            [
              ['odd-box', 'brood'],
              ['odd-box', 'super'],
              ['odd-crown', undefined, turned],
            ],
            { catalogue: odd(top, bottom, frame, rim) },
          )
          expect(gapBetween(built, 0, 1).mm).toBeCloseTo(top + bottom, 6)
          expect(gapBetween(built, 1, 2).mm).toBeCloseTo(top + (turned ? rim : 0), 6)
        },
      ),
    )
  })

  it('do not depend on what stands elsewhere', () => {
    const pool: Layer[] = [N.brood, N.super, N.topSuper, N.framed, N.sheet, N.crown]
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...pool), { maxLength: 5 }),
        fc.array(fc.constantFrom(...pool), { maxLength: 5 }),
        (below, above) => {
          const alone = gapBetween(build([N.brood, N.topSuper]), 0, 1).mm
          expect(gapBetween(build([...below, N.brood, N.topSuper, ...above]), below.length, below.length + 1).mm).toBe(
            alone,
          )
        },
      ),
    )
  })

  it('never claim a likely ± wider than the worst case', () => {
    for (const layers of [
      [N.floor, N.brood, N.framed, N.super, N.crown, N.roof],
      [L.floor, L.deep, L.framed, L.medium, L.crown, L.roof],
    ] as const) {
      for (const gap of build(layers).assessment.gaps)
        expect(gap.likelyPlusMinusMm).toBeLessThanOrEqual(gap.plusMinusMm + 1e-9)
    }
  })
})

describe('heights', () => {
  it('add up to the depths less what roofs cover, and a nested feeder adds nothing', () => {
    const pool: Layer[] = [
      L.deep,
      L.medium,
      L.shallow,
      L.framed,
      L.sheet,
      L.eke,
      L.crown,
      ['absorber-langstroth'],
      ['slab-langstroth'],
      ['feeder-tray-langstroth'],
    ]
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...pool), { maxLength: 14 }), (layers) => {
        const { assessment } = build([L.stand, L.floor, ...layers, L.roof])
        const sum = assessment.layout.parts.reduce((total, part) => total + part.faces.depthMm, 0)
        expect(assessment.heightMm).toBeCloseTo(sum, 6)
        const roof = assessment.layout.parts.at(-1)!
        const wholeRoofMm = 20 + 90
        expect(assessment.heightMm).toBeCloseTo(sum - roof.faces.depthMm + wholeRoofMm - roof.faces.skirtMm, 6)
      }),
    )
    const fed = build([N.brood, N.crown, ['feeder-rapid'], N.eke, ['eke-shallow-national'], N.roof])
    expect(fed.assessment.heightMm).toBeCloseTo(225.425 + 16 + 76 + 50 + 20, 6)
  })

  it('stand on the layers of a built-up stand: 8 in block, 4 in slab, 4 in frame make 16 in', () => {
    const { assessment } = build([['stand-block-8in'], ['stand-slab-4in'], ['stand-frame-4in'], L.floor, L.deep])
    expect(assessment.layout.parts[3]!.bottomMm).toBeCloseTo(16 * 25.4, 6)
  })
})

describe('joints', () => {
  it('seal between alike', () => {
    const { assessment } = build([L.floor, L.deep, L.medium, L.crown, L.roof])
    expect(assessment.findings.filter(({ rule }) => rule.startsWith('joint'))).toEqual([])
    expect(assessment.joints[1]!.bearingMm.front).toBeCloseTo(9.525, 3)
  })

  it('stand open when a box is shifted or of another format, by the clear hole', () => {
    const built = build([L.floor, L.deep, L.medium, L.crown, L.roof])
    const shifted = {
      ...built.yard,
      hives: [
        {
          ...built.hive,
          stack: built.hive.stack.map((placement, i) =>
            i === 2 ? { ...placement, offsetMm: { x: 0, y: 40 } } : placement,
          ),
        },
      ],
    }
    const open = assessFirst(shifted).findings.find(({ rule }) => rule === 'joint.open')!
    expect(open).toMatchObject({ severity: 'stop' })
    expect(open.measured!.mm).toBeCloseTo(40 - 19.05, 2)
    expect(
      build([N.floor, N.brood, L.medium]).assessment.findings.some(
        ({ rule, severity }) => rule === 'joint.open' && severity === 'stop',
      ),
    ).toBe(true)
  })

  it('tells a roof that does not go over what it covers', () => {
    expect(
      build([L.floor, L.deep, L.crown, N.roof]).assessment.findings.find(({ rule }) => rule === 'joint.roof')!.measured!
        .mm,
    ).toBeGreaterThan(10)
  })

  it('turns a square box by a quarter without opening a joint', () => {
    const built = build([N.floor, N.brood, N.crown, N.roof])
    const turned = {
      ...built.yard,
      hives: [
        {
          ...built.hive,
          stack: built.hive.stack.map((placement, i) => (i === 1 ? { ...placement, yawDeg: 90 as const } : placement)),
        },
      ],
    }
    expect(assessFirst(turned).findings.filter(({ rule }) => rule.startsWith('joint'))).toEqual([])
  })
})
