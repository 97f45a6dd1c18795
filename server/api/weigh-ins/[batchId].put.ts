import { defineEventHandler, getRouterParam } from 'h3'
import * as yup from 'yup'
import { setBatchRemoved } from '../../database/weigh-ins'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { withDatabase } from '../../utils/database'

const bodySchema = yup.object({ removed: yup.boolean().strict().required('removed is missing: true or false') }).strict().required().noUnknown()

/** Takes a batch of weighings away, or brings it back; nothing is lost. */
export default defineEventHandler(async (event) => {
  const { removed } = await readValid<{ removed: boolean }>(event, bodySchema, LIMITS.editBytes)
  const batchId = getRouterParam(event, 'batchId', { decode: true }) ?? ''
  const readings = await withDatabase((database) => setBatchRemoved(database, batchId, removed ? new Date().toISOString() : null))
  if (readings === 0) throw refusal(404, { field: 'batchId', sentence: 'There is no such batch of weighings here.' })
  return { removed, readings }
})
