import { describe, expect, it } from 'vitest'
import type { Hive, Yard } from '#core/yard'
import { hiveIn, neediestFirst, worstOf } from '#core/ask'
import { SEVERITIES } from '#core/stack'
import { build, L, type Layer } from '../../helpers/hives'

const GOOD: Layer[] = [L.floor, L.deep, L.crown, L.roof]
const OPEN: Layer[] = [L.floor, L.deep, L.crown]
const WITHOUT_FLOOR: Layer[] = [L.deep, L.deep, L.roof]

/** Several hives in one yard, each with parts of its own. */
function yardOf(stacks: readonly (readonly Layer[])[]): Yard {
  const built = stacks.map((layers, n) => {
    const { yard, hive } = build(layers)
    const id = (partId: string) => `${n}/${partId}`
    const stack = hive.stack.map((one) => ({ ...one, partId: id(one.partId) }))
    const made: Hive = { ...hive, id: `hive-${n}`, stack }
    return { yard, made, parts: yard.parts.map((part) => ({ ...part, id: id(part.id) })) }
  })
  return { ...built[0]!.yard, hives: built.map(({ made }) => made), parts: built.flatMap(({ parts }) => parts) }
}

describe('the hive that needs it first', () => {
  it('is the one with the gravest finding; those alike stay by the row', () => {
    const yard = yardOf([GOOD, OPEN, GOOD, WITHOUT_FLOOR])
    const sorted = neediestFirst(yard, yard.hives)
    const grades = sorted.map((hive) => SEVERITIES.indexOf(worstOf(hiveIn(yard, hive)) as 'stop'))
    expect(grades.filter((at) => at >= 0)).toEqual(grades.filter((at) => at >= 0).toSorted((a, b) => a - b))
    expect(sorted.slice(-2).map(({ id }) => id)).toEqual(['hive-0', 'hive-2'])
    expect(new Set(sorted)).toEqual(new Set(yard.hives))
  })

  it('does not count what its keeper accepted', () => {
    const yard = yardOf([GOOD, OPEN])
    const findings = hiveIn(yard, yard.hives[1]!).assessment.findings
    const accepted = findings.map(({ key, measured }) => ({
      findingKey: key,
      measuredMm: measured?.mm ?? null,
      reason: 'known',
    }))
    const calm: Yard = { ...yard, hives: [yard.hives[0]!, { ...yard.hives[1]!, accepted }] }
    expect(neediestFirst(yard, yard.hives)[0]!.id).toBe('hive-1')
    expect(neediestFirst(calm, calm.hives)[0]!.id).toBe('hive-0')
  })
})
