import { describe, expect, it } from 'vitest'
import { remediesOf } from '#core/rules'
import { applyEdit, withFreshIdentities, type Hive, type Stage, type Yard } from '#core/yard'
import { changeoverOf, standsOpen, writeHive } from '#core/year'
import { hiveIn, plannedHiveIn } from '#core/ask'
import { CATALOGUE } from '#core/parts'
import { stepOfVisitInWords } from '#core/words'
import { L, N, assessFirst, build, counter, fitted, type Layer } from '../../helpers/hives'

const SCREEN: Layer = ['travel-screen-langstroth']
const FLUSH: Layer = ['roof-flush-langstroth']
const BATTENS: Layer = ['battens-langstroth']
const MESH: Layer = ['floor-mesh-langstroth']
const on = (layers: readonly Layer[], stage: Stage = 'moving') => fitted(layers, 'entrance-mesh', { stage })
const told = ({ assessment }: { assessment: ReturnType<typeof assessFirst> }) =>
  assessment.findings
    .filter(({ rule }) => /travel|no-roof|joint/.test(rule))
    .map(({ rule, severity }) => `${rule} ${severity}`)

describe('a hive on the road (a covered screen on a closed floor can kill within the hour: common practice)', () => {
  it.each<[string, Layer[], string[]]>([
    ['a bare screen over a solid floor', [L.floor, L.deep, SCREEN], []],
    ['a bare screen over a mesh floor', [MESH, L.deep, SCREEN], []],
    ['a flush roof on the screen', [L.floor, L.deep, SCREEN, FLUSH], ['season.travel-covered stop']],
    ['a deep roof on the screen', [MESH, L.deep, SCREEN, L.roof], ['season.travel-covered stop']],
    ['a rim on the screen', [MESH, L.deep, SCREEN, ['eke-langstroth']], ['season.travel-covered stop']],
    ['a flush roof on battens', [L.floor, L.deep, SCREEN, BATTENS, FLUSH], []],
    // The skirt hangs down before the way out.
    ['a deep roof on battens', [L.floor, L.deep, SCREEN, BATTENS, L.roof], ['season.travel-covered stop']],
    ['a crown and a roof, floor closed', [L.floor, L.deep, L.crown, L.roof], ['season.travel-air stop']],
    ['a crown and a roof over mesh', [MESH, L.deep, L.crown, L.roof], ['season.travel-air mend']],
    ['open frames', [MESH, L.deep], ['season.travel-air mend']],
  ])('%s', (_, layers, expected) => {
    expect(told(on(layers))).toEqual(expected)
  })

  it('a screen is no roof where the hive stands', () => {
    expect(told(on([L.floor, L.deep, SCREEN], 'flow'))).toContain('order.no-roof stop')
  })

  it('an insert shuts the mesh below', () => {
    const { assessment } = fitted([['floor-insert-langstroth'], L.deep, SCREEN], 'floor-insert-board', {
      stage: 'moving',
    })
    expect(assessment.findings.find(({ rule }) => rule === 'season.insert-in')).toMatchObject({ severity: 'mend' })
  })

  it('every way out leaves a screen with nothing on it', () => {
    for (const layers of [
      [L.floor, L.deep, SCREEN, FLUSH],
      [L.floor, L.deep, L.medium, L.crown, L.roof],
      [N.floor, N.brood, N.roof],
    ]) {
      const { yard, assessment } = on(layers)
      const ways = assessment.findings.filter(({ rule }) => rule.startsWith('season.travel-')).flatMap(remediesOf)
      expect(ways.length).toBeGreaterThan(0)
      for (const { edit } of ways) {
        const applied = applyEdit(yard, withFreshIdentities(edit, counter('fresh')))
        expect(applied.ok && told({ assessment: assessFirst(applied.yard) })).toEqual([])
      }
    }
  })

  it('no way out of anything puts a roof on the screen', () => {
    const { yard, assessment } = on([L.floor, L.deep, SCREEN])
    for (const { edit } of assessment.findings.flatMap(remediesOf)) {
      const applied = applyEdit(yard, withFreshIdentities(edit, counter('fresh')))
      expect(applied.ok && told({ assessment: assessFirst(applied.yard) })).toEqual([])
    }
  })
})

describe('the plan for moving', () => {
  const { yard, hive } = build([L.floor, L.deep, L.medium, L.crown, L.roof], { stage: 'building-up' })
  const planOf = (of: Yard, one: Hive) => writeHive(of, one, ['moving']).stages.get('moving')!
  const plan = planOf(yard, hive)
  const planned = plannedHiveIn(yard, plan)
  const changeover = changeoverOf({ hive, parts: hiveIn(yard, hive).parts }, planned, CATALOGUE)

  it('ends in a screen, and nothing is to be mended in it', () => {
    expect(planned.assembled.stack.at(-1)!.pattern).toMatchObject({ kind: 'crown', surface: 'mesh' })
    expect(planned.assessment.findings.filter(({ severity }) => severity === 'stop' || severity === 'mend')).toEqual([])
    expect(told(planned)).toEqual([])
  })

  it('carries the roof apart, closes the door last, and has the road itself as steps', () => {
    const roofId = hive.stack.at(-1)!.partId
    expect(changeover.steps.filter(({ partId }) => partId === roofId).at(-1)).toMatchObject({ to: 'van' })
    const tasks = changeover.steps.map(({ task, attachment }) => task ?? (attachment ? 'door' : ''))
    expect(tasks.filter(Boolean)).toEqual(['distance', 'fix', 'door', 'shade', 'water', 'open-again'])
    const words = changeover.steps.map((step) =>
      stepOfVisitInWords(
        step,
        {
          toStage: 'moving',
          parting: 'free',
          catalogue: CATALOGUE,
          names: new Map(),
          parts: planned.parts,
          roleOf: () => undefined,
        },
        { units: 'inches', vocabulary: 'northAmerican' },
      ),
    )
    const all = words.flatMap(({ text, why, cautions }) => [text, why, ...cautions]).join('\n')
    expect(all).toMatch(/more than about 3 miles/)
    expect(all).toMatch(/last bees are in, at dusk or before dawn/)
    expect(all).toMatch(/open the entrance at once/)
    expect(all).not.toMatch(/undefined|\bkm\b/)
  })

  it('a screen is a top in the middle of a visit for the road', () => {
    const screened = {
      ...planned.hive,
      visit: { id: 'v', toStage: 'moving', startedOn: '2026-05-01', steps: [], done: 1 },
    }
    const whole = { ...yard, parts: [...yard.parts, ...plan.parts] }
    expect(standsOpen(screened as Hive, whole, CATALOGUE)).toBe(false)
    expect(standsOpen({ ...screened, visit: { ...screened.visit, toStage: 'flow' } } as Hive, whole, CATALOGUE)).toBe(
      true,
    )
  })
})
