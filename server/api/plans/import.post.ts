import { randomUUID } from 'node:crypto'
import type { BroughtIn } from '#wire/answers'
import { defineEventHandler, getHeader, type H3Event } from 'h3'
import { mayPlay } from '#wire/keepers'
import { runImport } from '../../imports/running'
import { LIMITS, readLimited, refusal } from '../../utils/answers'

/** Brings a plan file in, all of it or nothing; nothing here is overwritten, and one sent twice is brought in once. */
export default defineEventHandler(async (event): Promise<BroughtIn> => {
  const text = await readLimited(event, LIMITS.planBytes)
  const importId = getHeader(event, 'x-import') || randomUUID()
  if (importId.length > 100)
    throw refusal(422, { field: 'x-import', sentence: 'x-import has more than 100 characters.' })
  const done = await runImport(importId, text, deviceName(getHeader(event, 'x-device')), importer(event))
  if (!done.ok) throw refusal(done.status, done.problem)
  return { imported: done.imported }
})

/** Who brings it in, and into which yards hives may be put. */
function importer({ context: { keeper } }: H3Event) {
  if (!keeper) return undefined
  const keeps = Object.keys(keeper.plays).filter((yardId) => mayPlay(keeper.plays[yardId], 'keeper'))
  return { id: keeper.id, name: keeper.name, keeps }
}

/** Percent-encoded, since a header carries no other letters. */
function deviceName(header: string | undefined): string {
  try {
    return decodeURIComponent(header || 'import').slice(0, 60)
  } catch {
    return 'import'
  }
}
