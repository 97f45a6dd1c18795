import { SHIPPED_FIGURES } from '#core/figures'
import { contextOf, remediesOf, totalOutsideMm } from '#core/rules'
import { CATALOGUE } from '#core/parts'
import { bandOf, limitDistance } from '#core/stack'
import { applyEdit, withFreshIdentities } from '#core/yard'
import type { Length } from '#core/units'
import { findingInWords, gapFate } from '#core/words'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { L, N, assessFirst, build, counter, gapBetween, rulesOf, type Layer } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const measured = (mm: number, plusMinusMm: number): Length => ({
  mm,
  plusMinusMm,
  source: { mark: 'measured', text: 'rule' },
})
const withRim = (
  layers: readonly Layer[],
  layer: number,
  mm: number,
  plusMinusMm: number,
  band: 'range' | 'metric' | 'single-figure' = 'range',
) =>
  build(layers, {
    band,
    change: (part, i) => (i === layer ? { ...part, measured: { rimDepth: measured(mm, plusMinusMm) } } : part),
  })

describe('severity of a vertical gap', () => {
  it.each([
    [0, 'mend', 'glued'],
    [2.99, 'mend', 'glued'],
    [3, 'watch', 'squeezed'],
    [6.34, 'watch', 'squeezed'],
    [6.35, 'good', 'bee-space'],
    [6.346, 'good', 'bee-space'],
    [9.525, 'good', 'bee-space'],
    [9.53, 'good', 'bee-space'],
    [9.536, 'watch', 'bridged'],
    [12.7, 'watch', 'bridged'],
    [12.71, 'mend', 'comb'],
    [40, 'mend', 'comb'],
  ])('%d mm under a crown is %s: %s', (mm, grade, verdict) => {
    expect(gapBetween(withRim([N.brood, N.crown], 1, mm, 0), 0, 1)).toMatchObject({ grade, verdict })
  })

  it('is a stop where the frames meet before the boxes do', () => {
    const built = build([N.floor, N.topBrood, N.super], {
      change: (part, i) => (i === 2 ? { ...part, measured: { depth: measured(130, 0) } } : part),
    })
    expect(gapBetween(built, 1, 2)).toMatchObject({ grade: 'stop', verdict: 'meets' })
  })

  it('follows the band of the yard', () => {
    expect(gapBetween(withRim([N.brood, N.crown], 1, 6, 0, 'metric'), 0, 1).grade).toBe('good')
    expect(gapBetween(withRim([N.brood, N.crown], 1, 7, 0, 'single-figure'), 0, 1).grade).toBe('watch')
    expect(gapBetween(withRim([N.brood, N.crown], 1, 10, 0, 'metric'), 0, 1).grade).toBe('good')
  })

  it('is marginal, and no more than watch, within the ± of a limit', () => {
    expect(gapBetween(withRim([N.brood, N.crown], 1, 6.8, 0.5), 0, 1)).toMatchObject({
      marginal: true,
      grade: 'watch',
      verdict: 'bee-space',
    })
    expect(gapBetween(withRim([N.brood, N.crown], 1, 6.9, 0.5), 0, 1)).toMatchObject({ marginal: false, grade: 'good' })
    expect(gapBetween(withRim([N.brood, N.crown], 1, 2.5, 4), 0, 1)).toMatchObject({
      marginal: true,
      grade: 'watch',
      verdict: 'glued',
    })
    expect(gapBetween(withRim([N.brood, N.crown], 1, 6.35, 0), 0, 1).marginal).toBe(false)
  })

  it('judges the floor by its own band', () => {
    const floor = (mm: number) =>
      gapBetween(
        build([L.floor, L.deep], {
          change: (part, i) => (i === 0 ? { ...part, measured: { upperRecess: measured(mm, 0) } } : part),
        }),
        0,
        1,
      )
    expect(floor(38 - 6.35)).toMatchObject({ grade: 'good', verdict: 'floor-open' })
    expect(floor(38.1 - 6.35)).toMatchObject({ grade: 'mend', verdict: 'floor-deep' })
    expect(floor(0)).toMatchObject({ grade: 'good' })
    expect(
      gapBetween(
        build([N.floor, N.brood], {
          change: (part, i) =>
            i === 0
              ? { ...part, measured: { upperRecess: measured(0, 0) } }
              : { ...part, measured: { depth: measured(220, 0) } },
        }),
        0,
        1,
      ),
    ).toMatchObject({ verdict: 'floor-low', grade: 'watch' })
  })
})

