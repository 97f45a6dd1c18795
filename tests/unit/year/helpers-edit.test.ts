import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/parts'
import { applyEdit, buildHive, emptyYard, type Edit, type Yard } from '#core/yard'
import { changeoverOf, mayHelperMake, tickEdit, visitOf, writeYear } from '#core/year'
import { hiveIn, plannedHiveIn } from '#core/ask'
import { beginVisit, endVisit, together } from '#core/yard/deeds'
import { counter } from '../../helpers/hives'

const makeId = counter('h')
const stack = [
  ['floor-solid-langstroth'],
  ['box-langstroth-deep', 'brood'],
  ['excluder-framed-langstroth'],
  ['box-langstroth-medium', 'super'],
  ['crown-langstroth'],
  ['roof-telescoping-langstroth'],
] as const
const hiveOf = (name: string) => buildHive({ name, stage: 'flow', stack }, CATALOGUE, makeId)
const [one, other] = [hiveOf('Corduroy'), hiveOf('Muslin')]
const yard: Yard = {
  ...emptyYard('y', 'Kiln Bank'),
  hives: [one.hive, other.hive],
  parts: [...one.parts, ...other.parts, { ...one.parts[0]!, id: 'spare' }],
}
function after(before: Yard, edit: Edit): Yard {
  const done = applyEdit(before, edit)
  if (!done.ok) throw new Error(done.problem.reason)
  return done.yard
}
/** The yard with the change to winter begun at the first hive. */
function underWay(): Yard {
  const planned = writeYear(yard)[0]!.stages.get('winter')!
  const change = changeoverOf(hiveIn(yard, one.hive), plannedHiveIn(yard, planned), CATALOGUE)
  return after(yard, beginVisit(one.hive.id, visitOf(change, 'v', '2026-10-01')))
}
const begun = underWay()
const hive = () => begun.hives[0]!

describe('who helps', () => {
  it('carries out every step of a visit that runs, each as it comes, and the end of it', () => {
    let now = begun
    let ticks = 0
    for (let tick = tickEdit(now, now.hives[0]!); tick && ticks < 60; tick = tickEdit(now, now.hives[0]!), ticks++) {
      expect(mayHelperMake(now, tick), `step ${ticks}`).toBe(true)
      now = after(now, tick)
    }
    expect(ticks).toBeGreaterThan(5)
    expect(now.hives[0]!.visit).toBeUndefined()
  })

  const tick = () => tickEdit(begun, hive())!
  const foreign: Edit = { kind: 'take-off', hiveId: other.hive.id, partId: other.hive.stack.at(-1)!.partId }
  it.each<[string, Yard, () => Edit]>([
    ['begins a visit', yard, () => beginVisit(one.hive.id, hive().visit!)],
    ['takes a part off where no visit runs', yard, () => foreign],
    ['takes a part off another hive beside a step', begun, () => together(tick(), foreign)],
    ['does the step of another visit', begun, () => beginVisit(one.hive.id, { ...hive().visit!, id: 'another' })],
    [
      'names the hive beside a step',
      begun,
      () => together(tick(), { kind: 'set-hive', hiveId: one.hive.id, name: 'Mine' }),
    ],
    [
      'says another stage beside a step',
      begun,
      () => together(tick(), { kind: 'set-hive', hiveId: one.hive.id, stage: 'moving' }),
    ],
    [
      'ends it and begins it again in one',
      begun,
      () => together(endVisit(hive()), beginVisit(one.hive.id, hive().visit!)),
    ],
    [
      'throws a part of the shed away beside a step',
      begun,
      () => together(tick(), { kind: 'drop-part', partId: 'spare' }),
    ],
  ])('never %s', (_what, before, edit) => {
    expect(mayHelperMake(before, edit())).toBe(false)
  })
})
