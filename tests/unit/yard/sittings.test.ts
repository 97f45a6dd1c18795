import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sittingsOf, type Edit, type HiveChange } from '#core/yard'
import * as deeds from '#core/yard/deeds'

const NOTE: Edit = { kind: 'set-hive', hiveId: 'h', name: 'Twill' } as never
const at = (minutes: number) => new Date(Date.UTC(2026, 4, 1) + minutes * 60_000).toISOString()
/** Changes at these minutes, newest first. */
function changesAt(minutes: readonly number[], edit: (minute: number) => Edit = () => NOTE): HiveChange[] {
  return [...minutes]
    .sort((a, b) => b - a)
    .map((minute, i) => ({
      revision: minutes.length - i,
      madeAt: at(minute),
      receivedAt: at(minute),
      happenedAt: at(minute),
      device: 'phone',
      kind: 'do',
      edit: edit(minute),
    }))
}

describe('changes by visit', () => {
  it('are one group as long as none is three hours after the one before, however long it takes in all', () => {
    expect(sittingsOf(changesAt([0, 170, 340])).map(({ changes }) => changes.length)).toEqual([3])
    expect(sittingsOf(changesAt([0, 170, 360])).map(({ changes }) => changes.length)).toEqual([1, 2])
    expect(sittingsOf([])).toEqual([])
  })

  it('a visit that is begun begins a group, and says where it led', () => {
    const visit = deeds.beginVisit('h', {
      id: 'v',
      begun: '2026-05-01',
      toStage: 'winter',
      steps: [],
      done: 0,
    } as never)
    const groups = sittingsOf(changesAt([0, 10, 20, 30], (minute) => (minute === 20 ? visit : NOTE)))
    expect(groups.map(({ changes, visitTo }) => [changes.length, visitTo])).toEqual([
      [2, 'winter'],
      [2, null],
    ])
  })

  it('every change is in one group, in its order, and groups are apart', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 5000 }), { maxLength: 40 }), (minutes) => {
        const changes = changesAt(minutes)
        const groups = sittingsOf(changes)
        expect(groups.flatMap((group) => group.changes)).toEqual(changes)
        for (const [i, group] of groups.entries()) {
          const next = groups[i + 1]?.changes[0]
          if (next)
            expect(Date.parse(group.changes.at(-1)!.happenedAt) - Date.parse(next.happenedAt)).toBeGreaterThan(
              180 * 60_000,
            )
        }
      }),
    )
  })
})
