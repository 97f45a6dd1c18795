import { defineEventHandler } from 'h3'
import { dropPasskey } from '../../../keepers/passkeys'
import { refusal, routeId } from '../../../utils/answers'
import { inOneTransaction } from '../../../utils/database'
import { whoIsIn } from '../../../utils/keeper'

/** Forgets a key of who is signed in. */
export default defineEventHandler(async (event) => {
  const keeper = whoIsIn(event)
  const id = routeId(event, 'passkeyId')
  if (!(await inOneTransaction((tx) => dropPasskey(tx, keeper.id, id))))
    throw refusal(404, { field: 'passkeyId', sentence: 'You have no such key here.' })
  return { dropped: true }
})
