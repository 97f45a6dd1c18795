import { defineEventHandler, getQuery, setHeader } from 'h3'
import { ENTRY_SORTS, type EntrySort } from '#core/book'
import { isOneOf } from '#core/units'
import { day } from '#wire/fields'
import { readWith } from '#wire/read'
import * as yup from '#wire/yup'
import { bookOfYard } from '../../../../database/book-reads'
import { yardExists } from '../../../../database/yards'
import { refusal, routeId } from '../../../../utils/answers'
import { withDatabase } from '../../../../utils/database'

const listed = (sorts: string | undefined): string[] => (sorts === undefined ? [] : sorts.split(','))
const querySchema = yup.object({
  from: day().required('from is missing: the first day'),
  to: day().required('to is missing: the last day'),
  sorts: yup
    .string()
    .optional()
    .test('sorts', `sorts is none of ${ENTRY_SORTS.join(', ')}, or several of them with commas`, (sorts) =>
      listed(sorts).every((sort) => isOneOf(ENTRY_SORTS, sort)),
    ),
})

/** What is current in the book of a yard between two days, oldest first; of some sorts, where they are named. */
export default defineEventHandler(async (event): Promise<string> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const yardId = routeId(event, 'id')
  const { from, to } = query.value
  const sorts = listed(query.value.sorts).filter((sort): sort is EntrySort => isOneOf(ENTRY_SORTS, sort))
  return withDatabase(async (database) => {
    if (!(await yardExists(database, yardId)))
      throw refusal(404, { field: 'id', sentence: 'There is no such yard here.' })
    setHeader(event, 'content-type', 'application/json')
    return bookOfYard(database, yardId, { from, to, sorts: sorts.length > 0 ? sorts : ENTRY_SORTS })
  })
})
