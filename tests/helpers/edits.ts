import { CATALOGUE } from '#core/parts'
import {
  emptyYard,
  newPart,
  newPlacement,
  partEdit,
  shedOf,
  startHive,
  withMeasured,
  withReading,
  withoutLoan,
  type Edit,
  type Yard,
} from '#core/yard'
import { counter } from './hives'

/** A yard with a started hive of each format. */
export function twoHives(): Yard {
  const makeId = counter()
  const a = startHive('langstroth', 'Ticking', CATALOGUE, makeId)
  const b = startHive('national', 'Twill', CATALOGUE, makeId)
  return { ...emptyYard('yard', 'Kiln Bank'), hives: [a.hive, b.hive], parts: [...a.parts, ...b.parts] }
}

const LOAN = { name: 'Kiln Bank', since: '2026-05-01' }

/** An edit of any kind that may or may not fit the yard, from a handful of numbers. */
export function someEdit(
  yard: Yard,
  [kind, a, b, c]: readonly [number, number, number, number],
  makeId: () => string,
): Edit {
  const hive = yard.hives[a % Math.max(1, yard.hives.length)] ?? {
    id: 'none',
    name: '',
    stage: 'flow' as const,
    note: '',
    stack: [],
    attachments: [],
    accepted: [],
  }
  const placement = hive.stack[b % Math.max(1, hive.stack.length)]
  const partId = placement?.partId ?? 'none'
  const shed = shedOf(yard)
  const patterns = [...CATALOGUE.patterns.values()]
  const pattern = patterns[c % patterns.length]!
  const part = newPart(pattern, CATALOGUE, makeId)
  const some = yard.parts[b % Math.max(1, yard.parts.length)] ?? part
  const away = yard.parts.filter(({ lent }) => lent)
  const borrowed = yard.parts.filter((one) => one.borrowed)
  switch (kind % 31) {
    case 0:
      return {
        kind: 'add-part',
        hiveId: hive.id,
        at: b % (hive.stack.length + 1),
        part,
        placement: newPlacement(part.id, pattern),
      }
    case 1:
      return { kind: 'take-off', hiveId: hive.id, partId }
    case 2:
      return {
        kind: 'place-part',
        hiveId: hive.id,
        at: b % (hive.stack.length + 1),
        placement: newPlacement(shed[c % Math.max(1, shed.length)]?.id ?? 'none', pattern),
      }
    case 3:
      return {
        kind: 'move-part',
        partId,
        fromHiveId: hive.id,
        toHiveId: yard.hives[c % Math.max(1, yard.hives.length)]?.id ?? hive.id,
        at: c % 3,
      }
    case 4:
      return {
        kind: 'set-placement',
        hiveId: hive.id,
        placement: { partId, turnedOver: c % 2 === 0, yawDeg: 90, offsetMm: { x: c, y: -c } },
      }
    case 5:
      return { kind: 'attach-part', hiveId: hive.id, at: 0, part, attachment: { partId: part.id, place: 'entrance' } }
    case 6:
      return {
        kind: 'detach-part',
        hiveId: hive.id,
        partId: hive.attachments[b % Math.max(1, hive.attachments.length)]?.partId ?? 'none',
      }
    case 7:
      return {
        kind: 'set-part',
        part: { ...(yard.parts[b % Math.max(1, yard.parts.length)] ?? part), name: `box ${c}` },
      }
    case 8:
      return { kind: 'set-hive', hiveId: hive.id, name: `Hive ${c}`, stage: 'winter', note: 'packed' }
    case 9:
      return {
        kind: 'accept-finding',
        hiveId: hive.id,
        acceptance: { findingKey: `k${c % 3}`, measuredMm: c, reason: 'known' },
      }
    case 10:
      return { kind: 'withdraw-acceptance', hiveId: hive.id, findingKey: `k${c % 3}` }
    case 11:
      return { kind: 'remove-hive', hiveId: hive.id }
    case 12:
      return {
        kind: 'replace-hive',
        hive: { ...hive, stack: hive.stack.slice(0, b % (hive.stack.length + 1)) },
        parts: yard.parts.filter(({ id }) => id === partId).map((one) => ({ ...one, name: 'other' })),
      }
    case 13:
      return { kind: 'set-year', season: c % 4 === 0 ? null : { way: { supers: c % 5 } } }
    case 14:
      return { kind: 'set-way', hiveId: hive.id, season: c % 4 === 0 ? null : { way: { framesLess: 1 } } }
    case 15:
      return {
        kind: 'set-visit',
        hiveId: hive.id,
        visit: c % 3 === 0 ? null : { id: 'v', toStage: 'winter', startedOn: '2026-10-01', steps: [], done: c % 4 },
        doneBefore: b % 2 === 0 ? null : b % 4,
      }
    case 16:
      if (c % 2 === 0)
        return {
          kind: 'set-figure',
          name: c % 4 === 0 ? 'wideMm' : 'boardLengthMm',
          value: b % 3 === 0 ? null : c + 25,
        }
      return {
        kind: 'set-override',
        key: `box-langstroth-deep.${c % 4}`,
        length: b % 3 === 0 ? null : { mm: c, plusMinusMm: 0, source: { mark: 'own', text: 'mine' } },
      }
    case 17:
      return {
        kind: 'set-pattern',
        patternId: `own-${c % 4}`,
        pattern: b % 3 === 0 ? null : { ...pattern, id: `own-${c % 4}`, own: true },
      }
    case 18:
      return {
        kind: 'set-hanging',
        patternId: `hung-${c % 4}`,
        pattern:
          b % 3 === 0 ? null : { ...CATALOGUE.hanging.get('frame-national-deep')!, id: `hung-${c % 4}`, own: true },
      }
    case 19:
      return {
        kind: 'stock-part',
        at: b % (yard.parts.length + 1),
        part: c % 3 === 0 ? { ...part, patternId: `own-${c % 4}` } : part,
      }
    case 20:
      return { kind: 'drop-part', partId: shed[b % Math.max(1, shed.length)]?.id ?? 'none' }
    case 21:
      return partEdit(
        some,
        withReading(some, {
          id: makeId(),
          dimension: c % 2 === 0 ? 'depth' : 'insideLength',
          mm: 200 + c,
          plusMinusMm: 1,
          text: 'rule',
          at: '2026-05-01',
        }),
      )
    case 22:
      return partEdit(
        some,
        c % 2 === 0
          ? withMeasured(some, 'depth', undefined)
          : { ...some, hasHeld: ['honey'], condition: c % 3 === 0 ? 'worn' : 'good' },
      )
    case 23:
      return {
        kind: 'change-part',
        partId: some.id,
        change: {
          name: c % 2 === 0 ? null : `box ${c}`,
          hole: c % 3 === 0 ? null : 'closed',
          readings: c % 5 === 0 && some.readings?.[0] ? { [some.readings[0].id]: null } : {},
        },
      }
    case 24:
      return frameMove(yard, a, b)
    case 25:
      return { kind: 'set-yard', note: `note ${c}` }
    case 26:
      return { kind: 'lend-part', part: { ...(shed[b % Math.max(1, shed.length)] ?? part), lent: LOAN } }
    case 27:
      return {
        kind: 'take-back',
        part: { ...withoutLoan(away[b % Math.max(1, away.length)] ?? part), ...(c % 2 === 0 ? { hole: 'open' } : {}) },
      }
    case 28:
      return { kind: 'borrow-part', at: b % (yard.parts.length + 1), part: { ...part, borrowed: LOAN } }
    case 29:
      return { kind: 'give-back', partId: borrowed[b % Math.max(1, borrowed.length)]?.id ?? 'none' }
    default:
      return {
        kind: 'batch',
        edits: [
          someEdit(yard, [c % 30, b, a, kind], makeId),
          { kind: 'set-yard', name: `Yard ${c}`, note: '', band: 'metric' },
        ],
      }
  }
}

/** A frame goes from one box to another, as the box from above does it. */
function frameMove(yard: Yard, a: number, b: number): Edit {
  const boxes = yard.parts.filter(({ contents }) => contents.length > 0)
  const from = boxes[a % Math.max(1, boxes.length)]
  const to = boxes[b % Math.max(1, boxes.length)]
  const frame = from?.contents[b % from.contents.length]
  if (!from || !to || !frame || from === to) return { kind: 'batch', edits: [] }
  return {
    kind: 'batch',
    edits: [
      partEdit(from, { ...from, contents: from.contents.filter((one) => one !== frame) }),
      partEdit(to, { ...to, contents: [...to.contents, { ...frame, place: 50 }] }),
    ],
  }
}
