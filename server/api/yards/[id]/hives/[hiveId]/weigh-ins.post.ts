import { randomUUID } from 'node:crypto'
import type { Added } from '#wire/answers'
import { defineEventHandler } from 'h3'
import { hiveExists } from '../../../../../database/yards'
import { addWeighIns } from '../../../../../database/weigh-ins'
import { LIMITS, readValid, refusal, routeId } from '../../../../../utils/answers'
import { inOneTransaction } from '../../../../../utils/database'

/** Keeps weighings by hand or from a file, as a batch that can be taken back. */
export default defineEventHandler(async (event): Promise<Added> => {
  const hive = { yardId: routeId(event, 'id'), hiveId: routeId(event, 'hiveId') }
  const { source, batchId, readings } = await readValid(event, 'weighIns', LIMITS.editBytes)
  return inOneTransaction(async (tx) => {
    if (!(await hiveExists(tx, hive.yardId, hive.hiveId)))
      throw refusal(404, { field: 'hiveId', sentence: 'There is no such hive here.' })
    return addWeighIns(tx, hive, source, readings, batchId, randomUUID)
  })
})
