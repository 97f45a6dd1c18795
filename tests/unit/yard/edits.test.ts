import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, usualPlace, type Part } from '#core/parts'
import {
  PLACEHOLDER,
  WHOLE_YARD,
  applyEdit,
  cellsOf,
  foldHistory,
  freeName,
  hasHeldBrood,
  hivesTouchedBy,
  isHelpersEdit,
  meets,
  newPart,
  newPlacement,
  partIdsOf,
  planOf,
  planProblem,
  shedOf,
  swapEdit,
  withFreshIdentities,
  withMeasured,
  withOwnIdentities,
  withPast,
  type Edit,
  type Undoable,
  type Yard,
} from '#core/yard'
import { someEdit, twoHives } from '../../helpers/edits'
import { counter } from '../../helpers/hives'
import { runs } from '../../helpers/runs'

const steps = fc.array(fc.tuple(fc.nat(200), fc.nat(50), fc.nat(50), fc.nat(200)), { minLength: 1, maxLength: 25 })

describe('edits', () => {
  it('followed by their inverses give back the same yard, byte for byte, and never touch the old one', () => {
    fc.assert(
      fc.property(steps, (numbers) => {
        const makeId = counter('n')
        const start = twoHives()
        const before = JSON.stringify(start)
        let yard = start
        const inverses: Edit[] = []
        const texts: string[] = []
        for (const four of numbers) {
          const applied = applyEdit(yard, someEdit(yard, four, makeId))
          if (!applied.ok) continue
          texts.push(JSON.stringify(yard))
          inverses.push(applied.inverse)
          yard = applied.yard
          expect(planProblem(planOf([yard]))).toBeUndefined()
        }
        for (const inverse of inverses.reverse()) {
          const back = applyEdit(yard, inverse)
          if (!back.ok) throw new Error(`${inverse.kind}: ${back.problem.reason}`)
          yard = back.yard
          expect(JSON.stringify(yard)).toBe(texts.pop())
        }
        expect(JSON.stringify(start)).toBe(before)
      }),
      { numRuns: runs(300) },
    )
  })

  it('say of every hive and part that they change that they write it', () => {
    fc.assert(
      fc.property(steps, (numbers) => {
        const makeId = counter('n')
        let yard = twoHives()
        for (const four of numbers) {
          const edit = someEdit(yard, four, makeId)
          const applied = applyEdit(yard, edit)
          if (!applied.ok) continue
          const cells = cellsOf(edit, yard)
          const isTold = (of: 'hive' | 'part', id: string) => cells.some(([what, one]) => what === of && one === id)
          const textOf = (list: readonly { readonly id: string }[], id: string) =>
            JSON.stringify(list.find((one) => one.id === id))
          const changed = <T extends { readonly id: string }>(before: readonly T[], after: readonly T[]) =>
            [...before, ...after].map(({ id }) => id).filter((id) => textOf(before, id) !== textOf(after, id))
          expect(changed(yard.hives, applied.yard.hives).filter((id) => !isTold('hive', id))).toEqual([])
          expect(changed(yard.parts, applied.yard.parts).filter((id) => !isTold('part', id))).toEqual([])
          yard = applied.yard
        }
      }),
      { numRuns: runs(200) },
    )
  })

  it('of another version are not done, may touch anything, and are no helper’s', () => {
    const yard = twoHives()
    const odd: Edit = JSON.parse('{"kind":"burn-hive","hiveId":"a"}')
    expect(applyEdit(yard, odd)).toEqual({ ok: false, problem: { reason: 'not-known', id: 'burn-hive' } })
    expect(cellsOf(odd, yard).some((cell) => meets(cell, ['hive', 'b', 'stack']))).toBe(true)
    expect(hivesTouchedBy(odd, yard)).toEqual([WHOLE_YARD])
    expect(isHelpersEdit(odd)).toBe(false)
  })

  it('turning over twice changes nothing', () => {
    const yard = twoHives()
    const placement = yard.hives[0]!.stack[3]!
    const turn = (turnedOver: boolean): Edit => ({
      kind: 'set-placement',
      hiveId: yard.hives[0]!.id,
      placement: { ...placement, turnedOver },
    })
    const once = applyEdit(yard, turn(true))
    const twice = once.ok && applyEdit(once.yard, turn(false))
    expect(twice && twice.ok && JSON.stringify(twice.yard)).toBe(JSON.stringify(yard))
  })

  it('that do not fit are values with a reason, and change nothing', () => {
    const yard = twoHives()
    const [a, b] = yard.hives as [Yard['hives'][0], Yard['hives'][0]]
    const part = yard.parts[0]!
    expect(applyEdit(yard, { kind: 'take-off', hiveId: 'gone', partId: part.id })).toMatchObject({
      ok: false,
      problem: { reason: 'no-such-hive' },
    })
    expect(applyEdit(yard, { kind: 'take-off', hiveId: b.id, partId: a.stack[0]!.partId })).toMatchObject({
      ok: false,
      problem: { reason: 'part-not-there' },
    })
    expect(applyEdit(yard, { kind: 'place-part', hiveId: b.id, at: 0, placement: a.stack[0]! })).toMatchObject({
      ok: false,
      problem: { reason: 'part-already-placed' },
    })
    expect(
      applyEdit(yard, { kind: 'add-part', hiveId: a.id, at: 0, part, placement: newPlacement(part.id, undefined) }),
    ).toMatchObject({ ok: false, problem: { reason: 'identity-taken' } })
    expect(
      applyEdit(yard, { kind: 'move-part', partId: a.stack[0]!.partId, fromHiveId: a.id, toHiveId: b.id, at: 99 }),
    ).toMatchObject({ ok: false, problem: { reason: 'place-out-of-range' } })
    expect(
      applyEdit(yard, { kind: 'move-part', partId: a.stack[0]!.partId, fromHiveId: a.id, toHiveId: b.id, at: 0.5 }),
    ).toMatchObject({ ok: false })
  })

  it('a batch is all or nothing', () => {
    const yard = twoHives()
    const hiveId = yard.hives[0]!.id
    const applied = applyEdit(yard, {
      kind: 'batch',
      edits: [
        { kind: 'take-off', hiveId, partId: yard.hives[0]!.stack[0]!.partId },
        { kind: 'take-off', hiveId, partId: 'nothing' },
      ],
    })
    expect(applied.ok).toBe(false)
  })

  it('name the hives they touch, a measured part included', () => {
    const yard = twoHives()
    expect(hivesTouchedBy({ kind: 'set-part', part: yard.parts[0]! }, yard)).toEqual([yard.hives[0]!.id])
    expect(hivesTouchedBy({ kind: 'set-yard', name: '', note: '', band: 'range' }, yard)).toEqual(['*'])
  })

  it('get identities of their own for what does not exist yet', () => {
    const part = newPart(CATALOGUE.patterns.get('box-national-super')!, CATALOGUE, counter(PLACEHOLDER))
    const fresh = withFreshIdentities(
      { kind: 'add-part', hiveId: 'h', at: 0, part, placement: newPlacement(part.id, undefined) },
      counter('own'),
    )
    expect(JSON.stringify(fresh)).not.toContain(PLACEHOLDER)
    expect(fresh.kind === 'add-part' && fresh.placement.partId === fresh.part.id).toBe(true)
    expect(fresh.kind === 'add-part' && new Set(fresh.part.contents.map(({ id }) => id)).size).toBe(11)
  })
})

