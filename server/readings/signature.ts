import { createHmac, timingSafeEqual } from 'node:crypto'

/** The signature of a report: HMAC-SHA256 of its text with the device’s key, in hexadecimal (RFC 2104). */
function signatureOf(keyHex: string, text: string): string {
  return createHmac('sha256', Buffer.from(keyHex, 'hex')).update(text, 'utf8').digest('hex')
}

/** Compared in a time that does not tell how much of it was right. */
export function isSigned(keyHex: string, text: string, signature: string): boolean {
  const own = Buffer.from(signatureOf(keyHex, text), 'hex')
  const given = Buffer.from(/^[0-9a-f]{64}$/i.test(signature) ? signature : '', 'hex')
  return given.length === own.length && timingSafeEqual(own, given)
}
