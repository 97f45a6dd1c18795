import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/catalogue'
import {
  PLACEHOLDER, applyEdit, emptyYard, foldHistory, freeName, hivesTouchedBy, newPart, newPlacement, partIdsOf, planOf, planProblem, shedOf, startHive, swapEdit, usualPlace, withFreshIdentities, withMeasured, withOwnIdentities,
  type Edit, type LogEntry, type Yard,
} from '#core/hive'
import { counter } from '../../helpers/hives'

function twoHives(): Yard {
  const makeId = counter()
  const a = startHive('langstroth', 'Ticking', CATALOGUE, makeId)
  const b = startHive('national', 'Twill', CATALOGUE, makeId)
  return { ...emptyYard('yard', 'Kiln Bank'), hives: [a.hive, b.hive], parts: [...a.parts, ...b.parts] }
}

/** An edit of any kind that may or may not fit the yard, from a handful of numbers. */
function someEdit(yard: Yard, [kind, a, b, c]: readonly [number, number, number, number], makeId: () => string): Edit {
  const hive = yard.hives[a % Math.max(1, yard.hives.length)] ?? { id: 'none', name: '', stage: 'flow' as const, note: '', stack: [], attachments: [], accepted: [] }
  const placement = hive.stack[b % Math.max(1, hive.stack.length)]
  const partId = placement?.partId ?? 'none'
  const shed = shedOf(yard)
  const patterns = [...CATALOGUE.patterns.values()]
  const pattern = patterns[c % patterns.length]!
  const part = newPart(pattern, CATALOGUE, makeId)
  switch (kind % 14) {
    case 0: return { kind: 'add-part', hiveId: hive.id, at: b % (hive.stack.length + 1), part, placement: newPlacement(part.id, pattern) }
    case 1: return { kind: 'take-off', hiveId: hive.id, partId }
    case 2: return { kind: 'place-part', hiveId: hive.id, at: b % (hive.stack.length + 1), placement: newPlacement(shed[c % Math.max(1, shed.length)]?.id ?? 'none', pattern) }
    case 3: return { kind: 'move-part', partId, fromHiveId: hive.id, toHiveId: yard.hives[c % Math.max(1, yard.hives.length)]?.id ?? hive.id, at: c % 3 }
    case 4: return { kind: 'set-placement', hiveId: hive.id, placement: { partId, turnedOver: c % 2 === 0, yawDeg: 90, offsetMm: { x: c, y: -c } } }
    case 5: return { kind: 'attach-part', hiveId: hive.id, at: 0, part, attachment: { partId: part.id, place: 'entrance' } }
    case 6: return { kind: 'detach-part', hiveId: hive.id, partId: hive.attachments[b % Math.max(1, hive.attachments.length)]?.partId ?? 'none' }
    case 7: return { kind: 'set-part', part: { ...(yard.parts[b % Math.max(1, yard.parts.length)] ?? part), name: `box ${c}` } }
    case 8: return { kind: 'set-hive', hiveId: hive.id, name: `Hive ${c}`, stage: 'winter', note: 'packed' }
    case 9: return { kind: 'accept-finding', hiveId: hive.id, acceptance: { findingKey: `k${c % 3}`, measuredMm: c, reason: 'known' } }
    case 10: return { kind: 'withdraw-acceptance', hiveId: hive.id, findingKey: `k${c % 3}` }
    case 11: return { kind: 'remove-hive', hiveId: hive.id }
    case 12: return { kind: 'replace-hive', hive: { ...hive, stack: hive.stack.slice(0, b % (hive.stack.length + 1)) }, parts: yard.parts.filter(({ id }) => id === partId).map((one) => ({ ...one, name: 'other' })) }
    default: return { kind: 'batch', edits: [someEdit(yard, [c % 13, b, a, kind], makeId), { kind: 'set-yard', name: `Yard ${c}`, note: '', band: 'metric' }] }
  }
}
const steps = fc.array(fc.tuple(fc.nat(200), fc.nat(50), fc.nat(50), fc.nat(200)), { minLength: 1, maxLength: 25 })

