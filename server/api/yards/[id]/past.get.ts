import { defineEventHandler, getQuery } from 'h3'
import type { Yard } from '#core/yard'
import * as yup from '#wire/yup'
import { isMoment } from '#wire/moments'
import { readWith } from '#wire/read'
import { yardAt } from '../../../database/history'
import { refusal, routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const querySchema = yup
  .object({
    at: yup
      .string()
      .optional()
      .test(
        'moment',
        'at is not a moment that there is, such as 2026-05-31T22:00:00Z',
        (value) => value === undefined || isMoment(value),
      ),
    revision: yup
      .string()
      .optional()
      .matches(/^\d{1,9}$/, 'revision is not a whole number'),
  })
  .test(
    'one',
    'at or revision is missing: a moment such as 2026-05-31T22:00:00Z, or the number of a revision',
    ({ at, revision }) => (at === undefined) !== (revision === undefined),
  )

/** A yard as it stood at a moment of the past, or after a revision. */
export default defineEventHandler(async (event): Promise<Yard> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const yard = await withDatabase((database) =>
    yardAt(
      database,
      routeId(event, 'id'),
      query.value.at !== undefined ? { at: query.value.at } : { revision: Number(query.value.revision) },
    ),
  )
  if (!yard) throw refusal(404, { field: 'id', sentence: 'This yard is not here.' })
  return yard
})
