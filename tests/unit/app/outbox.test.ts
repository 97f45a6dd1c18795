import { describe, expect, it } from 'vitest'
import { Outbox } from '~/stores/outbox'
import type { SubmittedEdit } from '#wire/edit-schema'
import { storage } from '../../helpers/storage'

const entry = (id: string): SubmittedEdit => ({ id, madeAt: '2026-05-01T09:30:00Z', kind: 'do', edit: { kind: 'remove-hive', hiveId: 'h' } })

describe('what waits to be sent', () => {
  it('is kept by tab, taken over by the next page, and sent once where two tabs held it', () => {
    const shared = storage()
    new Outbox(shared, 'one').save([{ yardId: 'y', baseRevision: 4, entries: [entry('a'), entry('b')] }])
    new Outbox(shared, 'two').save([{ yardId: 'y', baseRevision: 3, entries: [entry('b'), entry('c')] }, { yardId: 'z', baseRevision: 0, entries: [entry('d')] }])
    const adopted = new Outbox(shared, 'three').adopt()
    expect(adopted.map(({ yardId, baseRevision, entries }) => [yardId, baseRevision, entries.map(({ id }) => id).join('')])).toEqual([['y', 3, 'abc'], ['z', 0, 'd']])
    expect(new Outbox(shared, 'three').adopt()).toEqual([])
  })

  it('leaves nothing behind when all is sent, and survives what is no list', () => {
    const shared = storage()
    const outbox = new Outbox(shared, 'one')
    outbox.save([{ yardId: 'y', baseRevision: 0, entries: [entry('a')] }])
    outbox.save([{ yardId: 'y', baseRevision: 1, entries: [] }])
    expect(outbox.adopt()).toEqual([])
    shared.setItem('duvet.waiting.broken', '{')
    expect(outbox.adopt()).toEqual([])
  })
})
