import { randomBytes, randomUUID } from 'node:crypto'
import type { AddedDevice } from '#wire/answers'
import { readingKind } from '#wire/readings/kinds'
import { defineEventHandler, setResponseStatus } from 'h3'
import { hiveExists } from '../../database/yards'
import { addDevice } from '../../readings/devices'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { mustPlay } from '../../utils/keeper'
import { inOneTransaction } from '../../utils/database'

/** Sets a device up at a hive; its key is told once. */
export default defineEventHandler(async (event): Promise<AddedDevice> => {
  const sent = await readValid(event, 'device', LIMITS.editBytes)
  const place = sent.place ?? readingKind(sent.kind).places[0]
  const added = { ...sent, place, id: randomUUID(), keyHex: randomBytes(32).toString('hex') }
  mustPlay(event, sent.yardId, 'keeper')
  await inOneTransaction(async (tx) => {
    if (!(await hiveExists(tx, sent.yardId, sent.hiveId)))
      throw refusal(404, { field: 'hiveId', sentence: 'There is no such hive here.' })
    await addDevice(tx, added)
  })
  setResponseStatus(event, 201)
  return { id: added.id, key: added.keyHex }
})
