import { defineEventHandler, getQuery } from 'h3'
import type { LoggedEdit } from '#core/yard'
import * as yup from '#wire/yup'
import { readWith } from '#wire/read'
import { readLog, readLogSince } from '../../../database/log'
import { refusal, routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const querySchema = yup.object({
  limit: yup
    .string()
    .optional()
    .matches(/^[1-9]\d{0,2}$/, 'limit is not a whole number from 1 to 999'),
  since: yup
    .string()
    .optional()
    .matches(/^\d{1,9}$/, 'since is not a revision: a whole number'),
})

/** The newest entries of a yard's log, or all since a revision, oldest first. */
export default defineEventHandler(async (event): Promise<LoggedEdit[]> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const yardId = routeId(event, 'id')
  const { since, limit } = query.value
  return withDatabase((database) =>
    since === undefined
      ? readLog(database, yardId, Number(limit ?? 200))
      : readLogSince(database, yardId, Number(since)),
  )
})