describe('both ways up', () => {
  const way = (layers: readonly Layer[], n = 0) => build(layers).assessment.betterWays[n]!

  it('names the better way of a framed excluder on both kinds of box', () => {
    expect(way([N.brood, N.framed, N.super])).toMatchObject({
      better: 'as-it-stands',
      asItStands: { belowMm: 7, aboveMm: 9.525 },
      turned: { belowMm: 0 },
    })
    expect(way([N.brood, ['excluder-framed-national', undefined, true], N.super]).better).toBe('turned')
    const deepMedium = way([L.deep, L.framed, L.medium])
    expect(deepMedium.asItStands.belowMm).toBeCloseTo(6.35, 6)
    expect(deepMedium.asItStands.aboveMm).toBeCloseTo(10.175, 6)
    expect(deepMedium.turned.belowMm).toBeCloseTo(13.35, 6)
    expect(deepMedium.turned.aboveMm).toBeCloseTo(3.175, 6)
    expect(deepMedium.better).toBe('as-it-stands')
  })

  it('says neither on a tie: between two deeps it is 6.35 and 13.35 either way', () => {
    const tie = way([L.deep, L.framed, L.deep])
    expect([tie.asItStands.belowMm, tie.asItStands.aboveMm].map((mm) => mm!.toFixed(2))).toEqual(['6.35', '13.35'])
    expect([tie.turned.belowMm, tie.turned.aboveMm].map((mm) => mm!.toFixed(2))).toEqual(['13.35', '6.35'])
    expect(tie.better).toBe('neither')
  })

  it('tries a crown, counting only the face that meets frames', () => {
    expect(way([N.brood, ['crown-national', undefined, true], N.roof])).toMatchObject({
      better: 'turned',
      asItStands: { belowMm: 0, aboveMm: null },
      turned: { belowMm: 7 },
    })
    expect(way([L.deep, L.crown, L.roof]).better).toBe('as-it-stands')
  })

  it('is mirrored when the part is turned', () => {
    const pool: Layer[] = [N.brood, N.topBrood, L.deep, L.medium, L.shallow]
    fc.assert(
      fc.property(
        fc.constantFrom(...pool),
        fc.constantFrom(...pool),
        fc.constantFrom('excluder-framed-national', 'excluder-framed-langstroth'),
        (below, above, id) => {
          const a = way([below, [id, undefined, false], above])
          const b = way([below, [id, undefined, true], above])
          expect(a.asItStands.outsideMm).toBeCloseTo(b.turned.outsideMm, 6)
          expect({ 'as-it-stands': 'turned', turned: 'as-it-stands', neither: 'neither' }[a.better]).toBe(b.better)
        },
      ),
    )
  })
})

describe('remedies', () => {
  const pool: Layer[] = [
    N.brood,
    N.topBrood,
    N.super,
    N.topSuper,
    N.framed,
    N.sheet,
    N.crown,
    ['crown-national', undefined, true],
    ['excluder-framed-national', undefined, true],
    L.deep,
    L.medium,
  ]

  it('of a gap always better the hive and give the figure that they promise', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...pool), { minLength: 2, maxLength: 7 }), (layers) => {
        const built = build([N.floor, ...layers, N.roof])
        const context = contextOf(built.yard, built.hive)
        const before = totalOutsideMm(built.assessment.gaps, context)
        for (const finding of built.assessment.findings.filter((one) => one.rule === 'bee-space.gap')) {
          const { rule } = finding
          for (const remedy of remediesOf(finding)) {
            const applied = applyEdit(built.yard, withFreshIdentities(remedy.edit, counter('fresh')))
            if (!applied.ok) throw new Error(`${rule}: ${applied.problem.reason}`)
            const after = assessFirst(applied.yard)
            expect(totalOutsideMm(after.gaps, context)).toBeLessThan(before)
            expect(after.gaps.some(({ mm }) => Math.abs(mm - remedy.resultMm!) < 1e-6)).toBe(true)
          }
        }
      }),
      { numRuns: runs(60) },
    )
  })

  it('name a top-space box on a bottom-space one as the cause, and swap it', () => {
    const built = build([N.floor, N.brood, N.topSuper, N.super, N.crown, N.roof])
    const comb = built.assessment.findings.find((one) => one.rule === 'bee-space.gap' && one.facts.verdict === 'comb')!
    expect(comb.facts).toMatchObject({ mixed: { topSpaceId: built.at(2), bottomSpaceId: built.at(3) } })
    expect(remediesOf(comb)[0]).toMatchObject({
      kind: 'swap-for',
      patternId: 'box-national-super',
      partId: built.at(2),
    })
    expect(remediesOf(comb)[0]!.resultMm).toBeCloseTo(9.525, 6)
  })

  it('turn a part over before they buy a new one', () => {
    const flat = build([N.floor, N.brood, ['crown-national', undefined, true], N.roof])
    expect(remediesOf(flat.assessment.findings.find(({ rule }) => rule === 'bee-space.gap')!)[0]).toMatchObject({
      kind: 'turn-over',
      resultMm: 7,
    })
  })
})

