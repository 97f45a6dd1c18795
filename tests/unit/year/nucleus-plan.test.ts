import { describe, expect, it } from 'vitest'
import { dueOf, foodOf } from '#core/book'
import { hiveIn } from '#core/ask'
import { CALENDARS, stagesOf, writeHive } from '#core/year'
import { entry } from '../../helpers/book'
import { build, type Layer } from '../../helpers/hives'

const NUCLEUS: Layer[] = [
  ['floor-solid-national-6'],
  ['box-national-6-brood', 'brood'],
  ['crown-national-6'],
  ['roof-flush-national-6'],
]
const made = build(NUCLEUS, { stage: 'building-up' })
const yard = { ...made.yard, season: { calendar: CALENDARS['cool-maritime'], way: { supers: 3 } } }
const [hive] = yard.hives

describe('a nucleus through the year (common practice)', () => {
  it('gets no excluder, no super and no second brood box at any stage, whatever its yard does', () => {
    const { stages } = writeHive(yard, hive!, stagesOf(yard))
    for (const [stage, planned] of stages) {
      const roles = planned.hive.stack.map(({ role }) => role)
      expect([stage, roles.filter((role) => role === 'brood').length, roles.includes('super')]).toEqual([
        stage,
        1,
        false,
      ])
      expect(planned.parts.some(({ patternId }) => patternId.startsWith('excluder'))).toBe(false)
    }
  })

  it('is due to be hived once it covers five combs, and is never told to put a box on', () => {
    const look = (seams: number) => ({
      ...entry('look', '2026-04-20T12:00', { seams: [{ boxId: hive!.stack[1]!.partId, seams }] }),
      hiveId: hive!.id,
    })
    const due = (seams: number) => dueOf(yard, [look(seams)], '2026-04-22').map(({ reason }) => reason.due)
    expect(due(5)).toContain('hive-nucleus')
    expect(due(4)).not.toContain('hive-nucleus')
    expect([...due(4), ...due(6)]).not.toContain('box')
  })

  it('asks 7 to 10 kg for its winter, and never under two full frames', () => {
    const asks = (day: string) => foodOf(hiveIn(yard, hive!), [], [], day).asks
    expect(asks('2026-10-01')).toMatchObject({ low: 7, high: 10, share: 1 })
    expect(asks('2026-02-20')).toMatchObject({ low: 5, high: 5 })
  })
})
