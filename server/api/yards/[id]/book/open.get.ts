import { defineEventHandler, getQuery } from 'h3'
import type { OpenBook } from '#wire/answers'
import { day } from '#wire/fields'
import { readWith } from '#wire/read'
import * as yup from '#wire/yup'
import { openBook } from '../../../../database/book-reads'
import { keepYard, readYardKept } from '../../../../database/yards'
import { lowBatteries } from '../../../../readings/devices'
import { outsideNow } from '../../../../readings/look-up'
import { refusal, routeId } from '../../../../utils/answers'
import { withDatabase } from '../../../../utils/database'

const querySchema = yup.object({ today: day().required('today is missing: the day where the yard is') })

/** What may still ask for something in a yard: what is due is worked out from it. */
export default defineEventHandler(async (event): Promise<OpenBook> => {
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const { today } = query.value
  return withDatabase(async (database) => {
    const stored = await readYardKept(database, database, routeId(event, 'id'))
    if (!stored) throw refusal(404, { field: 'id', sentence: 'There is no such yard here.' })
    keepYard(database, stored)
    const outside = await outsideNow(database, stored.yard.id, new Date())
    const devices = await lowBatteries(database, stored.yard.id)
    return { ...(await openBook(database, stored.yard, today)), devices, ...(outside ? { outside } : {}) }
  })
})
