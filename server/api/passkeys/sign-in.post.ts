import { verifyAuthenticationResponse } from '@simplewebauthn/server'
import { defineEventHandler } from 'h3'
import { beginSession } from '../../keepers/accounts'
import { countUse, passkeyNamed, wasAskedFor } from '../../keepers/passkeys'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { inOneTransaction, withDatabase } from '../../utils/database'
import { hostOf, keepSession, originOf } from '../../utils/keeper'

const NOT_KNOWN = { field: 'signed', sentence: 'This key is not known here: sign in with name and passphrase.' }

/** Signs a keeper in with a key of the device. */
export default defineEventHandler(async (event) => {
  const { signed } = await readValid(event, 'passkey', LIMITS.editBytes)
  const now = new Date().toISOString()
  const host = hostOf(event)
  const known = await withDatabase((database) => passkeyNamed(database, signed.id))
  if (known?.key.host !== host) throw refusal(422, NOT_KNOWN)
  const { userHandle, ...response } = signed.response
  const done = await verifyAuthenticationResponse({
    response: { ...signed, response: { ...response, ...(userHandle ? { userHandle } : {}) } },
    expectedChallenge: (challenge) => inOneTransaction((tx) => wasAskedFor(tx, challenge, '', now)),
    expectedOrigin: originOf(event),
    expectedRPID: host,
    credential: {
      id: known.key.id,
      publicKey: new Uint8Array(Buffer.from(known.key.publicKey, 'base64url')),
      counter: known.key.counter,
    },
  }).catch(() => undefined)
  if (!done?.verified) throw refusal(422, NOT_KNOWN)
  const token = await inOneTransaction(async (tx) => {
    await countUse(tx, known.key.id, done.authenticationInfo.newCounter)
    return beginSession(tx, known.key.keeperId, host, now)
  })
  await keepSession(event, token)
  return { id: known.key.keeperId, name: known.name }
})
