import { randomBytes, randomUUID } from 'node:crypto'
import type { AddedScale } from '#wire/answers'
import { defineEventHandler, setResponseStatus } from 'h3'
import { addScale } from '../../database/scales'
import { hiveExists } from '../../database/yards'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { mustPlay } from '../../utils/keeper'
import { inOneTransaction } from '../../utils/database'

/** Sets a scale up under a hive; its key is told once. */
export default defineEventHandler(async (event): Promise<AddedScale> => {
  const { yardId, hiveId, name } = await readValid(event, 'scale', LIMITS.editBytes)
  const scale = { id: randomUUID(), yardId, hiveId, name, keyHex: randomBytes(32).toString('hex') }
  mustPlay(event, yardId, 'keeper')
  await inOneTransaction(async (tx) => {
    if (!(await hiveExists(tx, yardId, hiveId)))
      throw refusal(404, { field: 'hiveId', sentence: 'There is no such hive here.' })
    await addScale(tx, scale)
  })
  setResponseStatus(event, 201)
  return { id: scale.id, key: scale.keyHex }
})
