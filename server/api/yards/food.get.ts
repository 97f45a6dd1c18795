import { defineEventHandler, getQuery } from 'h3'
import type { FoodBooks } from '#wire/answers'
import { day } from '#wire/fields'
import { readWith } from '#wire/read'
import * as yup from '#wire/yup'
import { foodBooks } from '../../database/food-books'
import { refusal } from '../../utils/answers'
import { withDatabase } from '../../utils/database'
import { plays } from '../../utils/keeper'

const querySchema = yup.object({ today: day().required('today is missing: the day where the yards are') })

/** What the food of hives is known from, yard by yard. */
export default defineEventHandler(async (event): Promise<FoodBooks> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  return withDatabase((database) => foodBooks(database, query.value.today, (yardId) => plays(event, yardId, 'reader')))
})
