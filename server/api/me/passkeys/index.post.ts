import { verifyRegistrationResponse } from '@simplewebauthn/server'
import { defineEventHandler, setResponseStatus } from 'h3'
import { addPasskey, wasAskedFor } from '../../../keepers/passkeys'
import { LIMITS, readValid, refusal } from '../../../utils/answers'
import { inOneTransaction } from '../../../utils/database'
import { hostOf, originOf, whoIsIn } from '../../../utils/keeper'

const NOT_TAKEN = { field: 'made', sentence: 'This key was not taken: make it again, here and now.' }

/** Keeps a key that a device has made for who is signed in. */
export default defineEventHandler(async (event) => {
  const keeper = whoIsIn(event)
  const { made, device } = await readValid(event, 'newPasskey', LIMITS.editBytes)
  const now = new Date().toISOString()
  const { registrationInfo } = await verifyRegistrationResponse({
    response: made,
    expectedChallenge: (challenge) => inOneTransaction((tx) => wasAskedFor(tx, challenge, keeper.id, now)),
    expectedOrigin: originOf(event),
    expectedRPID: hostOf(event),
  }).catch(() => ({ registrationInfo: undefined }))
  if (!registrationInfo) throw refusal(422, NOT_TAKEN)
  const { id, publicKey, counter } = registrationInfo.credential
  const isKept = await inOneTransaction((tx) =>
    addPasskey(tx, {
      id,
      keeperId: keeper.id,
      publicKey: Buffer.from(publicKey).toString('base64url'),
      counter,
      transports: made.response.transports ?? [],
      host: hostOf(event),
      madeAt: now,
      device,
    }),
  )
  if (!isKept)
    throw refusal(422, { field: 'made', sentence: 'This key is kept already, or you have 20: drop one first.' })
  setResponseStatus(event, 201)
  return { id }
})
