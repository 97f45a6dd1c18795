import { describe, expect, it } from 'vitest'
import { applyEdit, planOf, planProblem, withFreshIdentities, type Stage } from '#core/yard'
import { doneAtOnce, stagesOf, writeHive } from '#core/year'
import { build, counter, L } from '../../helpers/hives'

const { yard, hive } = build([L.stand, L.mesh, L.deep, L.framed, L.medium, L.medium, L.crown, L.roof], {
  stage: 'flow',
})

describe('a change that was done without being ticked', () => {
  it.each(stagesOf(yard))(
    '%s: the hive stands as planned, nothing is lost, and undo takes all of it back',
    (stage: Stage) => {
      const edit = doneAtOnce(yard, hive, stage, '2026-08-14', 'v')!
      const done = applyEdit(yard, withFreshIdentities(edit, counter('n')))
      if (!done.ok) throw new Error(done.problem.reason)
      const [after] = done.yard.hives
      const planned = writeHive(yard, hive, [stage]).stages.get(stage)!
      const patterns = (of: typeof done.yard, stack: readonly { partId: string }[], more: typeof planned.parts = []) =>
        stack.map(({ partId }) => [...more, ...of.parts].find(({ id }) => id === partId)?.patternId)
      expect(after).toMatchObject({ stage })
      expect(after!.visit).toBeUndefined()
      expect(patterns(done.yard, after!.stack)).toEqual(patterns(yard, planned.hive.stack, planned.parts))
      expect(planProblem(planOf([done.yard]))).toBeUndefined()
      const back = applyEdit(done.yard, done.inverse)
      expect(back.ok && back.yard.hives).toEqual(yard.hives)
    },
  )

  it('is no plan of a stage that there is none for', () => {
    expect(doneAtOnce({ ...yard, hives: [] }, { ...hive, stack: [] }, 'flow', '2026-08-14', 'v')).toBeUndefined()
  })
})
