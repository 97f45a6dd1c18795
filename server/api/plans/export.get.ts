import { defineEventHandler, setHeader } from 'h3'
import { planOf } from '#core/hive'
import { readYards } from '../../database/yards'
import { withDatabase } from '../../utils/database'

/** Everything as one plan file. */
export default defineEventHandler(async (event) => {
  const stored = await withDatabase(readYards)
  setHeader(event, 'content-disposition', 'attachment; filename="duvet-plan.json"')
  return planOf(stored.map(({ yard }) => yard))
})
