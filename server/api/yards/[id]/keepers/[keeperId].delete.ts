import { defineEventHandler } from 'h3'
import { endSessionsOf, takeFromYard } from '../../../../keepers/accounts'
import { mustStayOwned } from '../../../../keepers/owned'
import { routeId } from '../../../../utils/answers'
import { inOneTransaction } from '../../../../utils/database'

/** Takes somebody out of a yard: wherever that keeper was signed in, one has to sign in again. */
export default defineEventHandler(async (event) => {
  const [yardId, keeperId] = [routeId(event, 'id'), routeId(event, 'keeperId')]
  await inOneTransaction(async (tx) => {
    await mustStayOwned(tx, yardId, keeperId, undefined)
    await takeFromYard(tx, yardId, keeperId)
    await endSessionsOf(tx, keeperId, new Date().toISOString())
  })
  return { removed: true }
})
