import { randomUUID } from 'node:crypto'
import { defineEventHandler, setResponseStatus } from 'h3'
import { addKeeper, beginSession, hasKeepers, ownAll } from '../keepers/accounts'
import { hashPassphrase } from '../keepers/hash'
import { LIMITS, readValid, refusal } from '../utils/answers'
import { inOneTransaction } from '../utils/database'
import { hostOf, isLoopbackOnly, keepSession } from '../utils/keeper'

const CLOSED = {
  field: 'request',
  sentence: 'The first keeper is made once, on the machine that Duvet runs on; all others are invited.',
}

/** The first keeper, who owns every yard that is here: from then on one has to sign in. */
export default defineEventHandler(async (event) => {
  const { name, passphrase } = await readValid(event, 'newKeeper', LIMITS.editBytes)
  if (event.context.keeper !== null || !isLoopbackOnly()) throw refusal(403, CLOSED)
  const passHash = await hashPassphrase(passphrase)
  const now = new Date().toISOString()
  const id = randomUUID()
  const token = await inOneTransaction(async (tx) => {
    if (await hasKeepers(tx)) throw refusal(403, CLOSED)
    await addKeeper(tx, { id, name, passHash, now })
    await ownAll(tx, id, now)
    return beginSession(tx, id, hostOf(event), now)
  })
  await keepSession(event, token)
  setResponseStatus(event, 201)
  return { id, name: name.trim() }
})
