import { acknowledged, overtaken, withoutRefused } from '#core/yard'
import type { Overtaking } from '#core/yard'
import { withAside } from './aside'
import { withoutSlip, withoutYard, withYard, type Journal, type Making, type Sending } from './journal'
import { laidOn, leftOver } from './laid'

/** Why the server would not take what was sent: not for what it is, but for what stands there, or for what was sent. */
export interface WhyRefused {
  readonly status: number
  readonly sentence: string
  /** What stands now, where others saved first. */
  readonly stale?: Overtaking
}

/** The server has what was sent. */
export function taken(journal: Journal, sent: Sending, revision: number): Journal {
  if (sent.what === 'slip') return withoutSlip(journal, sent.slip.id)
  const held = journal.yards.get(sent.yardId)
  if (!held) return journal
  const next = withYard(journal, sent.yardId, acknowledged(held, sent.edits, revision))
  return next.yards.get(sent.yardId)?.waiting.length === 0 ? { ...next, singly: without(next, sent.yardId) } : next
}

const without = ({ singly }: Journal, yardId: string) => new Set([...singly].filter((id) => id !== yardId))

const GONE = 404

/** The server would not take it: others came first, the yard is gone, or one of it cannot be saved and is set aside. */
export function refused(journal: Journal, sent: Sending, why: WhyRefused, making: Making): Journal {
  if (sent.what === 'slip') {
    const aside = { yardId: sent.yardId, why: why.sentence, slip: sent.slip }
    return withAside(withoutSlip(journal, sent.slip.id), [aside], making)
  }
  const { yardId, edits } = sent
  const held = journal.yards.get(yardId)
  if (!held) return journal
  if (why.status === GONE) {
    const sentence = `${held.yard.name} is not there for you any more: it was taken away, or you do not keep it now.`
    return withoutYard(withAside(journal, [{ yardId, why: sentence, entries: held.waiting }], making), yardId)
  }
  if (why.stale) return laidOn(journal, yardId, overtaken(held, why.stale), making)
  // The server will not have one of these: it is found, set aside, and what stands behind it goes on.
  if (edits.length > 1) return { ...journal, singly: new Set(journal.singly).add(yardId) }
  const { held: next, left } = withoutRefused(held, edits[0]!.id)
  const aside = [{ yardId, why: why.sentence, entries: edits }, ...leftOver(yardId, left)]
  return withAside(withYard(journal, yardId, next), aside, making)
}
