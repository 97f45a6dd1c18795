import { defineEventHandler } from 'h3'
import { endSessionsOf, keeperByName, setPassphrase } from '../../keepers/accounts'
import { hashPassphrase, isPassphrase } from '../../keepers/hash'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { inOneTransaction, withDatabase } from '../../utils/database'
import { whoIsIn } from '../../utils/keeper'
import { addressOf, letTry } from '../../utils/tries'

/** Another passphrase for who is signed in; every other device has to sign in again. */
export default defineEventHandler(async (event) => {
  const keeper = whoIsIn(event)
  const { before, passphrase } = await readValid(event, 'passphrase', LIMITS.editBytes)
  const now = new Date().toISOString()
  await letTry(event, { name: keeper.name, address: addressOf(event) }, 'before', now)
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
