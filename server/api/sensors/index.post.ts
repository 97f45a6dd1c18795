import { randomBytes, randomUUID } from 'node:crypto'
import type { AddedScale } from '#wire/answers'
import { defineEventHandler, setResponseStatus } from 'h3'
import { addSensor } from '../../database/sensors'
import { hiveExists } from '../../database/yards'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { mustPlay } from '../../utils/keeper'
import { inOneTransaction } from '../../utils/database'

/** Sets a sensor up in a hive or beside it; its key is told once. */
export default defineEventHandler(async (event): Promise<AddedScale> => {
  const sensor = await readValid(event, 'sensor', LIMITS.editBytes)
  const added = { ...sensor, id: randomUUID(), keyHex: randomBytes(32).toString('hex') }
  mustPlay(event, sensor.yardId, 'keeper')
  await inOneTransaction(async (tx) => {
    if (!(await hiveExists(tx, sensor.yardId, sensor.hiveId)))
      throw refusal(404, { field: 'hiveId', sentence: 'There is no such hive here.' })
    await addSensor(tx, added)
  })
  setResponseStatus(event, 201)
  return { id: added.id, key: added.keyHex }
})
