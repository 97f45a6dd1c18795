import { generateRegistrationOptions } from '@simplewebauthn/server'
import { defineEventHandler } from 'h3'
import { askFor, passkeysOf } from '../../../keepers/passkeys'
import { inOneTransaction, withDatabase } from '../../../utils/database'
import { hostOf, whoIsIn } from '../../../utils/keeper'

/** What a device needs to make a key for who is signed in. */
export default defineEventHandler(async (event) => {
  const keeper = whoIsIn(event)
  const known = await withDatabase((database) => passkeysOf(database, keeper.id))
  const options = await generateRegistrationOptions({
    rpName: 'Duvet',
    rpID: hostOf(event),
    userName: keeper.name,
    userID: new TextEncoder().encode(keeper.id),
    attestationType: 'none',
    excludeCredentials: known.map(({ id }) => ({ id })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  })
  await inOneTransaction((tx) => askFor(tx, options.challenge, keeper.id, new Date().toISOString()))
  return options
})
