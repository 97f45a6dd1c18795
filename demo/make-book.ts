import type { Entry, EntryBodies, EntrySort, Look, Treatment } from '#core/book'
import type { Hive, Yard } from '#core/yard'

/** What was seen at a look, as a keeper tells it: seams, frames with eggs, larvae and sealed brood, frames of stores. */
type Seen = readonly [day: string, seams: number, eggs: number, larvae: number, sealed: number, stores: number, more?: Partial<Look>, note?: string]
type Told = { [S in EntrySort]: readonly [S, at: string, body: EntryBodies[S], note?: string] }[EntrySort]

/** A hive with two years in its book: looks, the monthly tray, and what else was done. */
interface BookOf {
  readonly name: string
  readonly looks: readonly Seen[]
  readonly trays: readonly (readonly [day: string, mites: number, days: number])[]
  readonly others: readonly Told[]
}

const HERE = { device: 'phone in the yard', desk: 'desk at home' } as const
const gel = (until: string): Treatment => ({ product: 'thymol gel', amount: 'one tray, a second after two weeks', until, labelDays: 28, fromCelsius: 15, toCelsius: 30, withdrawalDays: 0 })
const trickled = (until: string): Treatment => ({ product: 'oxalic acid, trickled', amount: '5 mL a seam', until, labelDays: 1, fromCelsius: 3, withdrawalDays: 0 })
const QUIET: Partial<Look> = { temper: 'quiet', queen: 'eggs', pattern: 'solid' }
const HERSELF: Partial<Look> = { temper: 'quiet', queen: 'seen', pattern: 'solid', queenMarked: true }

const TWILL: BookOf = {
  name: 'Twill',
  looks: [
    ['2024-10-05', 7, 1, 1, 2, 7, QUIET],
    ['2025-03-29', 5, 1, 2, 2, 5, { ...QUIET, celsius: 13 }, 'Came through well.'],
    ['2025-04-17', 7, 2, 3, 4, 4, QUIET], ['2025-05-01', 8, 3, 4, 5, 3, HERSELF], ['2025-05-10', 9, 3, 5, 6, 3, { ...QUIET, playCups: 4 }],
    ['2025-05-18', 10, 3, 5, 7, 2, { ...QUIET, playCups: 6 }], ['2025-05-25', 11, 3, 5, 7, 2, { temper: 'lively', queen: 'eggs', cells: { open: 3 }, playCups: 8 }, 'Made up a nucleus with her.'],
    ['2025-06-08', 10, 0, 0, 5, 3, { temper: 'lively', queen: 'not-seen', cells: { sealed: 1 } }], ['2025-06-29', 10, 2, 2, 0, 3, QUIET], ['2025-07-13', 11, 3, 4, 4, 3, HERSELF],
    ['2025-07-27', 11, 3, 4, 5, 3, QUIET], ['2025-08-10', 10, 2, 3, 4, 3, QUIET], ['2025-09-14', 9, 1, 2, 3, 6, QUIET], ['2025-10-05', 8, 1, 1, 1, 8, { heft: 'heavy' }],
    ['2026-03-22', 5, 1, 2, 2, 5, { ...QUIET, celsius: 12, deadOnFloor: 'few' }],
    ['2026-04-12', 7, 2, 4, 4, 4, QUIET], ['2026-04-26', 9, 3, 4, 6, 3, HERSELF], ['2026-05-02', 10, 3, 5, 6, 3, QUIET, 'Excluder and first super on.'],
    ['2026-05-12', 10, 3, 5, 7, 2, { ...QUIET, playCups: 5 }], ['2026-05-21', 11, 3, 5, 7, 2, { ...QUIET, playCups: 3 }], ['2026-05-31', 11, 3, 5, 8, 2, QUIET], ['2026-06-14', 11, 3, 5, 8, 2, HERSELF, 'Second super on.'],
    ['2026-06-28', 11, 3, 4, 7, 2, { ...QUIET, superSealed: 0.4 }], ['2026-07-12', 11, 3, 4, 6, 3, { ...QUIET, superSealed: 0.8 }], ['2026-08-09', 10, 2, 3, 4, 3, QUIET],
    ['2026-09-13', 9, 1, 2, 3, 6, QUIET], ['2026-10-04', 8, 0, 1, 2, 8, { heft: 'heavy' }],
  ],
  trays: [
    ['2025-04-17', 2, 4], ['2025-05-18', 6, 4], ['2025-06-29', 14, 4], ['2025-07-27', 32, 4], ['2025-08-10', 52, 4], ['2025-10-05', 6, 4],
    ['2026-03-22', 1, 4], ['2026-04-26', 4, 4], ['2026-05-31', 9, 4], ['2026-06-28', 20, 4], ['2026-07-31', 44, 4], ['2026-10-04', 5, 4],
  ],
  others: [
    ['treatment', '2025-08-14T18:00', gel('2025-09-11')], ['treatment', '2025-12-14T12:30', trickled('2025-12-14'), 'Respirator, goggles and gloves on.'], ['treatment', '2026-08-10T18:00', gel('2026-09-07')],
    ['crop', '2025-08-03T10:00', { kg: 14.5, sealedShare: 0.9, water: 0.176, boxIds: ['twill/17'] }], ['crop', '2026-08-01T10:00', { kg: 23, sealedShare: 0.95, water: 0.172, boxIds: ['twill/17', 'twill/29'] }],
    ['feed', '2024-09-20T18:00', { feed: 'two-to-one', kg: 6 }], ['feed', '2025-09-16T18:00', { feed: 'two-to-one', kg: 5 }], ['feed', '2026-09-15T18:00', { feed: 'two-to-one', kg: 6 }],
    ['fate', '2025-03-29T14:05', { fate: 'alive' }], ['fate', '2026-03-22T14:05', { fate: 'alive' }],
  ],
}

