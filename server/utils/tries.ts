import { getRequestIP, setHeader, type H3Event } from 'h3'
import { minutesToWait, type Tried } from '../keepers/tries'
import { refusal } from './answers'
import { inOneTransaction } from './database'

export const addressOf = (event: H3Event): string => getRequestIP(event) ?? ''

/** Counts a try of a name, from where it comes, and refuses it with how long to wait where there were too many. */
export async function letTry(event: H3Event, tried: Tried, field: string, now: string): Promise<void> {
  const wait = await inOneTransaction((tx) => minutesToWait(tx, tried, now))
  if (wait === 0) return
  setHeader(event, 'retry-after', wait * 60)
  throw refusal(429, { field, sentence: `Too many tries: wait ${wait} minutes, then try again.` })
}
