import { defineEventHandler, setHeader } from 'h3'
import { PLAN_FORMAT, PLAN_VERSION } from '#core/hive'
import { yardTexts } from '../../database/yard-text'
import { withDatabase } from '../../utils/database'

/** Everything as one plan file. */
export default defineEventHandler(async (event) => {
  const stored = await withDatabase(yardTexts)
  setHeader(event, 'content-type', 'application/json')
  setHeader(event, 'content-disposition', 'attachment; filename="duvet-plan.json"')
  return `{"format":"${PLAN_FORMAT}","version":${PLAN_VERSION},"yards":[${stored.map(({ text }) => text).join(',')}]}`
})
