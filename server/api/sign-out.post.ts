import { defineEventHandler } from 'h3'
import { endSession } from '../keepers/accounts'
import { inOneTransaction } from '../utils/database'
import { dropSession } from '../utils/keeper'

/** Signs out on this device: its cookie is worth nothing any more, wherever it is. */
export default defineEventHandler(async (event) => {
  const { keeper } = event.context
  if (keeper) await inOneTransaction((tx) => endSession(tx, keeper.sessionHash, new Date().toISOString()))
  await dropSession(event)
  return { signedOut: true }
})
