import { randomUUID } from 'node:crypto'
import { defineEventHandler } from 'h3'
import { withoutJumps } from '#core/heat'
import type { SensorReport } from '#wire/air-reading-schema'
import { addAirReadings } from '../../../database/air-readings'
import { findSensor, noteSensor, type Sensor } from '../../../database/sensors'
import { isRepeated, signedReport } from '../../../scales/report'
import { mustRead } from '../../../utils/answers'
import { inOneTransaction } from '../../../utils/database'

/** A clock that is further ahead than this has jumped. */
const AHEAD_MS = 86_400_000

/** What a sensor sends: signed with its key, numbered in order; what a clock wrote that jumped is left out, and told. */
export default defineEventHandler(async (event) => {
  const { device, text } = await signedReport(event, 'sensor', findSensor)
  return keep(device, mustRead('sensorReport', text))
})

function keep({ id, yardId, hiveId, place }: Sensor, { sequence, readings, batteryPercent }: SensorReport) {
  return inOneTransaction(async (tx) => {
    if (isRepeated(sequence, (await findSensor(tx, id))?.lastSequence ?? -1))
      return { added: 0, repeated: readings.length, leftOut: 0, sequence }
    const now = Date.now()
    const sound = withoutJumps(readings.filter(({ at }) => Date.parse(at) <= now + AHEAD_MS))
    const { added, repeated } = await addAirReadings(
      tx,
      { yardId, hiveId },
      place,
      `sensor:${id}`,
      sound,
      randomUUID(),
      randomUUID,
    )
    await noteSensor(tx, id, sequence, batteryPercent ?? null, new Date(now).toISOString())
    return { added, repeated, leftOut: readings.length - sound.length, sequence }
  })
}