describe('edits', () => {
  it('followed by their inverses give back the same yard, byte for byte, and never touch the old one', () => {
    fc.assert(fc.property(steps, (numbers) => {
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
    }), { numRuns: 300 })
  })

  it('turning over twice changes nothing', () => {
    const yard = twoHives()
    const placement = yard.hives[0]!.stack[3]!
    const turn = (turnedOver: boolean): Edit => ({ kind: 'set-placement', hiveId: yard.hives[0]!.id, placement: { ...placement, turnedOver } })
    const once = applyEdit(yard, turn(true))
    const twice = once.ok && applyEdit(once.yard, turn(false))
    expect(twice && twice.ok && JSON.stringify(twice.yard)).toBe(JSON.stringify(yard))
  })

  it('that do not fit are values with a reason, and change nothing', () => {
    const yard = twoHives()
    const [a, b] = yard.hives as [Yard['hives'][0], Yard['hives'][0]]
    const part = yard.parts[0]!
    expect(applyEdit(yard, { kind: 'take-off', hiveId: 'gone', partId: part.id })).toMatchObject({ ok: false, problem: { reason: 'no-such-hive' } })
    expect(applyEdit(yard, { kind: 'take-off', hiveId: b.id, partId: a.stack[0]!.partId })).toMatchObject({ ok: false, problem: { reason: 'part-not-there' } })
    expect(applyEdit(yard, { kind: 'place-part', hiveId: b.id, at: 0, placement: a.stack[0]! })).toMatchObject({ ok: false, problem: { reason: 'part-already-placed' } })
    expect(applyEdit(yard, { kind: 'add-part', hiveId: a.id, at: 0, part, placement: newPlacement(part.id, undefined) })).toMatchObject({ ok: false, problem: { reason: 'identity-taken' } })
    expect(applyEdit(yard, { kind: 'move-part', partId: a.stack[0]!.partId, fromHiveId: a.id, toHiveId: b.id, at: 99 })).toMatchObject({ ok: false, problem: { reason: 'place-out-of-range' } })
    expect(applyEdit(yard, { kind: 'move-part', partId: a.stack[0]!.partId, fromHiveId: a.id, toHiveId: b.id, at: 0.5 })).toMatchObject({ ok: false })
  })

  it('a batch is all or nothing', () => {
    const yard = twoHives()
    const hiveId = yard.hives[0]!.id
    const applied = applyEdit(yard, { kind: 'batch', edits: [{ kind: 'take-off', hiveId, partId: yard.hives[0]!.stack[0]!.partId }, { kind: 'take-off', hiveId, partId: 'nothing' }] })
    expect(applied.ok).toBe(false)
  })

  it('name the hives they touch, a measured part included', () => {
    const yard = twoHives()
    expect(hivesTouchedBy({ kind: 'set-part', part: yard.parts[0]! }, yard)).toEqual([yard.hives[0]!.id])
    expect(hivesTouchedBy({ kind: 'set-yard', name: '', note: '', band: 'range' }, yard)).toEqual(['*'])
  })

  it('get identities of their own for what does not exist yet', () => {
    const part = newPart(CATALOGUE.patterns.get('box-national-super')!, CATALOGUE, counter(PLACEHOLDER))
    const fresh = withFreshIdentities({ kind: 'add-part', hiveId: 'h', at: 0, part, placement: newPlacement(part.id, undefined) }, counter('own'))
    expect(JSON.stringify(fresh)).not.toContain(PLACEHOLDER)
    expect(fresh.kind === 'add-part' && fresh.placement.partId === fresh.part.id).toBe(true)
    expect(fresh.kind === 'add-part' && new Set(fresh.part.contents.map(({ id }) => id)).size).toBe(11)
  })
})

describe('history', () => {
  it('comes back from the log alone: undo, redo, and a new edit that ends redo', () => {
    let yard = twoHives()
    const log: LogEntry[] = []
    const texts = [JSON.stringify(yard)]
    const make = (edit: Edit, kind: LogEntry['kind'] = 'do', targetId?: string) => {
      const applied = applyEdit(yard, edit)
      if (!applied.ok) throw new Error(applied.problem.reason)
      yard = applied.yard
      log.push({ id: `e${log.length}`, kind, edit, inverse: applied.inverse, ...(targetId ? { targetId } : {}) })
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
    const swapped = applyEdit(yard, swapEdit(hive, box, CATALOGUE.patterns.get('box-national-brood-top-space')!, CATALOGUE, counter('s')))
    if (!swapped.ok) throw new Error(swapped.problem.reason)
    const now = swapped.yard.parts.find(({ id }) => id === swapped.yard.hives[1]!.stack[2]!.partId)!
    expect(now.contents).toEqual(box.contents)
    expect(shedOf(swapped.yard)[0]).toMatchObject({ id: box.id, contents: [] })
    const deeper = applyEdit(yard, swapEdit(hive, box, CATALOGUE.patterns.get('box-national-14x12')!, CATALOGUE, counter('s')))
    expect(deeper.ok && shedOf(deeper.yard)[0]!.contents).toEqual(box.contents)
  })

  it('stand beside the original with identities of their own', () => {
    const yard = twoHives()
    const copy = withOwnIdentities(yard, 'Kiln Bank (2)', counter('copy'))
    expect(planProblem(planOf([yard, copy]))).toBeUndefined()
    expect(partIdsOf(copy.hives[0]!)).toHaveLength(partIdsOf(yard.hives[0]!).length)
    expect(freeName('Twill', new Set(['Twill', 'Twill (2)']))).toBe('Twill (3)')
  })

  it('take a measure and give it back', () => {
    const part = twoHives().parts[0]!
    const measured = withMeasured(part, 'depth', { mm: 210, plusMinusMm: 0.5, source: { mark: 'measured', text: 'rule' } })
    expect(measured.measured?.depth?.mm).toBe(210)
    expect(withMeasured(measured, 'depth', undefined)).toEqual(part)
  })

  it.each([
    ['floor', 1], ['excluder', 3], ['box', 3], ['eke', 4], ['roof', 5], ['stand', 1],
  ] as const)('a %s usually goes to place %d of a started hive', (kind, place) => {
    const stack = [['stand'], ['floor'], ['box', 'brood'], ['crown'], ['roof']].map(([k, role]) => ({ kind: k as never, role: role as never }))
    expect(usualPlace(kind, stack)).toBe(place)
  })

  it('find what makes a plan unsound', () => {
    const yard = twoHives()
    const hive = yard.hives[0]!
    const plan = (changed: Partial<Yard>) => planProblem(planOf([{ ...yard, ...changed }]))
    expect(plan({ hives: [hive, { ...yard.hives[1]!, stack: hive.stack }] })).toMatchObject({ problem: 'part-in-two-places' })
    expect(plan({ parts: yard.parts.slice(1) })).toMatchObject({ problem: 'missing-part', field: 'yards[0].hives[0].stack[0].partId' })
    expect(plan({ parts: [...yard.parts, yard.parts[0]!] })).toMatchObject({ problem: 'duplicate-identity' })
    expect(planProblem(planOf([yard, yard]))).toMatchObject({ problem: 'duplicate-identity', field: 'yards[1].id' })
  })
})
