import { defineEventHandler } from 'h3'
import { beginSession, keeperByName } from '../keepers/accounts'
import { isPassphrase } from '../keepers/hash'
import { forgetTries } from '../keepers/tries'
import { LIMITS, readValid, refusal } from '../utils/answers'
import { inOneTransaction, withDatabase } from '../utils/database'
import { hostOf, keepSession } from '../utils/keeper'
import { addressOf, letTry } from '../utils/tries'

/** Signs a keeper in on a device. No answer tells whether a name is here. */
export default defineEventHandler(async (event) => {
  const { name, passphrase } = await readValid(event, 'signIn', LIMITS.editBytes)
  const now = new Date().toISOString()
  const address = addressOf(event)
  await letTry(event, { name, address }, 'name', now)
  const known = await withDatabase((database) => keeperByName(database, name))
  if (!(await isPassphrase(known?.passHash, passphrase)) || !known)
    throw refusal(422, { field: 'passphrase', sentence: 'The name or the passphrase is not right.' })
  const token = await inOneTransaction(async (tx) => {
    await forgetTries(tx, name, address)
    return beginSession(tx, known.id, hostOf(event), now)
  })
  await keepSession(event, token)
  return { id: known.id, name: known.name }
})
