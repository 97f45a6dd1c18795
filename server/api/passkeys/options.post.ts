import { generateAuthenticationOptions } from '@simplewebauthn/server'
import { defineEventHandler } from 'h3'
import { askFor } from '../../keepers/passkeys'
import { inOneTransaction } from '../../utils/database'
import { hostOf } from '../../utils/keeper'
import { addressOf, letTry } from '../../utils/tries'

/** What a device needs to sign in with its key; the same for everybody, so that it tells of nobody. */
export default defineEventHandler(async (event) => {
  const now = new Date().toISOString()
  // Of no name: who asks in vain does not shut the others out.
  await letTry(event, { address: addressOf(event) }, 'signed', now)
  const options = await generateAuthenticationOptions({ rpID: hostOf(event), userVerification: 'required' })
  await inOneTransaction((tx) => askFor(tx, options.challenge, '', now))
  return options
})
