import { defineEventHandler, getQuery } from 'h3'
import type { LoggedEdit } from '#core/hive'
import * as yup from '#wire/yup'
import { readWith } from '#wire/read'
import { readLog } from '../../../database/log'
import { refusal, routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const querySchema = yup.object({
  limit: yup
    .string()
    .optional()
    .matches(/^[1-9]\d{0,2}$/, 'limit is not a whole number from 1 to 999'),
})

/** The newest entries of a yard's log, oldest first. */
export default defineEventHandler(async (event): Promise<LoggedEdit[]> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const yardId = routeId(event, 'id')
  return withDatabase((database) => readLog(database, yardId, Number(query.value.limit ?? 200)))
})
