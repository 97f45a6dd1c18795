import { describe, expect, it } from 'vitest'
import { forMerging, mergeEdit, partnerOf, treatmentsStillOn, type Look } from '#core/book'
import { applyEdit, buildHive, type Yard } from '#core/yard'
import { CATALOGUE } from '#core/parts'
import { mergeSteps } from '#core/words'
import { entry } from '../../helpers/book'
import { build, counter, L } from '../../helpers/hives'

const TODAY = '2026-09-20'
const look = (hiveId: string, seams: number, body: Look = {}, day = '2026-09-15') =>
  entry('look', `${day}T12:00`, { seams: [{ boxId: 'b', seams }], queen: 'eggs', ...body }, { hiveId })
const plain = build([L.floor, L.deep, L.crown, L.roof])
const hivesIn = (of: typeof plain): Yard => ({
  ...of.yard,
  hives: ['weak', 'strong', 'sick', 'old', 'queenless'].map((id) => ({ ...of.hive, id })),
})
const hives = hivesIn(plain)
const ENTRIES = [
  look('weak', 3),
  look('strong', 9),
  look('sick', 2, { signs: ['sunken-caps'] }),
  look('old', 2, {}, '2026-06-01'),
  look('queenless', 12, { queen: 'not-seen' }),
]

describe('colonies that are merged', () => {
  const all = forMerging(hives, ENTRIES, TODAY)

  it('are weak by a look of these weeks, and show no sign of anything', () => {
    expect(all.filter(({ isWeak }) => isWeak).map(({ hiveId }) => hiveId)).toEqual(['weak'])
    expect(Object.fromEntries(all.map(({ hiveId, no }) => [hiveId, no]))).toEqual({
      weak: undefined,
      strong: undefined,
      sick: 'sign',
      old: 'no-look',
      queenless: undefined,
    })
  })

  it('are united from late summer to early autumn: in March and May a small colony is ordinary', () => {
    for (const day of ['2026-03-20', '2026-05-10']) {
      const spring = forMerging(hives, [look('weak', 3, {}, day), look('strong', 9, {}, day)], day)
      expect(spring.filter(({ isWeak }) => isWeak)).toEqual([])
      expect(spring.filter(({ isSmall }) => isSmall).map(({ hiveId }) => hiveId)).toEqual(['weak'])
    }
  })

  it('count their seams by the size of their combs: five seams of a medium are fewer than four of a deep', () => {
    const five = [look('weak', 5), look('strong', 9)]
    const weakIn = (of: typeof plain) => forMerging(hivesIn(of), five, TODAY).some(({ isWeak }) => isWeak)
    expect(weakIn(plain)).toBe(false)
    expect(weakIn(build([L.floor, ['box-langstroth-medium', 'brood'], L.crown, L.roof]))).toBe(true)
  })

  it('go to the strongest that has a queen and no sign; to none where there is none', () => {
    const weak = all.find(({ hiveId }) => hiveId === 'weak')!
    expect(partnerOf(weak, all)?.hiveId).toBe('strong')
    expect(
      partnerOf(
        weak,
        all.filter(({ hiveId }) => hiveId !== 'strong'),
      ),
    ).toBeUndefined()
    const gone = entry('fate', '2026-09-16T12:00', { fate: 'sold' }, { hiveId: 'strong' })
    const after = forMerging(hives, [...ENTRIES, gone], TODAY)
    expect(partnerOf(weak, after)).toBeUndefined()
  })

  it('stand with all their boxes over the other’s and under its crown, and can be taken apart again', () => {
    const { yard } = build([L.floor, L.deep, L.crown, L.roof])
    const made = ['weak', 'strong'].map((name) =>
      buildHive(
        {
          name,
          stage: 'after-crop',
          stack: [L.floor, L.deep, ['box-langstroth-medium', 'food'] as const, L.crown, L.roof].map(
            ([id, role]) => [id, role] as const,
          ),
        },
        CATALOGUE,
        counter(name),
      ),
    )
    const two: Yard = { ...yard, hives: made.map(({ hive }) => hive), parts: made.flatMap(({ parts }) => parts) }
    const [weak, strong] = two.hives as [Yard['hives'][0], Yard['hives'][0]]
    const done = applyEdit(two, mergeEdit(two, weak, strong))
    expect(done.ok).toBe(true)
    if (!done.ok) return
    const stood = (hive: Yard['hives'][0]) => hive.stack.map(({ partId }) => partId)
    expect(stood(done.yard.hives[1]!)).toEqual([
      ...stood(strong).slice(0, 3),
      ...stood(weak).slice(1, 3),
      ...stood(strong).slice(3),
    ])
    expect(done.yard.hives[0]!.stack).toHaveLength(3)
    // No box with bees, brood or stores leaves as wood: none is in the shed.
    expect(done.yard.parts).toHaveLength(two.parts.length)
    const back = applyEdit(done.yard, done.inverse)
    expect(back.ok && back.yard).toEqual(two)
  })

  it('come together without supers and excluders between them', () => {
    const full = build([L.floor, L.deep, L.framed, L.medium, L.crown, L.roof])
    const [one, two] = ['one', 'two'].map((name) =>
      buildHive(
        {
          name,
          stage: 'after-crop',
          stack: [L.floor, L.deep, L.framed, L.medium, L.crown, L.roof].map(([id, role]) => [id, role] as const),
        },
        CATALOGUE,
        counter(name),
      ),
    )
    const yard: Yard = { ...full.yard, hives: [one!.hive, two!.hive], parts: [...one!.parts, ...two!.parts] }
    const done = applyEdit(yard, mergeEdit(yard, one!.hive, two!.hive))
    if (!done.ok) throw new Error(done.problem.reason)
    const pattern = new Map(done.yard.parts.map(({ id, patternId }) => [id, patternId]))
    expect(done.yard.hives[1]!.stack.map(({ partId }) => pattern.get(partId))).toEqual([
      'floor-solid-langstroth',
      'box-langstroth-deep',
      'box-langstroth-deep',
      'crown-langstroth',
      'roof-telescoping-langstroth',
    ])
  })

  it('take treatments along that are not over, and say how it is done', () => {
    const on = (id: string, until: object) =>
      entry('treatment', '2026-09-01T12:00', { product: 'gel', ...until }, { id, hiveId: 'weak' })
    const treatments = [
      on('open', {}),
      on('over', { until: '2026-09-10' }),
      on('waits', { until: '2026-09-10', withdrawalDays: 30 }),
    ]
    expect(treatmentsStillOn(treatments, TODAY).map(({ id }) => id)).toEqual(['open', 'waits'])
    expect(mergeSteps('Twill', 'Damask').join(' ')).toMatch(
      /no sign in the brood.*better one is kept.*newspaper.*stays open.*air.*Never shut the entrance.*without bees/,
    )
  })
})
