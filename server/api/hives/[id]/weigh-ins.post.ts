import { randomUUID } from 'node:crypto'
import { defineEventHandler, getRouterParam } from 'h3'
import { weighInsSchema } from '#wire/weigh-in-schema'
import { hiveExists } from '../../../database/yards'
import { addWeighIns, type KeptWeighIn } from '../../../database/weigh-ins'
import { LIMITS, readValid, refusal } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

/** Keeps weighings by hand or from a file, as a batch that can be taken back. */
export default defineEventHandler(async (event) => {
  const hiveId = getRouterParam(event, 'id', { decode: true }) ?? ''
  const { source, batchId, readings } = await readValid<{ source: string; batchId: string; readings: KeptWeighIn[] }>(event, weighInsSchema, LIMITS.editBytes)
  return withDatabase(async (database) => {
    if (!(await hiveExists(database, hiveId))) throw refusal(404, { field: 'id', sentence: 'There is no such hive here.' })
    return addWeighIns(database, hiveId, source, readings, batchId, randomUUID)
  })
})
