import { randomUUID } from 'node:crypto'
import { findPart, loansOf, type Edit, type Hive, type Yard } from '#core/yard'
import type { Part } from '#core/parts'
import * as deeds from '#core/yard/deeds'
import { commitWithin } from './commit'
import { readYard, type Writer } from './yards'

/** Who the log says did it. */
const DEVICE = 'Duvet'

/**
 * What became of loans while a yard was taken away: a part that went home meanwhile is not here any more, wherever it
 * stood; one that is nowhere else any more is home again. So every part is in one place.
 */
export async function settleLoans(tx: Writer, yardId: string, now: string): Promise<void> {
  const stored = await readYard(tx, yardId)
  if (!stored) return
  const edits = await settling(tx, stored.yard)
  if (edits.length === 0) return
  await commitWithin(
    tx,
    yardId,
    {
      baseRevision: stored.revision,
      device: DEVICE,
      edits: [{ id: randomUUID(), madeAt: now, kind: 'do', edit: deeds.together(...edits) }],
    },
    now,
  )
}

async function settling(tx: Writer, yard: Yard): Promise<Edit[]> {
  const { lent, borrowed } = loansOf(yard)
  const edits: Edit[] = []
  for (const part of borrowed) {
    const home = part.borrowed.yardId ? await readYard(tx, part.borrowed.yardId) : undefined
    if (home && findPart(home.yard, part.id)?.lent?.yardId !== yard.id)
      edits.push(...offItsHive(yard, part.id), { kind: 'give-back', partId: part.id })
  }
  const home: Part[] = []
  for (const { lent: loan, ...part } of lent) {
    const there = loan.yardId ? await readYard(tx, loan.yardId) : undefined
    if (there && findPart(there.yard, part.id)?.borrowed?.yardId !== yard.id) home.push(part)
  }
  return [...edits, ...(home.length > 0 ? [deeds.takeBack(home)] : [])]
}

/** A part that is given back lies in the shed first. */
function offItsHive(yard: Yard, partId: string): Edit[] {
  const stands = ({ stack, attachments }: Hive) => [...stack, ...attachments].some((one) => one.partId === partId)
  const hive = yard.hives.find(stands)
  return hive ? [deeds.takeOff(hive, partId)] : []
}