describe('history', () => {
  it('comes back from the log alone: undo, redo, and a new edit that ends redo', () => {
    let yard = twoHives()
    const log: Undoable[] = []
    const texts = [JSON.stringify(yard)]
    const make = (edit: Edit, kind: Undoable['kind'] = 'do', targetId?: string) => {
      const applied = applyEdit(yard, edit)
      if (!applied.ok) throw new Error(applied.problem.reason)
      yard = applied.yard
      log.push({
        id: `e${log.length}`,
        madeAt: '2026-05-01T09:30:00.000Z',
        kind,
        edit,
        inverse: applied.inverse,
        ...(targetId ? { targetId } : {}),
      })
    }
    const step = (kind: 'undo' | 'redo') => {
      const { edit, targetId } = foldHistory(log)[kind].at(-1)!
      make(edit, kind, targetId)
    }
    for (let i = 0; i < 3; i++) {
      make({ kind: 'take-off', hiveId: yard.hives[0]!.id, partId: yard.hives[0]!.stack[0]!.partId })
      texts.push(JSON.stringify(yard))
    }
    step('undo')
    step('undo')
    expect(JSON.stringify(yard)).toBe(texts[1])
    step('redo')
    expect(JSON.stringify(yard)).toBe(texts[2])
    step('undo')
    step('undo')
    expect(JSON.stringify(yard)).toBe(texts[0])
    expect(foldHistory(log)).toMatchObject({ undo: [], redo: [{}, {}, {}] })
    step('redo')
    make({ kind: 'set-hive', hiveId: yard.hives[0]!.id, name: 'Serge', stage: 'flow', note: '' })
    expect(foldHistory(log).redo).toEqual([])
    expect(foldHistory(log).undo).toHaveLength(2)
  })
})

