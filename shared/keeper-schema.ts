import { oneOf, record } from './fields'
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
export const passphraseSchema = record({ before: tried(), passphrase: passphrase() })
export type SignIn = yup.InferType<typeof signInSchema>
export type NewKeeper = yup.InferType<typeof newKeeperSchema>
export type Join = yup.InferType<typeof joinSchema>
export type PlayedSent = yup.InferType<typeof playedSchema>
export type NewPassphrase = yup.InferType<typeof passphraseSchema>
