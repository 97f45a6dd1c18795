import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, catalogueOf } from '#core/parts'
import { hiveIn, plannedHiveIn } from '#core/ask'
import type { Plan } from '#core/yard'
import { changeoverOf, pilesAfter, writeHive } from '#core/year'
import { DEMO } from '../../helpers/wire'

const plan: Plan = JSON.parse(readFileSync(DEMO, 'utf8'))
const STAGES = ['supering', 'flow', 'winter'] as const
const CHANGEOVERS = plan.yards.flatMap((yard) =>
  yard.hives.flatMap((hive) =>
    STAGES.flatMap((stage) => {
      const to = writeHive(yard, hive, [stage]).stages.get(stage)
      if (!to) return []
      const [known, planned] = [hiveIn(yard, hive), plannedHiveIn(yard, to)]
      return [{ hive, known, planned, changeover: changeoverOf(known, planned, catalogueOf(yard) ?? CATALOGUE, 3) }]
    }),
  ),
)
const idsOf = (known: (typeof CHANGEOVERS)[number]['known']) => known.layout.parts.map(({ part }) => part.id)

describe('the piles of a changeover', () => {
  it('begin as the hive stands and end as it is planned, with nothing left lying about', () => {
    expect(CHANGEOVERS.length).toBeGreaterThan(20)
    for (const { known, planned, changeover } of CHANGEOVERS) {
      const { steps } = changeover
      const [first, last] = [pilesAfter(idsOf(known), steps, 0), pilesAfter(idsOf(known), steps, steps.length)]
      expect(first.hive).toEqual(idsOf(known))
      expect(first.places.flat()).toEqual([])
      expect(last.hive).toEqual(idsOf(planned))
      expect(last.places.flat()).toEqual([])
      expect([...last.van].sort()).toEqual(
        idsOf(known)
          .filter((id) => !idsOf(planned).includes(id))
          .sort(),
      )
    }
  })

  it('every part is in one pile at any time, and what is moved was on top and comes to lie on top', () => {
    for (const { known, changeover } of CHANGEOVERS) {
      const { steps } = changeover
      const all = (done: number) => {
        const { hive, places, van } = pilesAfter(idsOf(known), steps, done)
        return [...hive, ...places.flat(), ...van]
      }
      for (let done = 1; done <= steps.length; done++) {
        expect([...all(done)].sort()).toEqual([...all(0)].sort())
        const { moved, ...piles } = pilesAfter(idsOf(known), steps, done)
        if (!moved || moved.attachment || moved.from === moved.to) continue
        const before = pilesAfter(idsOf(known), steps, done - 1)
        const tops = ({ hive, places }: Pick<typeof before, 'hive' | 'places'>) =>
          [hive, ...places].map((pile) => pile.at(-1))
        if (moved.from !== 'van') expect(tops(before)).toContain(moved.partId)
        if (moved.to !== 'van') expect(tops(piles)).toContain(moved.partId)
      }
    }
  })

  it('refuses a step that there is not', () => {
    const { known, changeover } = CHANGEOVERS[0]!
    for (const done of [-1, 0.5, changeover.steps.length + 1])
      expect(() => pilesAfter(idsOf(known), changeover.steps, done)).toThrow(RangeError)
  })
})