describe('parts and plans', () => {
  it('hang their normal frames with identities', () => {
    const part = newPart(CATALOGUE.patterns.get('box-national-brood')!, CATALOGUE, counter())
    expect(part.contents).toHaveLength(12)
    expect(part.contents.at(-1)!.patternId).toBe('dummy-national-deep')
  })

  it('swap a box and move its frames over, or leave them where the new box takes another frame', () => {
    const yard = twoHives()
    const hive = yard.hives[1]!
    const box = yard.parts.find(({ id }) => id === hive.stack[2]!.partId)!
    const swapped = applyEdit(
      yard,
      swapEdit(hive, box, CATALOGUE.patterns.get('box-national-brood-top-space')!, CATALOGUE, counter('s')),
    )
    if (!swapped.ok) throw new Error(swapped.problem.reason)
    const now = swapped.yard.parts.find(({ id }) => id === swapped.yard.hives[1]!.stack[2]!.partId)!
    expect(now.contents).toEqual(box.contents)
    expect(shedOf(swapped.yard)[0]).toMatchObject({ id: box.id, contents: [] })
    const deeper = applyEdit(
      yard,
      swapEdit(hive, box, CATALOGUE.patterns.get('box-national-14x12')!, CATALOGUE, counter('s')),
    )
    expect(deeper.ok && shedOf(deeper.yard)[0]!.contents).toEqual(box.contents)
  })

  it('stand beside the original with identities of their own', () => {
    const yard = twoHives()
    const copy = withOwnIdentities(yard, 'Kiln Bank (2)', counter('copy'))
    expect(planProblem(planOf([yard, copy]))).toBeUndefined()
    expect(partIdsOf(copy.hives[0]!)).toHaveLength(partIdsOf(yard.hives[0]!).length)
    expect(freeName('Twill', new Set(['Twill', 'Twill (2)']))).toBe('Twill (3)')
    const borrowed = { name: 'Club shed', since: '2026-05-01' }
    const withLoan = { ...yard, parts: yard.parts.map((part) => ({ ...part, borrowed })) }
    const second = withOwnIdentities(withLoan, 'Kiln Bank (2)', counter('copy'))
    expect(second.parts.filter((part) => part.borrowed)).toEqual([])
  })

  it('take a measure and give it back', () => {
    const part = twoHives().parts[0]!
    const measured = withMeasured(part, 'depth', {
      mm: 210,
      plusMinusMm: 0.5,
      source: { mark: 'measured', text: 'rule' },
    })
    expect(measured.measured?.depth?.mm).toBe(210)
    expect(withMeasured(measured, 'depth', undefined)).toEqual(part)
  })

  it.each([
    ['floor', 1],
    ['excluder', 3],
    ['box', 3],
    ['eke', 4],
    ['roof', 5],
    ['stand', 1],
  ] as const)('a %s usually goes to place %d of a started hive', (kind, place) => {
    const stack = [['stand'], ['floor'], ['box', 'brood'], ['crown'], ['roof']].map(([k, role]) => ({
      kind: k as never,
      role: role as never,
    }))
    expect(usualPlace({ kind }, stack)).toBe(place)
  })

  it('a super goes over an excluder that stands already, a brood box under it', () => {
    const stack = [['floor'], ['box', 'brood'], ['excluder'], ['crown'], ['roof']].map(([k, role]) => ({
      kind: k as never,
      role: role as never,
    }))
    expect(usualPlace({ kind: 'box', usualRole: 'super' }, stack)).toBe(3)
    expect(usualPlace({ kind: 'box', usualRole: 'brood' }, stack)).toBe(2)
  })

  it('find what makes a plan unsound', () => {
    const yard = twoHives()
    const hive = yard.hives[0]!
    const plan = (changed: Partial<Yard>) => planProblem(planOf([{ ...yard, ...changed }]))
    expect(plan({ hives: [hive, { ...yard.hives[1]!, stack: hive.stack }] })).toMatchObject({
      problem: 'part-in-two-places',
    })
    expect(plan({ parts: yard.parts.slice(1) })).toMatchObject({
      problem: 'missing-part',
      field: 'yards[0].hives[0].stack[0].partId',
    })
    expect(plan({ parts: [...yard.parts, yard.parts[0]!] })).toMatchObject({ problem: 'duplicate-identity' })
    expect(planProblem(planOf([yard, yard]))).toMatchObject({ problem: 'duplicate-identity', field: 'yards[1].id' })
  })
})

