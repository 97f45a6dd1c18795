import { defineEventHandler, getQuery, setHeader } from 'h3'
import { readerSchema } from '#wire/assess-request'
import { readWith } from '#wire/read'
import { LIMITS, readLimited, refusal } from '../utils/answers'
import { inWorker } from '../workers/pool'

/** Every hive of a plan file assessed; nothing is stored. */
export default defineEventHandler(async (event) => {
  const query = readWith(readerSchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const text = await readLimited(event, LIMITS.planBytes)
  const assessed = await inWorker('assess', {
    text,
    reader: { units: query.value.units ?? 'mm', vocabulary: query.value.words ?? 'british' },
  })
  if (!assessed.ok) throw refusal(assessed.status, assessed.problem)
  setHeader(event, 'content-type', 'application/json')
  return assessed.json
})
