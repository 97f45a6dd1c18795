import { defineEventHandler } from 'h3'
import type { Stay } from '#core/yard'
import { partStays } from '../../../../../database/history'
import { refusal, routeId } from '../../../../../utils/answers'
import { withDatabase } from '../../../../../utils/database'

/** Where a part has been and what it had held, newest first. */
export default defineEventHandler(async (event): Promise<Stay[]> => {
  const stays = await withDatabase((database) => partStays(database, routeId(event, 'id'), routeId(event, 'partId')))
  if (!stays) throw refusal(404, { field: 'partId', sentence: 'This part is not here.' })
  return stays
})
