import { defineEventHandler, getQuery } from 'h3'
import { day } from '#wire/fields'
import type { ColonyEntries } from '#wire/answers'
import { readWith } from '#wire/read'
import * as yup from '#wire/yup'
import { colonyEntries } from '../../database/book-reads'
import { refusal } from '../../utils/answers'
import { withDatabase } from '../../utils/database'
import { plays } from '../../utils/keeper'

const querySchema = yup.object({ today: day().required('today is missing: the day where the yards are') })

/** What the books say of colonies that are dead, gone or closed, yard by yard. */
export default defineEventHandler(async (event): Promise<ColonyEntries> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const found = await withDatabase((database) => colonyEntries(database, query.value.today))
  return Object.fromEntries(Object.entries(found).filter(([yardId]) => plays(event, yardId, 'reader')))
})
