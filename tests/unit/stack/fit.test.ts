import { SHIPPED_FIGURES } from '#core/figures'
import { contextOf, remediesOf } from '#core/rules'
import { CATALOGUE, type HangingPattern, type Pattern, resolvePart } from '#core/parts'
import { boxFit, boxOfPattern, boxTable, frameInBox, frameTable, seatOn } from '#core/stack'
import { applyEdit, emptyYard } from '#core/yard'
import { mmFromInches, type Length } from '#core/units'
import { boxFitLine, frameFitLine, frameVerdictWord, seatWord } from '#core/words'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { L, N, assessFirst, build } from '../../helpers/hives'

const { yard, hive } = build([L.floor, L.deep])
const context = contextOf(yard, hive)
const box = (id: string) => boxOfPattern(CATALOGUE.patterns.get(id)!, CATALOGUE)
const frame = (id: string) => CATALOGUE.hanging.get(id)!
const fit = (frameId: string, boxId: string) => frameInBox(frame(frameId), box(boxId).resolved, context)
const exact = (mm: number, plusMinusMm = 0): Length => ({ mm, plusMinusMm, source: { mark: 'own', text: 'test' } })

describe('frames in boxes', () => {
  it.each([
    ['frame-langstroth-medium', 'box-langstroth-deep', 'gap-problem', 'void-below', mmFromInches(3.125)],
    ['frame-langstroth-shallow', 'box-langstroth-deep', 'gap-problem', 'void-below', mmFromInches(4)],
    ['frame-national-deep', 'box-langstroth-deep', 'does-not-fit', 'drops-in', (431.8 - 466.725) / 2],
    ['frame-langstroth-deep', 'box-national-brood', 'does-not-fit', 'top-bar-too-long', mmFromInches(17.125) - 482.6],
    ['frame-national-14x12', 'box-national-brood', 'does-not-fit', 'stands-below', 225.425 - 304.8],
    ['frame-langstroth-deep', 'box-langstroth-deep', 'fits', 'all-clear', 9.525],
    ['frame-langstroth-deep', 'box-langstroth-8-deep', 'fits', 'all-clear', 9.525],
    ['frame-langstroth-deep', 'box-langstroth-deep-older', 'fits', 'all-clear', 9.525],
    ['frame-langstroth-jumbo', 'box-langstroth-deep', 'does-not-fit', 'stands-below', 244.475 - 6.35 - 285.75],
    ['frame-langstroth-deep', 'box-langstroth-medium', 'does-not-fit', 'stands-below', 168.275 - 6.35 - 231.775],
    ['frame-national-deep', 'box-national-brood', 'fits', 'all-clear', 7.2],
    ['frame-national-shallow', 'box-national-brood', 'gap-problem', 'void-below', 225.425 - 139.7],
    ['frame-16x10', 'box-16x10', 'fits', 'all-clear', 7.9375],
    ['frame-national-deep', 'box-16x10', 'does-not-fit', 'lugs-too-short', (431.8 - 422.275) / 2],
    ['frame-16x10', 'box-national-brood', 'does-not-fit', 'top-bar-too-long', 434.975 - 438.15],
    ['frame-national-deep', 'box-section-rack', 'does-not-fit', 'no-frames-here', 0],
  ] as const)('%s in %s: %s, %s', (frameId, boxId, verdict, reason, mm) => {
    const found = fit(frameId, boxId)
    expect(found).toMatchObject({ verdict, reason })
    expect(found.deciding.mm).toBeCloseTo(mm, 3)
  })

  it('a frame of another make that hangs as low as the usual one leaves no void, and one a little shorter does', () => {
    const deeper = resolvePart(
      { id: 'box', patternId: 'box-langstroth-deep', contents: [], hasHeld: [], measured: { depth: exact(243 + 6) } },
      CATALOGUE,
    )
    const usual = frame('frame-langstroth-deep')
    const like = (heightMm: number) =>
      frameInBox({ ...usual, id: 'own-make', height: exact(heightMm) }, deeper, context)
    expect(frameInBox(usual, deeper, context).clearances.bottomSpace.mm).toBeGreaterThan(context.band.maxMm)
    expect(frameInBox(usual, deeper, context)).toMatchObject({ verdict: 'fits' })
    expect(like(usual.height.mm)).toMatchObject({ verdict: 'fits' })
    expect(like(usual.height.mm - 1)).toMatchObject({ verdict: 'gap-problem', reason: 'void-below' })
  })

  it('counts how many hang side by side', () => {
    expect(fit('frame-langstroth-deep', 'box-langstroth-deep')).toMatchObject({ count: 10, sideMm: 25.4 })
    expect(fit('frame-langstroth-deep-narrow', 'box-langstroth-deep').count).toBe(11)
    expect(fit('frame-national-deep', 'box-national-brood').count).toBe(12)
    expect(fit('frame-langstroth-deep', 'box-langstroth-8-deep').count).toBe(9)
    expect(fit('frame-drain', 'box-drain-super').count).toBe(7)
  })

  it('says marginal where a measured part lies within its ± of the limit', () => {
    const tight = { ...box('box-national-brood').resolved.part, measured: { restToRest: exact(432, 1) } }
    expect(frameInBox(frame('frame-national-deep'), resolvePart(tight, CATALOGUE), context).verdict).toBe('fits')
    const tighter = { ...tight, measured: { restToRest: exact(431.5, 1) } }
    expect(frameInBox(frame('frame-national-deep'), resolvePart(tighter, CATALOGUE), context)).toMatchObject({
      verdict: 'does-not-fit',
      reason: 'top-bar-too-long',
      marginal: true,
    })
  })

  const sizes = fc.record({
    inside: fc.integer({ min: 300, max: 500 }),
    ledge: fc.integer({ min: 0, max: 30 }),
    depth: fc.integer({ min: 80, max: 350 }),
    top: fc.integer({ min: 0, max: 20 }),
    bar: fc.integer({ min: 300, max: 520 }),
    end: fc.integer({ min: 280, max: 480 }),
    height: fc.integer({ min: 60, max: 340 }),
  })
  function odd({
    inside,
    ledge,
    depth,
    top,
    bar,
    end,
    height,
  }: {
    inside: number
    ledge: number
    depth: number
    top: number
    bar: number
    end: number
    height: number
  }) {
    const pattern: Pattern = {
      id: 'odd',
      kind: 'box',
      format: 'any',
      material: 'wood',
      label: { british: 'odd', northAmerican: 'odd' },
      dimensions: {
        outsideLength: exact(inside + 60),
        outsideWidth: exact(400),
        insideLength: exact(inside),
        insideWidth: exact(360),
        restToRest: exact(inside + 2 * ledge),
        restDepth: exact(10 + top),
        depth: exact(depth),
      },
    }
    const hung: HangingPattern = {
      ...frame('frame-langstroth-deep'),
      id: 'odd-frame',
      topBarLength: exact(bar),
      lengthOverEndBars: exact(end),
      height: exact(height),
      lugThickness: exact(10),
    }
    return {
      pattern,
      hung,
      resolved: resolvePart(
        { id: 'odd', patternId: 'odd', contents: [], hasHeld: [] },
        { patterns: new Map([['odd', pattern]]), hanging: new Map(), figures: SHIPPED_FIGURES },
      ),
    }
  }

  it('follow from the dimensions, without any format’s name', () => {
    fc.assert(
      fc.property(sizes, (size) => {
        const { hung, resolved } = odd(size)
        const found = frameInBox(hung, resolved, context)
        const goesIn =
          size.bar <= size.inside + 2 * size.ledge &&
          (size.bar - size.inside) / 2 >= 6 &&
          size.end <= size.inside &&
          size.depth - size.top - size.height >= 0
        expect(found.verdict !== 'does-not-fit').toBe(goesIn)
      }),
    )
  })

  it('a frame shorter over its end bars never has less end gap, and a shorter top bar never bears more', () => {
    fc.assert(
      fc.property(sizes, fc.integer({ min: 0, max: 60 }), (size, by) => {
        const a = odd(size)
        const b = odd({ ...size, end: size.end - by, bar: size.bar - by })
        const before = frameInBox(a.hung, a.resolved, context).clearances
        const after = frameInBox(b.hung, b.resolved, context).clearances
        expect(after.endGap.mm).toBeGreaterThanOrEqual(before.endGap.mm)
        expect(after.lugBearing.mm).toBeLessThanOrEqual(before.lugBearing.mm)
      }),
    )
  })
})

