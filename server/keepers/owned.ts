import type { Played } from '#wire/keepers'
import type { Writer } from '../database/yards'
import { refusal } from '../utils/answers'
import { keepersOf } from './accounts'

/** Refuses what would leave a yard without an owner, or is about somebody who is no keeper of it. */
export async function mustStayOwned(
  tx: Writer,
  yardId: string,
  keeperId: string,
  next: Played | undefined,
): Promise<void> {
  const all = await keepersOf(tx, yardId)
  if (!all.some(({ id }) => id === keeperId))
    throw refusal(404, { field: 'keeperId', sentence: 'There is no such keeper of this yard.' })
  const isOwned = next === 'owner' || all.some(({ id, part }) => id !== keeperId && part === 'owner')
  if (!isOwned) throw refusal(422, { field: 'part', sentence: 'A yard has an owner: make somebody else one before.' })
}
