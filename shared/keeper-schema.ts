import { PLAN_LIMITS } from '#core/yard'
import { oneOf, record, someOf, text } from './fields'
import { NAME_MOST, PASSPHRASE, PLAYED } from './keepers'
import * as yup from './yup'

const name = () =>
  yup
    .string()
    .strict()
    .required('name is empty: how the others call you')
    .max(NAME_MOST, `name may have ${NAME_MOST} characters at most`)
    .matches(/\S/, 'name is empty: how the others call you')
const passphrase = () =>
  yup
    .string()
    .strict()
    .required('passphrase is empty: some words that only you know')
    .min(PASSPHRASE.least, `passphrase has fewer than ${PASSPHRASE.least} characters: take some words more`)
    .max(PASSPHRASE.most, `passphrase has more than ${PASSPHRASE.most} characters`)
/** One that is tried may be anything: only who made it knows what it was to be. */
const tried = () => yup.string().strict().required('passphrase is empty').max(PASSPHRASE.most)
const token = () => yup.string().strict().required('token is missing').max(100)

/** What a keeper is called and says, each alone, for a form. */
export const keeperFields = { name: name(), passphrase: passphrase() }

export const signInSchema = record({
  name: yup.string().strict().required('name is empty').max(200),
  passphrase: tried(),
})
export const newKeeperSchema = record({ name: name(), passphrase: passphrase() })
export const joinSchema = record({
  token: token(),
  name: name().optional(),
  passphrase: passphrase().optional(),
})
export const playedSchema = record({ part: oneOf(PLAYED) })
/** An invitation to a yard, and to others of the same owner. */
export const inviteSchema = record({ part: oneOf(PLAYED), also: someOf(text(100, 1), PLAN_LIMITS.yards) })
export const passphraseSchema = record({ before: tried(), passphrase: passphrase() })
/** What signs a keeper in. */
export type SignIn = yup.InferType<typeof signInSchema>
/** A first keeper as it is sent. */
export type NewKeeper = yup.InferType<typeof newKeeperSchema>
/** What takes an invitation up. */
export type Join = yup.InferType<typeof joinSchema>
/** An invitation as it is asked for. */
export type InviteSent = yup.InferType<typeof inviteSchema>
/** A part that somebody is to play. */
export type PlayedSent = yup.InferType<typeof playedSchema>
/** Another passphrase, with the one that is had. */
export type NewPassphrase = yup.InferType<typeof passphraseSchema>

/** Bytes as a device sends them. */
const bytes = (most = 20_000) =>
  yup
    .string()
    .strict()
    .required('${path} is missing')
    .max(most)
    .matches(/^[\w-]*={0,2}$/, '${path} is no base64url')
/** An object with these fields; a browser may send others beside them. */
const open = <T extends yup.ObjectShape>(shape: T) =>
  yup.object(shape).strict().default(undefined).required('${path} is missing')
const signed = {
  id: bytes(1500),
  rawId: bytes(1500),
  type: oneOf(['public-key']),
  clientExtensionResults: open({}),
}
/** How a device reaches a key. */
const TRANSPORTS = ['ble', 'cable', 'hybrid', 'internal', 'nfc', 'smart-card', 'usb'] as const
/** A key that a device has made. */
export const newPasskeySchema = record({
  device: text(60),
  made: open({
    ...signed,
    response: open({
      clientDataJSON: bytes(),
      attestationObject: bytes(),
      transports: yup.array().strict().of(oneOf(TRANSPORTS)).max(10).optional(),
    }),
  }),
})
/** What a device has signed with its key. */
export const passkeySchema = record({
  signed: open({
    ...signed,
    response: open({
      clientDataJSON: bytes(),
      authenticatorData: bytes(),
      signature: bytes(),
      userHandle: bytes(1500).notRequired(),
    }),
  }),
})
/** A key of a device as the browser made it. */
export type NewPasskey = yup.InferType<typeof newPasskeySchema>
/** What a key of a device has signed. */
export type PasskeySigned = yup.InferType<typeof passkeySchema>
