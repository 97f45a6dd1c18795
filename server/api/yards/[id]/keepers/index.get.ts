import { defineEventHandler } from 'h3'
import type { YardKeeper } from '#wire/keepers'
import { keepersOf } from '../../../../keepers/accounts'
import { routeId } from '../../../../utils/answers'
import { withDatabase } from '../../../../utils/database'

/** The keepers of a yard and the parts they play. */
export default defineEventHandler((event): Promise<YardKeeper[]> =>
  withDatabase((database) => keepersOf(database, routeId(event, 'id'))),
)
