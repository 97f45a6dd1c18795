import { randomUUID } from 'node:crypto'
import type { Added } from '#wire/answers'
import { defineEventHandler } from 'h3'
import { addAirReadings } from '../../../../../database/air-readings'
import { standsNow } from '../../../../../database/hive-moves'
import { LIMITS, readValid, refusal, routeId } from '../../../../../utils/answers'
import { inOneTransaction } from '../../../../../utils/database'
import { plays } from '../../../../../utils/keeper'

/** Keeps readings of the air from a file, as a batch that can be taken back. */
export default defineEventHandler(async (event): Promise<Added> => {
  const sent = { yardId: routeId(event, 'id'), hiveId: routeId(event, 'hiveId') }
  const { place, batchId, readings } = await readValid(event, 'airReadings', LIMITS.editBytes)
  return inOneTransaction(async (tx) => {
    // What waited on a device finds the hive where it stands now.
    const hive = await standsNow(tx, sent)
    if (!hive || !plays(event, hive.yardId, 'helper'))
      throw refusal(404, { field: 'hiveId', sentence: 'There is no such hive here.' })
    return addAirReadings(tx, hive, place, 'csv', readings, batchId, randomUUID)
  })
})