describe('boxes on boxes', () => {
  const seat = (upper: string, lower: string) => seatOn(box(lower).resolved, box(upper).resolved, context.figures)

  it('8 frames on 10: 9.5 each side when centred, 38.1 flush to one side', () => {
    const found = seat('box-langstroth-8-deep', 'box-langstroth-deep')
    expect(found).toMatchObject({ verdict: 'open', adapterHelps: true })
    expect(found.mm).toBeCloseTo(9.525, 3)
    expect(found.flushMm).toBeCloseTo(38.1, 3)
    expect(['left', 'right']).toContain(found.side)
  })

  it('a National and a Langstroth do not sit on each other, and an adapter helps', () => {
    expect(seat('box-national-super', 'box-langstroth-deep')).toMatchObject({
      verdict: 'does-not-sit',
      adapterHelps: true,
    })
    expect(seat('box-langstroth-medium', 'box-national-brood')).toMatchObject({
      verdict: 'does-not-sit',
      adapterHelps: true,
    })
  })

  it('alike seal, whatever the size; 16×10 shares supers with the National', () => {
    for (const id of [
      'box-langstroth-deep',
      'box-langstroth-8-medium',
      'box-langstroth-5-deep',
      'box-national-brood',
      'box-national-6-brood',
      'box-16x10',
      'box-poly-national-brood',
      'box-poly-national-12-super',
      'box-poly-langstroth-deep',
    ])
      expect(seat(id, id).verdict, id).toBe('seals')
    expect(seat('box-national-super', 'box-16x10').verdict).toBe('seals')
    expect(seat('box-langstroth-shallow', 'box-double-nucleus').verdict).toBe('seals')
  })

  it('a lip on a flat edge holds the parts apart; a lip on a lip seals', () => {
    expect(seat('box-poly-national-12-super', 'box-national-brood').verdict).toBe('lip')
    expect(seat('box-national-super', 'box-poly-national-12-brood').verdict).toBe('lip')
  })

  it('a nucleus drops into nothing but stands open on a full box', () => {
    expect(seat('box-langstroth-5-deep', 'box-langstroth-deep')).toMatchObject({ verdict: 'open' })
  })

  it('a home-made rim 16 1/8 × 20 in on a 10-frame Langstroth seals: 17.5 mm at the sides, 9.5 at the ends', () => {
    const rim = {
      id: 'rim',
      patternId: 'eke-langstroth',
      contents: [],
      hasHeld: [],
      measured: {
        outsideWidth: exact(mmFromInches(16.125)),
        outsideLength: exact(mmFromInches(20)),
        rimWidth: exact(19.05),
      },
    }
    const found = seatOn(box('box-langstroth-deep').resolved, resolvePart(rim, CATALOGUE), context.figures)
    expect(found.verdict).toBe('seals')
    expect(found.overlapMm.left).toBeCloseTo(17.46, 1)
    expect(found.overlapMm.front).toBeCloseTo(9.5, 1)
  })

  it('says marginal where a measured part may as well seal as stand open', () => {
    const eke = (outsideWidth: number, plusMinusMm: number) => ({
      id: 'rim',
      patternId: 'eke-langstroth',
      contents: [],
      hasHeld: [],
      measured: { outsideWidth: exact(outsideWidth, plusMinusMm), rimWidth: exact(8) },
    })
    const lower = box('box-langstroth-deep').resolved
    expect(seatOn(lower, resolvePart(eke(412.75, 0), CATALOGUE), context.figures)).toMatchObject({
      verdict: 'seals',
      marginal: false,
    })
    expect(seatOn(lower, resolvePart(eke(412.75, 6), CATALOGUE), context.figures)).toMatchObject({
      verdict: 'seals',
      marginal: true,
      plusMinusMm: 3,
    })
    const thin = build([L.floor, L.deep, L.eke, L.roof], {
      stage: 'winter',
      change: (part, i) =>
        i === 2 ? { ...part, measured: { outsideWidth: exact(412.75, 6), rimWidth: exact(8) } } : part,
    })
    expect(thin.assessment.findings.find(({ rule }) => rule === 'joint.bearing')).toMatchObject({
      severity: 'watch',
      marginal: true,
      measured: { mm: 8, plusMinusMm: 3 },
    })
    const open = build([L.floor, L.deep, L.eke, L.roof], {
      stage: 'winter',
      change: (part, i) =>
        i === 2 ? { ...part, measured: { outsideWidth: exact(373, 6), rimWidth: exact(10) } } : part,
    })
    expect(open.assessment.findings.find(({ rule }) => rule === 'joint.open')).toMatchObject({
      severity: 'watch',
      marginal: true,
    })
  })

  it('seals exactly when the overlap of the edges is enough on all four sides (any sizes)', () => {
    const size = fc.record({
      length: fc.integer({ min: 200, max: 600 }),
      width: fc.integer({ min: 200, max: 600 }),
      wall: fc.integer({ min: 5, max: 60 }),
    })
    const eke = (id: string, { length, width, wall }: { length: number; width: number; wall: number }) =>
      resolvePart(
        {
          id,
          patternId: 'eke-langstroth',
          contents: [],
          hasHeld: [],
          measured: { outsideLength: exact(length), outsideWidth: exact(width), rimWidth: exact(wall) },
        },
        CATALOGUE,
      )
    fc.assert(
      fc.property(size, size, (a, b) => {
        const overlap = (x: number, y: number) => Math.min(x, y) / 2 - Math.max(x / 2 - a.wall, y / 2 - b.wall)
        const least = Math.min(overlap(a.length, b.length), overlap(a.width, b.width))
        expect(seatOn(eke('a', a), eke('b', b), context.figures).verdict === 'seals').toBe(least >= 6)
      }),
    )
  })
})

