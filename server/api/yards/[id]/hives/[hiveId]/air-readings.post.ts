import { randomUUID } from 'node:crypto'
import type { Added } from '#wire/answers'
import { defineEventHandler } from 'h3'
import { addAirReadings } from '../../../../../database/air-readings'
import { hiveExists } from '../../../../../database/yards'
import { LIMITS, readValid, refusal, routeId } from '../../../../../utils/answers'
import { inOneTransaction } from '../../../../../utils/database'

/** Keeps readings of the air from a file, as a batch that can be taken back. */
export default defineEventHandler(async (event): Promise<Added> => {
  const hive = { yardId: routeId(event, 'id'), hiveId: routeId(event, 'hiveId') }
  const { place, batchId, readings } = await readValid(event, 'airReadings', LIMITS.editBytes)
  return inOneTransaction(async (tx) => {
    if (!(await hiveExists(tx, hive.yardId, hive.hiveId)))
      throw refusal(404, { field: 'hiveId', sentence: 'There is no such hive here.' })
    return addAirReadings(tx, hive, place, 'csv', readings, batchId, randomUUID)
  })
})
