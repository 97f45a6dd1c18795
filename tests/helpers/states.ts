import type { Entry, EntryBodies } from '#core/book'
import type { Hive, Yard } from '#core/yard'
import type { Part } from '#core/parts'
import { CALENDARS } from '#core/year'
import { entry } from './book'
import { build, L } from './hives'

// One hive through each state that it can be in: what its book says, how it is weighed and in which yard it stands.

export const TODAY = '2026-09-20'
const STACK = [L.floor, L.deep, ['box-langstroth-medium', 'food'], L.crown, L.roof] as const
const made = build(STACK, { stage: 'pack-down' })
export const HOME: Yard = { ...made.yard, season: { calendar: CALENDARS['cold-continental'] } }
export const [HIVE] = HOME.hives as [Hive]
export const say = <S extends 'look' | 'fate' | 'crop' | 'feed' | 'mites'>(
  sort: S,
  body: EntryBodies[S],
  at = '2026-09-15T10:00',
) => entry(sort, at, body, { hiveId: HIVE.id })
export const STRONG = say(
  'look',
  { seams: [{ boxId: 'x', seams: 9 }], queen: 'seen', broodFrames: { sealed: 8 } },
  '2026-09-10T10:00',
)

/** What the book says of the hive and how it stands, and what must then be so at every door. */
export interface State {
  readonly name: string
  readonly entries?: readonly Entry[]
  /** The hive on its scale, kg, at a moment. */
  readonly weighed?: readonly [at: string, kg: number]
  readonly yard?: Yard
  readonly bees?: boolean
  readonly sound?: boolean
  readonly grade?: string
}
const withParts = (change: (part: Part, layer: number) => Part): Yard => ({
  ...build(STACK, { stage: 'pack-down', change }).yard,
  season: HOME.season!,
})
const LOAN = { name: 'the club', since: '2026-05-01', backBy: '2026-10-01' }
const crate = (id: string): Part => ({ id, patternId: 'box-langstroth-medium', contents: [], hasHeld: [] })
const uneven = (part: Part, i: number): Part =>
  i === 1
    ? {
        ...part,
        measured: {
          depth: { mm: 244, otherMm: 236, plusMinusMm: 0.5, source: { mark: 'measured', text: 'rule' } },
        },
      }
    : part
const NO_CLIMATE: Yard = made.yard
/** The same hive again, with parts of its own. */
const copies = Array.from({ length: 39 }, (_, i) => ({
  hive: {
    ...HIVE,
    id: `h${i + 2}`,
    name: `${HIVE.name} ${i + 2}`,
    stack: HIVE.stack.map((one) => ({ ...one, partId: `${one.partId}-${i + 2}` })),
  } satisfies Hive,
  parts: HOME.parts.map((part): Part => ({
    ...part,
    id: `${part.id}-${i + 2}`,
    contents: part.contents.map((content) => ({ ...content, id: `${content.id}-${i + 2}` })),
  })),
}))
const FORTY: Yard = {
  ...HOME,
  hives: [HIVE, ...copies.map(({ hive }) => hive)],
  parts: [...HOME.parts, ...copies.flatMap(({ parts }) => parts)],
}
const BARE: Yard = { ...HOME, hives: [{ ...HIVE, stack: [], attachments: [] }] }
const CROPS = [say('crop', { kg: 12 }, '2026-06-20T10:00'), say('crop', { kg: 9 })]
export const STATES: readonly State[] = [
  {
    name: 'dead of what may be a disease',
    entries: [STRONG, say('fate', { fate: 'dead', of: 'disease' })],
    bees: false,
    sound: false,
    grade: 'stop',
  },
  {
    name: 'dead of what is not known',
    entries: [STRONG, say('fate', { fate: 'dead', of: 'not-known' })],
    bees: false,
    sound: false,
    grade: 'stop',
  },
  {
    name: 'absconded',
    entries: [STRONG, say('fate', { fate: 'absconded' })],
    bees: false,
    sound: false,
    grade: 'mend',
  },
  { name: 'sold', entries: [STRONG, say('fate', { fate: 'sold' })], bees: false, sound: false },
  { name: 'closed for a sign', entries: [STRONG, say('look', { signs: ['ropy-cell'] })], sound: false, grade: 'stop' },
  { name: 'alive with two crops', entries: [STRONG, ...CROPS] },
  { name: 'alive with nothing written' },
  { name: 'light by heft', entries: [STRONG, say('look', { heft: 'light' })] },
  {
    name: 'heavy by heft, with feed since',
    entries: [say('look', { heft: 'heavy' }), say('feed', { feed: 'two-to-one', kg: 6 }, '2026-09-18T10:00')],
  },
  { name: 'weighed today', entries: [STRONG], weighed: [`${TODAY}T08:00`, 62] },
  {
    name: 'weighed today, and a crop taken after it',
    entries: [STRONG, say('crop', { kg: 9 }, `${TODAY}T16:00`)],
    weighed: [`${TODAY}T08:00`, 62],
  },
  { name: 'bare: a stand without a box', entries: [STRONG], yard: BARE, bees: false, sound: false },
  { name: 'in a yard that has lent a box', yard: { ...HOME, parts: [...HOME.parts, { ...crate('out'), lent: LOAN }] } },
  { name: 'standing on a borrowed box', yard: withParts((part, i) => (i === 2 ? { ...part, borrowed: LOAN } : part)) },
  { name: 'uneven from side to side', yard: withParts(uneven), weighed: [`${TODAY}T08:00`, 58] },
  {
    name: 'in a yard that has not said its climate',
    entries: [STRONG, say('look', { heft: 'light' })],
    yard: NO_CLIMATE,
  },
  { name: 'one of forty', entries: [STRONG], weighed: [`${TODAY}T08:00`, 62], yard: FORTY },
]
