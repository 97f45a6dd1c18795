import { randomUUID } from 'node:crypto'
import type { Added } from '#wire/answers'
import { readingKind } from '#wire/readings/kinds'
import { defineEventHandler } from 'h3'
import { standsNow } from '../../../../../database/hive-moves'
import { addReadings } from '../../../../../readings/keep'
import { LIMITS, readValid, refusal, routeId } from '../../../../../utils/answers'
import { inOneTransaction } from '../../../../../utils/database'
import { plays } from '../../../../../utils/keeper'

/** Keeps readings by hand or from a file, as a batch that can be taken back. */
export default defineEventHandler(async (event): Promise<Added> => {
  const hive = { yardId: routeId(event, 'id'), hiveId: routeId(event, 'hiveId') }
  const sent = await readValid(event, 'readings', LIMITS.editBytes)
  const { kind, batchId, source = 'csv', place = readingKind(kind).places[0] } = sent
  return inOneTransaction(async (tx) => {
    // What waited on a device finds the hive where it stands now.
    const stands = await standsNow(tx, hive)
    if (!stands || !plays(event, stands.yardId, 'helper'))
      throw refusal(404, { field: 'hiveId', sentence: 'There is no such hive here.' })
    return addReadings(tx, stands, { kind, place, source, batchId }, sent.readings, randomUUID)
  })
})
