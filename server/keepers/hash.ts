import { createHash, randomBytes } from 'node:crypto'
import { hash, verify } from '@node-rs/argon2'

/** Argon2id (RFC 9106): so much memory and so many rounds that a try takes a machine of today a tenth of a second. */
const COST = { memoryCost: 131_072, timeCost: 4, parallelism: 1 } as const

/** The hash of a passphrase, with its salt and cost. */
export function hashPassphrase(passphrase: string): Promise<string> {
  return hash(passphrase.normalize('NFKC'), COST)
}

let nobodys: Promise<string> | undefined

/** Whether a passphrase is right. For a name that is not there the same work is done, so that no answer tells. */
export async function isPassphrase(passHash: string | undefined, passphrase: string): Promise<boolean> {
  nobodys ??= hashPassphrase(randomBytes(24).toString('hex'))
  const isRight = await verify(passHash ?? (await nobodys), passphrase.normalize('NFKC'))
  return isRight && passHash !== undefined
}

/** Something that nobody can guess, for a cookie or a link. */
export const newToken = () => randomBytes(32).toString('base64url')
/** What the database knows of it: who reads the database cannot use it. */
export const hashToken = (token: string) => createHash('sha256').update(token).digest('hex')
