import { CATALOGUE } from '#core/catalogue'
import { emptyYard, newPart, newPlacement, shedOf, startHive, type Edit, type Yard } from '#core/hive'
import { counter } from './hives'

/** A yard with a started hive of each format. */
export function twoHives(): Yard {
  const makeId = counter()
  const a = startHive('langstroth', 'Ticking', CATALOGUE, makeId)
  const b = startHive('national', 'Twill', CATALOGUE, makeId)
  return { ...emptyYard('yard', 'Kiln Bank'), hives: [a.hive, b.hive], parts: [...a.parts, ...b.parts] }
}

/** An edit of any kind that may or may not fit the yard, from a handful of numbers. */
export function someEdit(yard: Yard, [kind, a, b, c]: readonly [number, number, number, number], makeId: () => string): Edit {
  const hive = yard.hives[a % Math.max(1, yard.hives.length)] ?? { id: 'none', name: '', stage: 'flow' as const, note: '', stack: [], attachments: [], accepted: [] }
  const placement = hive.stack[b % Math.max(1, hive.stack.length)]
  const partId = placement?.partId ?? 'none'
  const shed = shedOf(yard)
  const patterns = [...CATALOGUE.patterns.values()]
  const pattern = patterns[c % patterns.length]!
  const part = newPart(pattern, CATALOGUE, makeId)
  switch (kind % 17) {
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
    case 13: return { kind: 'set-year', season: c % 4 === 0 ? null : { way: { supers: c % 5 } } }
    case 14: return { kind: 'set-way', hiveId: hive.id, season: c % 4 === 0 ? null : { way: { framesLess: 1 } } }
    case 15: return { kind: 'set-visit', hiveId: hive.id, visit: c % 3 === 0 ? null : { id: 'v', toStage: 'winter', startedOn: '2026-10-01', steps: [], done: c % 4 }, doneBefore: b % 2 === 0 ? null : b % 4 }
    default: return { kind: 'batch', edits: [someEdit(yard, [c % 13, b, a, kind], makeId), { kind: 'set-yard', name: `Yard ${c}`, note: '', band: 'metric' }] }
  }
}
