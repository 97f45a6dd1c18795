import { defineEventHandler } from 'h3'
import type { YardRemoved } from '#wire/answers'
import { setRemoved } from '../../../database/yards'
import { LIMITS, readValid, refusal, routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

/** Takes a yard away or brings it back; nothing of it is lost. */
export default defineEventHandler(async (event): Promise<YardRemoved> => {
  const yardId = routeId(event, 'id')
  const { removed } = await readValid(event, 'removed', LIMITS.editBytes)
  const found = await withDatabase((database) =>
    setRemoved(database, yardId, removed ? new Date().toISOString() : null),
  )
  if (!found) throw refusal(404, { field: 'id', sentence: 'There is no such yard here.' })
  return { removed }
})