describe('plans and visits', () => {
  const start = twoHives()
  const hiveId = start.hives[0]!.id
  const visit = (done: number) => ({ id: 'v', toStage: 'winter' as const, startedOn: '2026-10-01', steps: [], done })
  const after = (yard: Yard, edit: Edit) => {
    const done = applyEdit(yard, edit)
    if (!done.ok) throw new Error(done.problem.reason)
    return done.yard
  }

  it('a step that is ticked twice, or by two people at once, is refused', () => {
    const begun = after(start, { kind: 'set-visit', hiveId, visit: visit(0), doneBefore: null })
    const ticked = after(begun, { kind: 'set-visit', hiveId, visit: visit(1), doneBefore: 0 })
    expect(applyEdit(ticked, { kind: 'set-visit', hiveId, visit: visit(1), doneBefore: 0 })).toEqual({
      ok: false,
      problem: { reason: 'visit-moved-on', id: hiveId },
    })
    expect(applyEdit(begun, { kind: 'set-visit', hiveId, visit: visit(0), doneBefore: null })).toMatchObject({
      ok: false,
    })
  })

  it('a copy of a yard keeps its plans by hand and its visit, about its own parts', () => {
    const hive = start.hives[0]!
    const hand = {
      layers: hive.stack.map((placement) => ({ placement, patternId: 'x' })),
      attachments: [{ partId: 'want:mouse-guard/0', place: 'entrance' as const, patternId: 'mouse-guard' }],
      writtenFrom: hive.stack.map(({ partId }) => `${partId}^:brood`).join(' '),
    }
    const planned = after(after(start, { kind: 'set-way', hiveId, season: { byHand: { winter: hand } } }), {
      kind: 'set-visit',
      hiveId,
      visit: visit(0),
      doneBefore: null,
    })
    const copy = withOwnIdentities(planned, 'Copy', counter('c')).hives[0]!
    expect(copy.season?.byHand?.winter?.layers.map(({ placement }) => placement.partId)).toEqual(
      copy.stack.map(({ partId }) => partId),
    )
    expect(copy.season?.byHand?.winter?.writtenFrom).toBe(copy.stack.map(({ partId }) => `${partId}^:brood`).join(' '))
    expect(copy.season?.byHand?.winter?.attachments[0]!.partId).toBe('want:mouse-guard/0')
    expect(copy.visit).toEqual(visit(0))
  })
})

describe('a comb that changes boxes', () => {
  const box = (hasHeld: Part['hasHeld'], contents: Part['contents'] = []): Part => ({
    id: 'b',
    patternId: 'box-langstroth-deep',
    contents,
    hasHeld,
  })
  it('takes its past with it, and a super that got one has held brood', () => {
    const drawn = { id: 'f', patternId: 'frame-langstroth-deep', place: 0, comb: 'drawn' } as const
    expect(withPast(drawn, box(['honey']), 'brood').hasHeld).toEqual(['honey', 'brood'])
    expect(withPast({ ...drawn, hasHeld: ['brood'] }, box([]), undefined).hasHeld).toEqual(['brood'])
    expect(withPast({ ...drawn, comb: 'wax-foundation' }, box(['brood']), 'brood').hasHeld).toBeUndefined()
    expect([
      hasHeldBrood(box([], [{ ...drawn, hasHeld: ['brood'] }])),
      hasHeldBrood(box(['brood'])),
      hasHeldBrood(box(['honey'], [drawn])),
    ]).toEqual([true, true, false])
  })
})
