import { describe, expect, it } from 'vitest'
import { applyEdit, withFreshIdentities, type Stage } from '#core/yard'
import type { Part } from '#core/parts'
import { remediesOf } from '#core/rules'
import { L, N, assessFirst, build, counter, rulesOf, type Built, type Layer } from '../../helpers/hives'

const finding = (built: Built, rule: string) => built.assessment.findings.find((one) => one.rule === rule)

/** Applies the first remedy of a finding and assesses again. */
function mended(built: Built, rule: string, n = 0) {
  const remedy = remediesOf(finding(built, rule)!)[n]!
  const applied = applyEdit(built.yard, withFreshIdentities(remedy.edit, counter('fresh')))
  if (!applied.ok) throw new Error(applied.problem.reason)
  return { remedy, assessment: assessFirst(applied.yard), stack: applied.yard.hives[0]!.stack }
}

describe('what is out of order', () => {
  it.each<[string, string, readonly Layer[], Stage]>([
    ['order.no-floor', 'stop', [L.stand, L.deep, L.crown, L.roof], 'flow'],
    ['order.below-floor', 'stop', [L.deep, L.floor, L.crown, L.roof], 'flow'],
    ['order.second-floor', 'mend', [L.floor, L.deep, L.mesh, L.medium, L.crown, L.roof], 'flow'],
    ['order.no-roof', 'stop', [L.floor, L.deep, L.crown], 'flow'],
    ['order.above-roof', 'stop', [L.floor, L.deep, L.crown, L.roof, L.medium], 'flow'],
    ['order.no-crown', 'mend', [L.floor, L.deep, L.roof], 'flow'],
    ['order.box-above-crown', 'mend', [L.floor, L.deep, L.crown, L.medium, L.roof], 'flow'],
    ['order.box-above-crown', 'note', [L.floor, L.deep, L.crown, L.medium, L.roof], 'after-crop'],
    ['order.second-crown', 'mend', [L.floor, L.deep, L.crown, L.crown, L.roof], 'flow'],
    ['order.second-crown', 'note', [L.floor, L.deep, L.crown, L.medium, L.crown, L.roof], 'crop'],
    [
      'order.box-above-feeder',
      'mend',
      [L.floor, L.deep, ['feeder-tray-langstroth'], L.medium, L.crown, L.roof],
      'after-crop',
    ],
    ['order.food-below-brood', 'mend', [L.floor, ['box-langstroth-medium', 'food'], L.deep, L.crown, L.roof], 'winter'],
    ['order.super-below-brood', 'note', [L.floor, L.medium, L.deep, L.crown, L.roof], 'flow'],
    ['order.super-below-brood', 'mend', [L.floor, L.medium, L.deep, L.crown, L.roof], 'winter'],
    ['order.super-under-excluder', 'mend', [L.floor, L.deep, L.medium, L.framed, L.shallow, L.crown, L.roof], 'flow'],
    ['order.brood-above-excluder', 'watch', [L.floor, L.deep, L.framed, L.deep, L.crown, L.roof], 'flow'],
    ['order.brood-above-excluder', 'mend', [L.floor, L.framed, L.deep, L.deep, L.crown, L.roof], 'flow'],
    ['order.two-excluders', 'mend', [L.floor, L.deep, L.framed, L.medium, L.sheet, L.medium, L.crown, L.roof], 'flow'],
    ['order.no-excluder', 'note', [L.floor, L.deep, L.medium, L.crown, L.roof], 'flow'],
    ['order.excluder-in-winter', 'mend', [L.floor, L.deep, L.framed, L.medium, L.crown, L.roof], 'winter'],
    ['order.upside-down', 'stop', [L.floor, ['box-langstroth-deep', 'brood', true], L.crown, L.roof], 'flow'],
    ['order.upside-down', 'stop', [L.floor, L.deep, L.crown, ['roof-telescoping-langstroth', undefined, true]], 'flow'],
    [
      'order.feeder-no-way-up',
      'mend',
      [L.floor, L.deep, ['slab-langstroth'], ['feeder-tray-langstroth'], L.roof],
      'after-crop',
    ],
    ['order.feeder-proud', 'stop', [N.floor, N.brood, N.crown, ['feeder-rapid'], N.eke, N.roof], 'after-crop'],
    ['open-space', 'mend', [N.floor, N.brood, N.eke, N.crown, N.roof], 'flow'],
    ['open-space', 'note', [N.floor, N.brood, N.eke, N.crown, N.roof], 'winter'],
  ])('%s is a %s', (rule, severity, layers, stage) => {
    const built = build(layers, { stage })
    expect(finding(built, rule)).toMatchObject({ severity })
    expect(remediesOf(finding(built, rule)!).length).toBeGreaterThan(0)
  })

  it.each<[string, readonly Layer[], Stage]>([
    ['order.no-floor', [L.stand, L.deep, L.crown, L.roof], 'flow'],
    ['order.below-floor', [L.deep, L.floor, L.crown, L.roof], 'flow'],
    ['order.second-floor', [L.floor, L.deep, L.mesh, L.medium, L.crown, L.roof], 'flow'],
    ['order.no-roof', [L.floor, L.deep, L.crown], 'flow'],
    ['order.above-roof', [L.floor, L.deep, L.crown, L.roof, L.medium], 'flow'],
    ['order.no-crown', [L.floor, L.deep, L.roof], 'flow'],
    ['order.box-above-crown', [L.floor, L.deep, L.crown, L.medium, L.roof], 'flow'],
    ['order.second-crown', [L.floor, L.deep, L.crown, L.crown, L.roof], 'flow'],
    ['order.box-above-feeder', [L.floor, L.deep, ['feeder-tray-langstroth'], L.medium, L.crown, L.roof], 'after-crop'],
    ['order.food-below-brood', [L.floor, ['box-langstroth-medium', 'food'], L.deep, L.crown, L.roof], 'winter'],
    ['order.super-below-brood', [L.floor, L.medium, L.deep, L.crown, L.roof], 'flow'],
    ['order.super-below-brood', [L.floor, L.medium, L.shallow, L.deep, L.crown, L.roof], 'flow'],
    ['order.super-under-excluder', [L.floor, L.deep, L.medium, L.framed, L.shallow, L.crown, L.roof], 'flow'],
    ['order.brood-above-excluder', [L.floor, L.deep, L.framed, L.deep, L.medium, L.crown, L.roof], 'flow'],
    ['order.two-excluders', [L.floor, L.deep, L.framed, L.medium, L.sheet, L.medium, L.crown, L.roof], 'flow'],
    ['order.no-excluder', [L.floor, L.deep, L.medium, L.crown, L.roof], 'flow'],
    ['order.excluder-in-winter', [L.floor, L.deep, L.framed, L.medium, L.crown, L.roof], 'winter'],
    ['order.upside-down', [L.floor, ['box-langstroth-deep', 'brood', true], L.crown, L.roof], 'flow'],
    ['order.feeder-proud', [N.floor, N.brood, N.crown, ['feeder-rapid'], N.eke, N.roof], 'after-crop'],
    ['open-space', [N.floor, N.brood, N.eke, N.crown, N.roof], 'flow'],
  ])('%s goes away when its remedy is applied, and no stop comes instead', (rule, layers, stage) => {
    const built = build(layers, { stage })
    const { assessment } = mended(built, rule)
    expect(assessment.findings.map((one) => one.rule)).not.toContain(rule)
    const stops = (findings: typeof assessment.findings) =>
      findings.filter(({ severity }) => severity === 'stop').length
    expect(stops(assessment.findings)).toBeLessThanOrEqual(stops(built.assessment.findings))
  })

  it.each<[string, readonly Layer[], string[]]>([
    [
      'on an adapter over frames',
      [L.floor, L.deep, ['adapter-national-langstroth-none'], ['feeder-tray-national'], N.roof],
      [],
    ],
    [
      'on an eke over a division board',
      [L.floor, L.deep, ['division-langstroth'], L.eke, ['feeder-tray-langstroth'], L.roof],
      ['order.feeder-no-way-up'],
    ],
    [
      'on an empty box over a closed crown',
      [L.floor, L.deep, L.crown, L.medium, ['feeder-tray-langstroth'], L.roof],
      ['order.feeder-no-way-up'],
    ],
    [
      'on an empty box over an open crown',
      [L.floor, L.deep, L.crown, L.medium, ['feeder-tray-langstroth'], L.roof],
      [],
    ],
  ])('a feeder %s', (where, layers, expected) => {
    const change = (part: Part) =>
      part.patternId === L.medium[0]
        ? { ...part, contents: [] }
        : part.hole && where.includes('closed')
          ? { ...part, hole: 'closed' as const }
          : part
    expect(
      rulesOf(build(layers, { stage: 'after-crop', change })).filter((rule) => rule === 'order.feeder-no-way-up'),
    ).toEqual(expected)
  })

  it.each<[string, readonly Layer[], string[]]>([
    ['a deep roof on an excluder', [L.floor, L.deep, L.framed, L.roof], ['order.no-crown']],
    ['a deep roof on an eke over frames', [L.floor, L.deep, L.eke, L.roof], ['order.no-crown']],
    ['a deep roof over a feeder', [L.floor, L.deep, ['feeder-tray-langstroth'], L.roof], []],
    ['a deep roof over a quilt', [L.floor, L.deep, ['absorber-langstroth'], L.roof], []],
    ['a deep roof over a crown with its hole open', [L.floor, L.deep, L.crown, L.roof], []],
    ['a flush roof on frames', [L.floor, L.deep, ['roof-flush-langstroth']], ['order.flush-lid-alone']],
    [
      'a flush roof on risers on frames',
      [L.floor, L.deep, ['roof-flush-risers-langstroth']],
      ['order.flush-lid-alone'],
    ],
    ['a flush roof over a crown', [L.floor, L.deep, L.crown, ['roof-flush-langstroth']], []],
  ])('%s', (_, layers, expected) => {
    expect(
      rulesOf(build(layers)).filter((rule) => rule === 'order.no-crown' || rule === 'order.flush-lid-alone'),
    ).toEqual(expected)
  })

  it('opens the hole of a crown under a feeder', () => {
    const built = build([N.floor, N.brood, N.crown, ['feeder-tray-national'], N.roof], {
      stage: 'after-crop',
      change: (part) => (part.hole ? { ...part, hole: 'closed' } : part),
    })
    expect(mended(built, 'order.feeder-no-way-up').remedy.kind).toBe('open-hole')
    expect(mended(built, 'order.feeder-no-way-up').assessment.findings.map(({ rule }) => rule)).not.toContain(
      'order.feeder-no-way-up',
    )
  })

  it('does not ask for an excluder in winter, nor where no super stands', () => {
    expect(rulesOf(build([L.floor, L.deep, L.medium, L.crown, L.roof], { stage: 'winter' }))).not.toContain(
      'order.no-excluder',
    )
    expect(rulesOf(build([L.floor, L.deep, L.deep, L.crown, L.roof]))).not.toContain('order.no-excluder')
  })

  it('puts in the excluder whose two faces come nearest the band', () => {
    const { remedy } = mended(build([N.floor, N.brood, N.super, N.crown, N.roof]), 'order.no-excluder')
    expect(remedy).toMatchObject({ patternId: 'excluder-framed-national', resultMm: 7 })
  })

  it('has nothing but notes to say of a hive that is right', () => {
    const good = build([L.stand, L.mesh, L.deep, L.medium, L.medium, L.crown, L.roof])
    expect(good.assessment.findings.every(({ severity }) => severity === 'note')).toBe(true)
    expect(good.assessment.worst).toBe('note')
  })

  it('carries an unknown pattern along, and says so', () => {
    const built = build([N.floor, N.brood, N.super, N.crown, N.roof], {
      change: (part, layer) => (layer === 2 ? { ...part, patternId: 'box-of-tomorrow' } : part),
    })
    expect(finding(built, 'pattern.unknown')).toMatchObject({
      severity: 'watch',
      facts: { patternId: 'box-of-tomorrow' },
    })
    expect(built.assessment.layout.parts).toHaveLength(5)
  })

  it('says nothing about bare ground and a lone stand', () => {
    expect(rulesOf(build([]))).toEqual([])
    expect(rulesOf(build([L.stand]))).toEqual(['order.no-box'])
  })
})
