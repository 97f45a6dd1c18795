import type { Json } from '../json-schema'
import { PLAYED } from '../keepers'
import { anything, flag, inPath, listOf, object, operation, text, yardId } from './operation'

const signedIn = object({ id: text, name: text })
const part = { enum: PLAYED } as const
const keeperId = inPath('keeperId')

/** Who keeps bees here, how they sign in, and who may do what in a yard. */
export const KEEPERS: Json = {
  '/api/me': {
    get: operation('whoAmI', 'Who is signed in, and the part played in each yard.', {
      answered: object({ on: flag, keeper: { type: ['object', 'null'] }, mayBegin: flag, plays: anything }),
      refused: [403],
    }),
  },
  '/api/me/passphrase': {
    put: operation('changePassphrase', 'Another passphrase; other devices sign in again.', {
      sent: 'passphrase',
      answered: object({ changed: flag }),
      refused: [401, 403, 422, 429],
    }),
  },
  '/api/me/passkeys': {
    get: operation('passkeys', 'Your keys.', { answered: listOf(anything), refused: [401, 403, 404] }),
    post: operation('addPasskey', 'Keeps a key that a device has made.', {
      sent: 'newPasskey',
      answered: object({ id: text }),
      code: 201,
      refused: [401, 403, 404, 422],
    }),
  },
  '/api/me/passkeys/options': {
    post: operation('newPasskeyOptions', 'What a device needs to make a key.', {
      answered: anything,
      refused: [401, 403, 404],
    }),
  },
  '/api/me/passkeys/{passkeyId}': {
    delete: operation('dropPasskey', 'Forgets a key.', {
      parameters: [inPath('passkeyId')],
      answered: object({ dropped: flag }),
      refused: [401, 403, 404],
    }),
  },
  '/api/passkeys/options': {
    post: operation('passkeyOptions', 'What a device needs to sign in with its key.', {
      answered: anything,
      refused: [403, 429],
    }),
  },
  '/api/passkeys/sign-in': {
    post: operation('signInByPasskey', 'Signs in with a key of the device.', {
      sent: 'passkey',
      answered: signedIn,
      refused: [403, 422],
    }),
  },
  '/api/sign-in': {
    post: operation('signIn', 'Signs in on this device.', {
      sent: 'signIn',
      answered: signedIn,
      refused: [403, 422, 429],
    }),
  },
  '/api/sign-out': {
    post: operation('signOut', 'Signs out on this device.', { answered: object({ signedOut: flag }), refused: [403] }),
  },
  '/api/keepers': {
    post: operation('beginKeeping', 'The first keeper, once, on this machine.', {
      sent: 'newKeeper',
      answered: signedIn,
      code: 201,
      refused: [403, 422],
    }),
  },
  '/api/join': {
    post: operation('join', 'Takes up an invitation.', {
      sent: 'join',
      answered: object({ yardId: text, part }),
      refused: [403, 422, 429],
    }),
  },
  '/api/join/look': {
    post: operation('lookAtInvitation', 'Who invites to which yard, and as what, before it is taken up.', {
      sent: 'join',
      answered: object({ yards: listOf(text), inviter: text, part, endsAt: text }),
      refused: [422, 429],
    }),
  },
  '/api/yards/{id}/keepers': {
    get: operation('listKeepers', 'The keepers of a yard.', {
      parameters: [yardId],
      answered: listOf(object({ id: text, name: text, part, since: text })),
      refused: [401, 403, 404],
    }),
  },
  '/api/yards/{id}/keepers/{keeperId}': {
    put: operation('setPart', 'Another part for a keeper.', {
      parameters: [yardId, keeperId],
      sent: 'played',
      answered: object({ part }),
      refused: [401, 403, 404, 422],
    }),
    delete: operation('removeKeeper', 'Takes a keeper out of a yard.', {
      parameters: [yardId, keeperId],
      answered: object({ removed: flag }),
      refused: [401, 403, 404, 422],
    }),
  },
  '/api/yards/{id}/invitations': {
    post: operation('invite', 'Invites somebody to this yard and to others of the same owner, for a day and for one.', {
      parameters: [yardId],
      sent: 'invite',
      answered: object({ token: text, endsAt: text }),
      code: 201,
      refused: [401, 403, 404, 422],
    }),
  },
}