const CORDUROY: BookOf = {
  name: 'Corduroy',
  looks: [
    ['2024-09-22', 9, 1, 2, 3, 8, QUIET],
    ['2025-04-20', 7, 1, 2, 3, 5, { ...QUIET, celsius: 14 }], ['2025-05-04', 9, 3, 4, 5, 4, HERSELF], ['2025-05-18', 12, 4, 5, 7, 4, QUIET], ['2025-05-27', 14, 4, 6, 9, 4, { ...QUIET, playCups: 5 }],
    ['2025-06-05', 16, 4, 7, 10, 4, QUIET], ['2025-06-15', 18, 4, 7, 11, 4, QUIET], ['2025-06-29', 19, 4, 6, 11, 5, HERSELF], ['2025-07-13', 19, 3, 6, 10, 6, { ...QUIET, superSealed: 0.5 }],
    ['2025-07-27', 18, 3, 5, 8, 6, { ...QUIET, superSealed: 0.9 }], ['2025-08-24', 15, 2, 3, 5, 8, QUIET], ['2025-09-14', 13, 1, 2, 3, 11, { heft: 'heavy' }],
    ['2026-04-18', 8, 1, 2, 3, 5, { ...QUIET, celsius: 12, damp: ['walls'] }], ['2026-05-03', 10, 3, 4, 5, 4, QUIET], ['2026-05-17', 13, 4, 6, 8, 4, HERSELF], ['2026-05-26', 15, 4, 7, 10, 4, QUIET],
    ['2026-06-04', 17, 4, 7, 11, 4, { ...QUIET, playCups: 6 }], ['2026-06-14', 19, 4, 7, 12, 4, QUIET], ['2026-06-28', 20, 4, 7, 12, 5, HERSELF], ['2026-07-12', 20, 4, 6, 11, 6, { ...QUIET, superSealed: 0.6 }],
    ['2026-08-09', 18, 3, 4, 7, 7, QUIET], ['2026-09-06', 15, 2, 3, 4, 9, QUIET], ['2026-09-26', 12, 0, 1, 2, 12, { heft: 'heavy' }],
  ],
  trays: [
    ['2025-05-04', 3, 3], ['2025-06-05', 6, 3], ['2025-06-29', 12, 3], ['2025-07-27', 27, 3], ['2025-08-10', 38, 3], ['2025-09-28', 4, 3],
    ['2026-05-03', 2, 3], ['2026-06-04', 6, 3], ['2026-06-28', 11, 3], ['2026-07-26', 24, 3], ['2026-08-09', 35, 3], ['2026-09-26', 9, 3],
  ],
  others: [
    ['mites', '2025-08-10T11:00', { way: 'wash', mites: 9, bees: 300 }], ['mites', '2026-08-09T11:00', { way: 'wash', mites: 8, bees: 310 }], ['mites', '2026-09-26T11:00', { way: 'wash', mites: 3, bees: 300 }],
    ['treatment', '2025-08-12T18:00', gel('2025-09-09')], ['treatment', '2025-11-30T12:30', trickled('2025-11-30')], ['treatment', '2026-08-10T18:00', gel('2026-09-07')],
    ['crop', '2025-08-02T09:30', { kg: 31, sealedShare: 0.85, water: 0.168, boxIds: ['corduroy/26', 'corduroy/37'] }], ['crop', '2026-08-01T09:30', { kg: 42, sealedShare: 0.9, water: 0.165, boxIds: ['corduroy/26', 'corduroy/37', 'corduroy/48'] }],
    ['feed', '2025-09-12T17:00', { feed: 'two-to-one', kg: 8 }], ['feed', '2026-09-10T17:00', { feed: 'two-to-one', kg: 10 }],
    ['fate', '2025-04-20T12:05', { fate: 'alive' }], ['fate', '2026-04-18T12:05', { fate: 'alive' }],
    ['trial', '2025-09-14T12:00', { trial: 'slab on the crown', side: 'with' }],
  ],
}