describe('end bars and sides', () => {
  it('finds nothing wrong with either format end to end', () => {
    for (const layers of [
      [L.floor, L.deep],
      [N.floor, N.brood],
    ] as const)
      expect(rulesOf(build(layers))).not.toContain('bee-space.end-bar')
  })

  it('tells a box that was measured too long or too short for its frames', () => {
    const long = build([L.floor, L.deep], {
      change: (part, i) => (i === 1 ? { ...part, measured: { insideLength: measured(480, 0.5) } } : part),
    })
    expect(long.assessment.findings.find(({ rule }) => rule === 'bee-space.end-bar')).toMatchObject({
      severity: 'mend',
      facts: { side: 'over' },
    })
    const short = build([L.floor, L.deep], {
      change: (part, i) => (i === 1 ? { ...part, measured: { insideLength: measured(440, 0.5) } } : part),
    })
    expect(short.assessment.findings.find(({ rule }) => rule === 'bee-space.end-bar')).toMatchObject({
      severity: 'stop',
    })
  })

  it(
    'says of end bars inside the band whose ± reaches its limit that bees pass if the figures ' +
      'hold, not that they are glued',
    () => {
      const said = (insideLengthMm: number, plusMinusMm: number) => {
        const { assessment } = build([L.floor, L.deep], {
          change: (part, i) =>
            i === 1 ? { ...part, measured: { insideLength: measured(insideLengthMm, plusMinusMm) } } : part,
        })
        const finding = assessment.findings.find(({ rule }) => rule === 'bee-space.end-bar')
        return finding && findingInWords(finding, new Map(), CATALOGUE, { vocabulary: 'british', units: 'mm' }).fate
      }
      const overEndBarsMm = CATALOGUE.hanging.get('frame-langstroth-deep')!.lengthOverEndBars.mm
      expect(said(overEndBarsMm + 2 * 6.5, 2)).toBe(
        'Bees pass behind the end bars, if the figures hold. The figure may be off by more than ' +
          'it is from the limit: measure both parts to be sure.',
      )
      expect(said(overEndBarsMm + 2 * 5, 0.1)).toBe('The end bars are glued to the wall.')
    },
  )

  it('never says of bottom bars over an adapter that comb comes off with a cover', () => {
    const { assessment } = build([L.floor, L.deep, ['adapter-national-langstroth-none'], N.super, N.crown, N.roof])
    const over = assessment.gaps.filter(({ place }) => place === 'under-frames')
    expect(over.map(({ lowerId }) => lowerId)).toEqual([assessment.layout.parts[2]!.part.id])
    const fates = (['glued', 'bridged', 'comb'] as const).map((verdict) =>
      gapFate({ verdict, place: 'under-frames', marginal: false, usual: false }),
    )
    for (const fate of fates) expect(fate).toMatch(/bottom bars/)
    expect(fates.join(' ')).not.toMatch(/cover|top bars/)
  })

  it('tells the room left beside the frames, and frames that do not go in', () => {
    const side = (layers: readonly Layer[], insideWidth?: number) =>
      build(layers, {
        change: (part, i) =>
          insideWidth && i === 1 ? { ...part, measured: { insideWidth: measured(insideWidth, 0) } } : part,
      }).assessment.findings.find(({ rule }) => rule === 'bee-space.side')
    expect(side([L.floor, L.deep])).toMatchObject({ severity: 'note', measured: { mm: 25.4 } })
    expect(side([N.floor, N.super])).toBeUndefined()
    expect(side([N.floor, N.brood])).toBeUndefined()
    expect(side([N.floor, N.brood], 445)).toMatchObject({ severity: 'watch' })
    expect(side([L.floor, L.deep], 392)).toMatchObject({ severity: 'watch' })
    expect(
      rulesOf(
        build([L.floor, L.deep], {
          change: (part, i) => (i === 1 ? { ...part, measured: { insideWidth: measured(340, 0) } } : part),
        }),
      ),
    ).toContain('frames.too-many')
  })
})

describe('acceptance', () => {
  it('stays as long as the figure does, and comes back when it changes', () => {
    const built = build([L.floor, L.deep, L.deep, L.crown, L.roof], { stage: 'supering' })
    const two = built.assessment.findings.find(({ rule }) => rule === 'bee-space.gap')!
    const applied = applyEdit(built.yard, {
      kind: 'accept-finding',
      hiveId: built.hive.id,
      acceptance: { findingKey: two.key, measuredMm: 12.7, reason: 'always so' },
    })
    if (!applied.ok) throw new Error(applied.problem.reason)
    const after = assessFirst(applied.yard)
    expect(after.findings.find(({ key }) => key === two.key)!.acceptance).toMatchObject({ reason: 'always so' })
    expect(after.worst).toBe('note')
    const changed = {
      ...applied.yard,
      parts: applied.yard.parts.map((part) =>
        part.id === built.at(1) ? { ...part, measured: { restDepth: measured(17, 0) } } : part,
      ),
    }
    expect(assessFirst(changed).findings.find(({ key }) => key === two.key)!.acceptance).toBeUndefined()
  })
})

describe('figures', () => {
  it('are inclusive and compared to a hundredth of a millimetre', () => {
    expect(limitDistance(9.525000000000006, bandOf('range', SHIPPED_FIGURES))).toMatchObject({ side: 'inside', mm: 0 })
    expect(limitDistance(9.5349, bandOf('range', SHIPPED_FIGURES)).side).toBe('inside')
    expect(limitDistance(9.5351, bandOf('range', SHIPPED_FIGURES)).side).toBe('over')
    expect(limitDistance(6.3449, bandOf('range', SHIPPED_FIGURES))).toMatchObject({ side: 'under', limitMm: 6.35 })
  })
})
