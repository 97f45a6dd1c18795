import { defineEventHandler } from 'h3'
import type { BatchRemoved } from '#wire/answers'
import { setBatchRemoved, yardsOfBatch } from '../../readings/keep'
import { LIMITS, readValid, refusal, routeId } from '../../utils/answers'
import { mustPlay, plays } from '../../utils/keeper'
import { inOneTransaction } from '../../utils/database'

/** Takes a batch of readings away, or brings it back; nothing is lost. */
export default defineEventHandler(async (event): Promise<BatchRemoved> => {
  const { removed } = await readValid(event, 'removed', LIMITS.editBytes)
  const batchId = routeId(event, 'batchId')
  const readings = await inOneTransaction(async (tx) => {
    // Another yard may have a batch of this identity: each keeper's own are taken away.
    const named = await yardsOfBatch(tx, batchId)
    const own = named.filter((yardId) => plays(event, yardId, 'helper'))
    if (own.length === 0) for (const yardId of named) mustPlay(event, yardId, 'helper')
    return setBatchRemoved(tx, own, batchId, removed ? new Date().toISOString() : null)
  })
  if (readings === 0) throw refusal(404, { field: 'batchId', sentence: 'There is no such batch of readings here.' })
  return { removed, readings }
})
