import { fieldOf } from '#core/units'
import type { WaitingEdit } from '#core/yard'
import type { Journal, Making } from './journal'
import { countOf, isSlip, type Slip } from './slip'

/** Changes that could not be saved, kept until the keeper has looked at them. */
export interface SetAside {
  readonly id: string
  readonly at: string
  readonly yardId: string | null
  readonly yardName: string
  readonly why: string
  readonly entries: readonly WaitingEdit[]
  /** Something written of a hive, where it is that. */
  readonly slip?: Slip
  /** As it was found, where it cannot be read. */
  readonly text?: string
}

/** What is to be set aside; the name of its yard is known here. */
export type NewAside = Omit<SetAside, 'id' | 'at' | 'yardName' | 'entries'> &
  Partial<Pick<SetAside, 'yardName' | 'entries'>>

/** With these set aside, last. */
export function withAside(journal: Journal, ones: readonly NewAside[], { makeId, now }: Making): Journal {
  if (ones.length === 0) return journal
  const nameOf = (yardId: string | null) => (yardId && journal.yards.get(yardId)?.yard.name) ?? ''
  const added = ones.map((one) => ({ entries: [], yardName: nameOf(one.yardId), ...one, id: makeId(), at: now }))
  return { ...journal, aside: [...journal.aside, ...added] }
}

/** One that was dropped lies there again. */
export function withAsideAgain(journal: Journal, one: SetAside): Journal {
  return { ...withoutAside(journal, one.id), aside: [...journal.aside.filter(({ id }) => id !== one.id), one] }
}

export function withoutAside(journal: Journal, asideId: string): Journal {
  return { ...journal, aside: journal.aside.filter(({ id }) => id !== asideId) }
}

/** How many things one holds. */
export function thingsIn({ entries, slip }: SetAside): number {
  return slip ? countOf(slip) : Math.max(1, entries.length)
}

function isWaiting(entry: unknown): boolean {
  return typeof fieldOf(fieldOf(entry, 'edit'), 'kind') === 'string'
}

/** Whether a value that this browser kept is one. */
export function isSetAside(value: unknown): value is SetAside {
  const entries = fieldOf(value, 'entries')
  const texts = (['id', 'why', 'yardName', 'at'] as const).map((name) => fieldOf(value, name))
  const slip = fieldOf(value, 'slip')
  const isSound = slip === undefined || isSlip(slip)
  return (
    texts.every((text) => typeof text === 'string') && Array.isArray(entries) && entries.every(isWaiting) && isSound
  )
}