const FLANNEL: BookOf = {
  name: 'Flannel',
  looks: [
    ['2024-09-29', 7, 1, 1, 2, 7, HERSELF, 'Came with its queen from a breeder.'],
    ['2025-04-26', 5, 1, 2, 2, 4, { ...HERSELF, celsius: 13 }], ['2025-05-11', 7, 2, 3, 4, 3, HERSELF], ['2025-05-24', 8, 3, 4, 6, 3, QUIET], ['2025-06-02', 9, 3, 5, 7, 2, QUIET], ['2025-06-12', 10, 3, 5, 7, 2, HERSELF],
    ['2025-06-28', 10, 3, 5, 7, 3, QUIET], ['2025-07-19', 10, 2, 4, 6, 3, { ...QUIET, superSealed: 0.7 }], ['2025-08-16', 9, 2, 3, 4, 4, QUIET], ['2025-09-12', 8, 1, 1, 2, 8, { heft: 'fair' }],
    ['2026-04-24', 3, 1, 1, 1, 3, { temper: 'quiet', queen: 'eggs', pattern: 'spotty', celsius: 11, deadOnFloor: 'many' }, 'Weak: closed up to six combs.'],
    ['2026-05-09', 4, 1, 2, 2, 3, QUIET], ['2026-05-24', 6, 2, 3, 4, 3, HERSELF], ['2026-06-07', 8, 3, 4, 5, 3, QUIET], ['2026-06-21', 9, 3, 5, 7, 2, QUIET], ['2026-07-12', 10, 3, 4, 6, 3, QUIET],
    ['2026-08-10', 9, 2, 3, 4, 4, QUIET], ['2026-09-12', 8, 0, 1, 2, 8, { heft: 'heavy' }],
  ],
  trays: [
    ['2025-05-11', 2, 3], ['2025-06-12', 8, 3], ['2025-07-19', 33, 3], ['2025-08-16', 66, 3], ['2025-10-02', 31, 3],
    ['2026-05-09', 1, 3], ['2026-06-21', 4, 3], ['2026-07-26', 14, 3], ['2026-08-10', 25, 3], ['2026-10-04', 3, 3],
  ],
  others: [
    ['treatment', '2025-08-30T17:00', { ...gel('2025-09-20'), amount: 'one tray only' }, 'Late, and cold nights.'], ['treatment', '2026-08-12T18:00', gel('2026-09-09')],
    ['crop', '2025-08-02T12:00', { kg: 8.5, sealedShare: 0.8 }],
    ['feed', '2025-09-14T17:00', { feed: 'two-to-one', kg: 9 }], ['feed', '2026-02-20T13:00', { feed: 'fondant', kg: 2.5 }], ['feed', '2026-09-13T17:00', { feed: 'two-to-one', kg: 8 }],
    ['fate', '2025-04-26T12:05', { fate: 'alive' }], ['fate', '2026-04-24T12:05', { fate: 'alive' }],
    ['trial', '2025-09-14T12:00', { trial: 'slab on the crown', side: 'without' }],
    ['task', '2026-09-12T11:00', { text: 'fetch the wrap from the barn', by: '2026-10-18' }],
  ],
}

const BOOKS = [TWILL, CORDUROY, FLANNEL]

/** The book of a yard, as far as the demo tells one. */
export function demoBook(yard: Yard): Entry[] {
  return BOOKS.flatMap((book) => {
    const hive = yard.hives.find(({ name }) => name === book.name)
    return hive ? written(hive, book) : []
  })
}

function written(hive: Hive, { name, looks, trays, others }: BookOf): Entry[] {
  const broodBoxes = hive.stack.filter(({ role }) => role === 'brood').map(({ partId }) => partId)
  const told: Told[] = [
    ...looks.map((seen): Told => ['look', `${seen[0]}T14:00`, lookOf(seen, broodBoxes), seen[7]]),
    ...trays.map(([day, mites, days]): Told => ['mites', `${day}T13:30`, { way: 'tray', mites, days }]),
    ...others,
  ]
  return told
    .sort(([, a], [, b]) => (a < b ? -1 : 1))
    .map(([sort, at, body, note], i) => ({ id: `demo-book/${name.toLowerCase()}/${i + 1}`, hiveId: hive.id, at, madeAt: `${sort === 'treatment' && 'until' in body && body.until ? `${body.until}T18:00` : at}:40.000Z`, device: sort === 'crop' ? HERE.desk : HERE.device, ...(note ? { note } : {}), sort, body }) as Entry)
}

/** Bees sit in the lower box first as far as it has seams, the rest above. */
function lookOf([, seams, eggs, larvae, sealed, stores, more]: Seen, boxIds: readonly string[]): Look {
  const each = boxIds.length > 1 ? [Math.ceil(seams / 2), Math.floor(seams / 2)] : [seams]
  return { seams: boxIds.map((boxId, i) => ({ boxId, seams: each[i] ?? 0 })), broodFrames: { eggs, larvae, sealed }, foodFrames: { sealed: stores }, ...more }
}
