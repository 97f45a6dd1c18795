import { getRequestIP, setHeader, type H3Event } from 'h3'
import { minutesToWait } from '../keepers/tries'
import { refusal } from './answers'
import { inOneTransaction } from './database'

/**
 * Counts a try of a name from where it comes, and refuses it with how long to wait where there were too many.
 * @returns the address that it comes from
 */
export async function letTry(event: H3Event, name: string, field: string, now: string): Promise<string> {
  const address = getRequestIP(event) ?? ''
  const wait = await inOneTransaction((tx) => minutesToWait(tx, name, address, now))
  if (wait > 0) {
    setHeader(event, 'retry-after', wait * 60)
    throw refusal(429, { field, sentence: `Too many tries: wait ${wait} minutes, then try again.` })
  }
  return address
}
