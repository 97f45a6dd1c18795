import { defineEventHandler } from 'h3'
import type { Entry } from '#core/book'
import { bookOfHive } from '../../../../../database/book-reads'
import { routeId } from '../../../../../utils/answers'
import { withDatabase } from '../../../../../utils/database'

/** The book of a hive: everything that was ever written of it, oldest first. */
export default defineEventHandler(async (event): Promise<Entry[]> =>
  withDatabase((database) => bookOfHive(database, routeId(event, 'id'), routeId(event, 'hiveId'))),
)
