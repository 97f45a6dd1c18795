import type { ServerAnswer } from './ask'
import { server } from './server'

// A key of the device in the place of the passphrase, where the browser has them.

/** No key is made for a bare number: an address such as 192.168.1.20 has no name that it could be for. */
const isNumber = (host: string) => /^[\d.]+$|:/.test(host)

/** Whether this browser has keys for this address. */
export function hasPasskeys(): boolean {
  return typeof PublicKeyCredential === 'function' && !isNumber(location.hostname)
}

const GIVEN_UP = 'No key was used: the device was not asked, or it was called off. The passphrase is good as well.'

/** Makes a key on this device for who is signed in; a sentence where it was not. */
export async function makePasskey(device: string): Promise<string> {
  const options = await server.newPasskeyOptions()
  if (!options.ok) return options.problem.sentence
  try {
    const { startRegistration } = await import('@simplewebauthn/browser')
    const answer = await server.addPasskey(await startRegistration({ optionsJSON: options.value }), device)
    return answer.ok ? '' : answer.problem.sentence
  } catch {
    return GIVEN_UP
  }
}

/** Signs in with a key of this device. */
export async function usePasskey(): Promise<ServerAnswer<{ readonly name: string }>> {
  const options = await server.passkeyOptions()
  if (!options.ok) return options
  try {
    const { startAuthentication } = await import('@simplewebauthn/browser')
    return await server.signInByPasskey(await startAuthentication({ optionsJSON: options.value }))
  } catch {
    return { ok: false, status: 422, problem: { field: 'signed', sentence: GIVEN_UP } }
  }
}
