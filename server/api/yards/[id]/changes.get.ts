import { defineEventHandler, getQuery } from 'h3'
import type { HiveChange } from '#core/yard'
import * as yup from '#wire/yup'
import { readWith } from '#wire/read'
import { hiveChanges } from '../../../database/history'
import { refusal, routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const MOST_CHANGES = 300
const querySchema = yup.object({
  hive: yup.string().required('hive is missing: the identity of a hive').max(100, 'hive has more than 100 characters'),
})

/** What was changed about a hive, when and on which device, newest first. */
export default defineEventHandler(async (event): Promise<HiveChange[]> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const changes = await withDatabase((database) =>
    hiveChanges(database, routeId(event, 'id'), query.value.hive, MOST_CHANGES),
  )
  if (!changes) throw refusal(404, { field: 'id', sentence: 'This yard is not here.' })
  return changes
})
