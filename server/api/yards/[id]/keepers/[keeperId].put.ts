import { defineEventHandler } from 'h3'
import { setPart } from '../../../../keepers/accounts'
import { mustStayOwned } from '../../../../keepers/owned'
import { LIMITS, readValid, routeId } from '../../../../utils/answers'
import { inOneTransaction } from '../../../../utils/database'

/** Another part for a keeper of a yard. */
export default defineEventHandler(async (event) => {
  const { part } = await readValid(event, 'played', LIMITS.editBytes)
  const [yardId, keeperId] = [routeId(event, 'id'), routeId(event, 'keeperId')]
  await inOneTransaction(async (tx) => {
    await mustStayOwned(tx, yardId, keeperId, part)
    await setPart(tx, yardId, keeperId, part, new Date().toISOString())
  })
  return { part }
})
