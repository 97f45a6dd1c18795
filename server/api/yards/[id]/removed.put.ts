import { defineEventHandler } from 'h3'
import type { YardRemoved } from '#wire/answers'
import { settleLoans } from '../../../database/settle-loans'
import { setRemoved } from '../../../database/yards'
import { LIMITS, readValid, refusal, routeId } from '../../../utils/answers'
import { inOneTransaction } from '../../../utils/database'

/** Takes a yard away or brings it back; nothing of it is lost. */
export default defineEventHandler(async (event): Promise<YardRemoved> => {
  const yardId = routeId(event, 'id')
  const { removed } = await readValid(event, 'removed', LIMITS.editBytes)
  const now = new Date().toISOString()
  const found = await inOneTransaction(async (tx) => {
    const isThere = await setRemoved(tx, yardId, removed ? now : null)
    if (isThere && !removed) await settleLoans(tx, yardId, now)
    return isThere
  })
  if (!found) throw refusal(404, { field: 'id', sentence: 'There is no such yard here.' })
  return { removed }
})