describe('the whole table', () => {
  const boxes = [...CATALOGUE.patterns.values()]
    .filter(({ kind }) => kind === 'box')
    .map((pattern) => boxOfPattern(pattern, CATALOGUE))
  const frames = [...CATALOGUE.hanging.values()].filter(({ kind }) => kind === 'frame')

  it('has a sentence for every cell, with its figure', () => {
    for (const reader of [
      { units: 'mm', vocabulary: 'british' },
      { units: 'inches', vocabulary: 'northAmerican' },
    ] as const) {
      for (const row of frameTable(frames, boxes, context))
        for (const cell of row)
          expect(`${frameVerdictWord(cell)} ${frameFitLine(cell, reader)}`).toMatch(
            /^(fits|goes in, with a gap|does not fit)\??.*\.$/,
          )
      for (const row of boxTable(boxes, context))
        for (const cell of row)
          expect(`${seatWord(cell)} ${boxFitLine(cell, reader)}`).not.toMatch(/undefined|NaN|Infinity/)
    }
  })

  it('agrees with the bench about the gap between two boxes', () => {
    for (const [lower, upper] of [
      ['box-langstroth-deep', 'box-langstroth-medium'],
      ['box-national-brood', 'box-national-super-top-space'],
      ['box-16x10', 'box-national-super'],
    ] as const) {
      const onBench = build([
        [lower, 'brood'],
        [upper, 'super'],
      ]).assessment.gaps[0]!
      expect(boxFit(box(lower), box(upper), context).gap).toMatchObject({
        mm: onBench.mm,
        verdict: onBench.verdict,
        grade: onBench.grade,
      })
    }
  })
})

