import { defineEventHandler, getQuery, getRouterParam } from 'h3'
import * as yup from 'yup'
import { readWith } from '#wire/read'
import { yardAt } from '../../../database/history'
import { refusal } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const querySchema = yup.object({ at: yup.string().required('at is missing: a moment such as 2026-05-31T22:00:00Z').matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/, 'at is not a moment such as 2026-05-31T22:00:00Z') })

/** A yard as it stood at a moment of the past. */
export default defineEventHandler(async (event) => {
  const query = readWith<{ at: string }>(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const yard = await withDatabase((database) => yardAt(database, getRouterParam(event, 'id', { decode: true }) ?? '', query.value.at))
  if (!yard) throw refusal(404, { field: 'id', sentence: 'This yard is not here.' })
  return yard
})
