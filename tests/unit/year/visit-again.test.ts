import { describe, expect, it } from 'vitest'
import { CATALOGUE, isBox, isEntranceFitting, isExcluder, isRoof, isSlab } from '#core/parts'
import { applyEdit, withFreshIdentities, type Hive, type Yard } from '#core/yard'
import { hiveIn, plannedHiveIn } from '#core/ask'
import { setHive } from '#core/yard/deeds'
import { CANNOT, changeoverOf, planAgain, tickEdit, visitOf, writeHive, type Cannot } from '#core/year'
import { build, counter, L } from '../../helpers/hives'

const made = build([L.floor, L.deep, L.framed, L.medium, L.medium, L.crown, L.roof], { stage: 'after-crop' })
const season = { way: { winterTop: 'condensing', winterDoor: 'guard' } } as const
const yard: Yard = { ...made.yard, hives: [{ ...made.hive, season }] }

const fresh = counter('fresh')
function done(now: Yard, edit: Parameters<typeof applyEdit>[1] | undefined): Yard {
  const applied = edit && applyEdit(now, withFreshIdentities(edit, fresh))
  if (!applied?.ok) throw new Error('does not apply')
  return applied.yard
}
const hiveOf = (now: Yard) => now.hives[0] as Hive

/** The visit to packing down, as far as a step that cannot be done, and the rest of it as it is planned anew. */
function without(found: (partId: string, now: Yard) => boolean, why: Cannot): Yard {
  const plan = writeHive(yard, hiveOf(yard), ['pack-down']).stages.get('pack-down')!
  const { steps } = changeoverOf(
    { hive: hiveOf(yard), parts: hiveIn(yard, hiveOf(yard)).parts },
    plannedHiveIn(yard, plan),
    CATALOGUE,
  )
  const visit = visitOf({ steps, hiveId: made.hive.id, toStage: 'pack-down' } as never, 'v', '2026-09-20')
  let now = done(yard, { kind: 'set-visit', hiveId: made.hive.id, visit, doneBefore: null })
  for (let n = 0; n < 60; n++) {
    const { visit: open } = hiveOf(now)
    if (!open) return now
    const step = open.steps[open.done]!
    const isStuck = step.from === 'hive' && step.to !== 'hive' && found(step.partId, now) && !open.leftOut
    now = done(now, isStuck ? planAgain(now, hiveOf(now), CATALOGUE, why) : tickEdit(now, hiveOf(now)))
  }
  throw new Error('never ends')
}
const patternsOf = (now: Yard) => hiveIn(now, hiveOf(now)).assembled.stack
const isTopSuper = (partId: string) => partId === made.hive.stack[4]!.partId
const isTheExcluder = (partId: string) => partId === made.hive.stack[2]!.partId

describe('a step that cannot be done', () => {
  it.each(CANNOT.filter((why) => why !== 'bees-or-weather'))(
    'leaves out what depends on its part, and no more: %s',
    (why) => {
      const end = without(isTopSuper, why)
      const stack = patternsOf(end)
      expect(stack.filter(({ placement }) => placement.role === 'super')).toHaveLength(2)
      expect(stack.some(isExcluder)).toBe(true)
      // The winter top and the guard hang on no super.
      expect(stack.some(isSlab)).toBe(true)
      expect(isRoof(stack.at(-1)!)).toBe(true)
      expect(hiveIn(end, hiveOf(end)).assembled.attached.filter(isEntranceFitting)).toMatchObject([
        { pattern: { use: 'guard' } },
      ])
    },
  )

  it('still takes off what is over the part that stays', () => {
    const stack = patternsOf(without(isTheExcluder, 'broken'))
    expect(stack.some(isExcluder)).toBe(true)
    expect(stack.filter(isBox)).toHaveLength(1)
    expect(stack.some(isSlab)).toBe(true)
  })

  it('parts no box any more where bees or weather do not let one, but shuts the door against mice', () => {
    const end = without(isTopSuper, 'bees-or-weather')
    expect(patternsOf(end).map(({ part }) => part.id)).toEqual(made.hive.stack.map(({ partId }) => partId))
    expect(hiveIn(end, hiveOf(end)).assembled.attached.some(isEntranceFitting)).toBe(true)
  })

  it('leaves the stage open: the hive does not stand as planned', () => {
    expect(hiveOf(without(isTopSuper, 'broken')).stage).toBe('after-crop')
    const whole = without(() => false, 'broken')
    expect(hiveOf(whole).stage).toBe('pack-down')
    expect(hiveOf(done(whole, setHive(hiveOf(whole), { stage: 'winter' }))).stage).toBe('winter')
  })

  it('says that a part is broken', () => {
    const end = without(isTopSuper, 'broken')
    expect(end.parts.find(({ id }) => isTopSuper(id))).toMatchObject({ condition: 'needs-repair' })
  })
})