describe('adapters and division boards on the bench', () => {
  it('an adapter, either way round, closes a National on a Langstroth, and its faces are judged as any other', () => {
    const open = build([L.floor, L.deep, N.super, N.crown, N.roof])
    const joint = open.assessment.findings.find(({ rule }) => rule === 'joint.open')!
    expect(remediesOf(joint).map(({ kind }) => kind)).toContain('add')
    const closed = build([L.floor, L.deep, ['adapter-national-langstroth-none'], N.super, N.crown, N.roof])
    expect(closed.assessment.findings.filter(({ rule }) => rule.startsWith('joint.'))).toEqual([])
    expect(
      closed.assessment.gaps.some(({ terms }) =>
        terms.some(({ partId, name }) => partId === closed.at(2) && name === 'open-depth'),
      ),
    ).toBe(true)
    const between = closed.assessment.gaps.find(({ place }) => place === 'frames')!
    expect(between).toMatchObject({ verdict: 'comb', throughIds: [] })
    expect(between.mm).toBeCloseTo(6.35 + 9.5 + 9.525, 6)
    expect(closed.assessment.findings.map(({ rule }) => rule)).not.toContain('open-space')
    const other = build([
      N.floor,
      N.brood,
      ['adapter-national-langstroth-none', undefined, true],
      L.medium,
      L.crown,
      L.roof,
    ])
    expect(other.assessment.findings.filter(({ rule }) => rule.startsWith('joint.'))).toEqual([])
    const rims = build([L.floor, L.deep, ['adapter-national-langstroth-both'], N.super, N.crown, N.roof])
    expect(rims.assessment.findings.filter(({ rule }) => rule.startsWith('joint.'))).toEqual([])
    expect(rims.assessment.heightMm - closed.assessment.heightMm).toBeCloseTo(14, 6)
  })

  it('a shifted box is put straight by its remedy', () => {
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
    const [remedy] = remediesOf(assessFirst(shifted).findings.find(({ rule }) => rule === 'joint.open')!)
    expect(remedy!.kind).toBe('centre')
    const applied = applyEdit(shifted, remedy!.edit)
    expect(applied.ok && applied.yard).toEqual(built.yard)
  })

  it('a division board keeps two colonies apart: no bee goes through', () => {
    const { assessment, at } = build([N.floor, N.brood, ['division-national'], N.brood, N.crown, N.roof])
    expect(
      assessment.gaps
        .filter(({ lowerId, upperId }) => lowerId === at(2) || upperId === at(2))
        .map(({ mm, place, verdict }) => [mm, place, verdict]),
    ).toEqual([
      [7, 'cover', 'bee-space'],
      [16.525, 'floor', 'floor-open'],
    ])
  })

  it('a double nucleus holds two times five with 8 mm to spare in each half', () => {
    const { assessment } = build([L.floor, ['box-double-nucleus', 'brood'], L.crown, L.roof])
    expect(assessment.findings.filter(({ severity }) => severity === 'stop')).toEqual([])
    expect(assessment.layout.parts[1]!.faces.upper.zones.map(({ colony }) => colony)).toEqual(['near', 'far'])
  })

  it('clean comb asks for an excluder below it', () => {
    const rules = (stack: Parameters<typeof build>[0]) =>
      build(stack).assessment.findings.map(({ rule, severity }) => `${rule} ${severity}`)
    expect(rules([N.floor, N.brood, ['box-section-rack', 'super'], N.crown, N.roof])).toContain(
      'order.no-excluder-clean-comb mend',
    )
    expect(rules([L.floor, L.deep, ['box-drain-super', 'super'], L.crown, L.roof])).toContain(
      'order.no-excluder-clean-comb mend',
    )
    expect(rules([L.floor, L.deep, L.framed, ['box-drain-super', 'super'], L.crown, L.roof]).join()).not.toContain(
      'clean-comb',
    )
  })

  it('frames of another size hang in a box as geometry says', () => {
    const medium = build([L.floor, L.deep, L.crown, L.roof], {
      change: (part, i) =>
        i === 1
          ? {
              ...part,
              contents: part.contents.map((content) => ({ ...content, patternId: 'frame-langstroth-medium' })),
            }
          : part,
    })
    expect(medium.assessment.findings.find(({ rule }) => rule === 'fit.frame')).toMatchObject({
      severity: 'mend',
      facts: { reason: 'void-below' },
    })
    expect(medium.assessment.findings.find(({ rule }) => rule === 'fit.frame')!.measured!.mm).toBeCloseTo(79.375, 3)
  })
})

describe('an empty yard', () => {
  it('has the shipped catalogue and figures', () => {
    expect(contextOf(emptyYard('y', 'Y'), hive).catalogue).toBe(CATALOGUE)
  })
})
