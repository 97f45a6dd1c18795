import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  applyEdit,
  asItStood,
  changeOf,
  goBack,
  heldAfter,
  hivesTouchedBy,
  staysOf,
  type Edit,
  type LoggedEdit,
  type Yard,
} from '#core/yard'
import { someEdit, twoHives } from '../../helpers/edits'
import { build, counter, L } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

/** A yard with a log: each edit a day after the one before. */
function lived(
  edits: (yard: Yard, i: number) => Edit | undefined,
  count: number,
  start: Yard = twoHives(),
): { now: Yard; log: LoggedEdit[]; yards: Yard[] } {
  let now = start
  const yards = [start]
  const log: LoggedEdit[] = []
  for (let i = 0; i < count; i++) {
    const edit = edits(now, i)
    const done = edit && applyEdit(now, edit)
    if (!done?.ok) continue
    const at = new Date(Date.UTC(2026, 0, 1 + log.length)).toISOString()
    log.unshift({
      id: `e${i}`,
      kind: 'do',
      edit: edit!,
      inverse: done.inverse,
      revision: log.length + 1,
      madeAt: at,
      receivedAt: at,
      happenedAt: at,
      device: i % 2 === 0 ? 'phone' : 'desk',
    })
    now = done.yard
    yards.push(now)
  }
  return { now, log, yards }
}

describe('going back through a log', () => {
  it('gives the yard of every past day, byte for byte (property)', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(200), fc.nat(50), fc.nat(50), fc.nat(200)), { minLength: 1, maxLength: 25 }),
        async (numbers) => {
          const makeId = counter('n')
          const { now, log, yards } = lived((yard, i) => someEdit(yard, numbers[i]!, makeId), numbers.length)
          for (const [i, yard] of yards.entries())
            expect(
              JSON.stringify(
                await asItStood(now, goBack(now, log), { at: new Date(Date.UTC(2026, 0, i, 23)).toISOString() }),
              ),
            ).toBe(JSON.stringify(yard))
          for (const { id } of now.hives)
            expect([...goBack(now, log)].flatMap((step) => changeOf(step, id)?.revision ?? [])).toEqual(
              log
                .filter(
                  ({ edit, revision }) =>
                    hivesTouchedBy(edit, yards[revision - 1]!).includes(id) || edit.kind === 'set-year',
                )
                .map(({ revision }) => revision),
            )
        },
      ),
      { numRuns: runs(150) },
    )
  })

  it('before the first entry it is as it came, after the last as it is', async () => {
    const { now, log, yards } = lived(
      (yard) => ({ kind: 'take-off', hiveId: yard.hives[0]!.id, partId: yard.hives[0]!.stack.at(-1)!.partId }),
      3,
    )
    expect(await asItStood(now, goBack(now, log), { at: '1999-01-01T00:00:00Z' })).toEqual(yards[0])
    expect(await asItStood(now, goBack(now, log), { revision: 1 })).toEqual(yards[1])
    expect(await asItStood(now, goBack(now, log), { at: '2099-01-01T00:00:00Z' })).toBe(now)
  })
})

describe('where a box has been', () => {
  const { yard, hive, at } = build([L.floor, L.deep, L.medium, L.crown, L.roof])
  const box = at(2)
  const edits: Edit[] = [
    { kind: 'take-off', hiveId: hive.id, partId: box },
    { kind: 'set-part', part: { ...yard.parts.find(({ id }) => id === box)!, hasHeld: ['honey'] } },
    {
      kind: 'place-part',
      hiveId: hive.id,
      at: 1,
      placement: { partId: box, turnedOver: false, yawDeg: 0, offsetMm: { x: 0, y: 0 }, role: 'brood' },
    },
  ]
  it('is told newest first, with what it had held, since when and by which device', () => {
    const { now, log } = lived((_yard, i) => edits[i], edits.length, yard)
    expect(
      staysOf(now, box, log).map(({ hive: on, role, hasHeld, since, device }) => [
        on?.name ?? 'shed',
        role,
        hasHeld.join(),
        since?.slice(0, 10) ?? null,
        device,
      ]),
    ).toEqual([
      ['Twill', 'brood', 'honey', '2026-01-03', 'phone'],
      ['shed', null, 'honey', '2026-01-02', 'desk'],
      ['shed', null, '', '2026-01-01', 'phone'],
      ['Twill', 'super', '', null, null],
    ])
  })

  it('brood and honey stay with a box that has stood so; a bait hive and an empty shell leave no mark', () => {
    const part = yard.parts.find(({ id }) => id === box)!
    expect(
      [
        heldAfter(part, 'brood', 'winter'),
        heldAfter(part, 'super', 'crop'),
        heldAfter(part, 'super', 'winter'),
        heldAfter(part, 'brood', 'bait'),
        heldAfter({ ...part, contents: [] }, 'brood', 'flow'),
      ].map(({ hasHeld }) => hasHeld),
    ).toEqual([['brood'], ['honey'], [], [], []])
    expect(heldAfter({ ...part, hasHeld: ['brood'] }, 'food', 'winter').hasHeld).toEqual(['brood', 'honey'])
  })
})
