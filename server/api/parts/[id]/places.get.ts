import { defineEventHandler, getRouterParam } from 'h3'
import { partStays } from '../../../database/history'
import { refusal } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

/** Where a part has been and what it had held, newest first. */
export default defineEventHandler(async (event) => {
  const stays = await withDatabase((database) => partStays(database, getRouterParam(event, 'id', { decode: true }) ?? ''))
  if (!stays) throw refusal(404, { field: 'id', sentence: 'This part is not here.' })
  return stays
})
