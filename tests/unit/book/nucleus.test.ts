import { describe, expect, it } from 'vitest'
import { broodCombOf, makeNucleus } from '#core/book'
import { CATALOGUE, type CombHolds, type Content } from '#core/parts'
import { applyEdit, buildHive, partIdsOf, type Hive, type Yard } from '#core/yard'
import { hiveIn } from '#core/ask'
import { nucleusSteps } from '#core/words'
import { entry } from '../../helpers/book'
import { build, counter, L } from '../../helpers/hives'

const LAYERS = [L.floor, L.deep, L.medium, L.crown, L.roof]
function yardOf(holds: (place: number) => CombHolds): Yard {
  const { yard } = build(LAYERS)
  const made = ['a', 'b'].map((name) =>
    buildHive(
      { name, stage: 'building-up', stack: LAYERS.map(([id, role]) => [id, role] as const) },
      CATALOGUE,
      counter(name),
    ),
  )
  const state = (content: Content): Content => ({ ...content, comb: 'drawn', holds: holds(content.place) })
  return {
    ...yard,
    hives: made.map(({ hive }) => hive),
    parts: made.flatMap(({ parts }) => parts.map((part) => ({ ...part, contents: part.contents.map(state) }))),
  }
}
const yard = yardOf((place) => (place > 2 && place < 7 ? 'brood' : 'capped-honey'))
const [a, b] = yard.hives as [Hive, Hive]
const combIn = (hive: Hive, own: Parameters<typeof broodCombOf>[2] = []) => broodCombOf(yard, hive, own)

describe('a nucleus', () => {
  it('takes a comb with sealed brood by the last inspection, else one that holds brood; none where nobody has said', () => {
    expect(combIn(a)).toMatchObject({ place: 4, role: 'brood' })
    const box = yard.parts.find(({ id }) => id === a.stack[1]!.partId)!
    const pressed = entry('look', '2026-05-10T12:00', {
      combs: [
        { boxId: box.id, contentId: box.contents[4]!.id, brood: ['eggs'] },
        { boxId: box.id, contentId: box.contents[5]!.id, brood: ['sealed'] },
      ],
    })
    expect(combIn(a, [pressed])).toMatchObject({ place: 6 })
    const bare = yardOf(() => 'empty')
    expect(broodCombOf(bare, bare.hives[0]!, [])).toBeUndefined()
  })

  it('stands with both combs and their past, its door narrow; fresh frames hang in their places; and it can be undone', () => {
    const combs = [combIn(a)!, combIn(b)!]
    const made = makeNucleus(yard, combs, 'Nucleus of a and b', counter('n'))!
    const done = applyEdit(yard, made.edit)
    expect(done.ok).toBe(true)
    if (!done.ok) return
    const nucleus = done.yard.hives.at(-1)!
    expect(nucleus).toMatchObject({ name: 'Nucleus of a and b', stage: 'settling' })
    const known = hiveIn(done.yard, nucleus)
    const hung = known.assembled.stack.flatMap(({ part }) => part.contents)
    expect(hung.filter(({ holds }) => holds === 'brood').map(({ id }) => id)).toEqual(
      combs.map(({ content }) => content.id),
    )
    expect(known.assembled.attached).toHaveLength(1)
    expect(known.assessment.findings.filter(({ severity }) => severity === 'stop')).toEqual([])
    for (const hive of [a, b]) {
      const parts = partIdsOf(hive).map((id) => done.yard.parts.find((part) => part.id === id)!)
      const before = partIdsOf(hive).map((id) => yard.parts.find((part) => part.id === id)!)
      expect(parts.map(({ contents }) => contents.length)).toEqual(before.map(({ contents }) => contents.length))
    }
    const ids = done.yard.parts.flatMap(({ contents }) => contents.map(({ id }) => id))
    expect(new Set(ids).size).toBe(ids.length)
    const back = applyEdit(done.yard, done.inverse)
    expect(back.ok && back.yard).toEqual(yard)
  })

  it('is not made of combs that hang in no such box', () => {
    const medium = { ...combIn(a)!, content: { ...combIn(a)!.content, patternId: 'frame-langstroth-medium' } }
    expect(makeNucleus(yard, [medium, combIn(b)!], 'No', counter('n'))).toBeUndefined()
    expect(makeNucleus(yard, [], 'No', counter('n'))).toBeUndefined()
  })

  it('is told in the order of work, the queens first', () => {
    const steps = nucleusSteps([
      { hive: 'Twill', box: 'brood box', place: 4 },
      { hive: 'Damask', box: 'brood box', place: 6 },
    ])
    expect(steps[1]).toMatch(/^Twill: see the queen first.*Comb 4 of brood box/)
    expect(steps.join(' ')).toMatch(
      /mesh floor.*small and open.*without a queen.*queen or a sealed cell.*for the road only/,
    )
  })
})
