import { defineEventHandler, getRouterParam } from 'h3'
import * as yup from 'yup'
import { setRemoved } from '../../../database/yards'
import { LIMITS, readValid, refusal } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const bodySchema = yup.object({ removed: yup.boolean().strict().required('removed is missing: true or false') }).strict().required().noUnknown()

/** Takes a yard away or brings it back; nothing of it is lost. */
export default defineEventHandler(async (event) => {
  const yardId = getRouterParam(event, 'id', { decode: true }) ?? ''
  const { removed } = await readValid<{ removed: boolean }>(event, bodySchema, LIMITS.editBytes)
  const found = await withDatabase((database) => setRemoved(database, yardId, removed ? new Date().toISOString() : null))
  if (!found) throw refusal(404, { field: 'id', sentence: 'There is no such yard here.' })
  return { removed }
})
