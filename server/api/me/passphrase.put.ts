import { defineEventHandler, getRequestIP } from 'h3'
import { endSessionsOf, keeperByName, setPassphrase } from '../../keepers/accounts'
import { hashPassphrase, isPassphrase } from '../../keepers/hash'
import { minutesToWait } from '../../keepers/tries'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { inOneTransaction, withDatabase } from '../../utils/database'

/** Another passphrase for who is signed in; every other device has to sign in again. */
export default defineEventHandler(async (event) => {
  const { keeper } = event.context
  if (!keeper) throw refusal(404, { field: 'request', sentence: 'Nobody has to sign in here.' })
  const { before, passphrase } = await readValid(event, 'passphrase', LIMITS.editBytes)
  const now = new Date().toISOString()
  const address = getRequestIP(event) ?? ''
  const wait = await inOneTransaction((tx) => minutesToWait(tx, keeper.name, address, now))
  if (wait > 0) throw refusal(429, { field: 'before', sentence: `Too many tries: wait ${wait} minutes.` })
  const known = await withDatabase((database) => keeperByName(database, keeper.name))
  if (!(await isPassphrase(known?.passHash, before)))
    throw refusal(422, { field: 'before', sentence: 'The passphrase that you have now is another one.' })
  const passHash = await hashPassphrase(passphrase)
  await inOneTransaction(async (tx) => {
    await setPassphrase(tx, keeper.id, passHash)
    await endSessionsOf(tx, keeper.id, now, keeper.sessionHash)
  })
  return { changed: true }
})
