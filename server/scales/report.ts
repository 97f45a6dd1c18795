import { getHeader, setHeader, type H3Event } from 'h3'
import { readLimited, refusal, routeId } from '../utils/answers'
import { withDatabase } from '../utils/database'
import type { Database } from '../database/client'
import { scaleWaits, sourceWaits } from './rate'
import { isSigned } from './signature'

const REPORT_BYTES = 100_000

/** A report of a device under its key: no oftener than it may, signed; its text. */
export async function signedReport<D extends { readonly keyHex: string }>(
  event: H3Event,
  word: string,
  find: (database: Database, id: string) => Promise<D | undefined>,
): Promise<{ readonly device: D; readonly text: string }> {
  const id = routeId(event, 'id')
  mustWait(event, await sourceWaits(event.node.req.socket.remoteAddress ?? 'unknown'), 'This address')
  const text = await readLimited(event, REPORT_BYTES)
  const device = await withDatabase((database) => find(database, id))
  if (!device || !isSigned(device.keyHex, text, getHeader(event, 'x-signature') ?? ''))
    throw refusal(401, { field: 'x-signature', sentence: `The signature is not this ${word}’s.` })
  mustWait(event, await scaleWaits(id), `This ${word}`)
  return { device, text }
}

function mustWait(event: H3Event, seconds: number, who: string): void {
  if (seconds === 0) return
  setHeader(event, 'retry-after', seconds)
  throw refusal(429, { field: 'scale', sentence: `${who} reports too often: wait ${seconds} s.` })
}

/** Whether a report was sent before; refused where it comes out of order. */
export function isRepeated(sequence: number, last: number): boolean {
  if (sequence < last)
    throw refusal(409, {
      field: 'sequence',
      sentence: `Report ${sequence} comes after ${last}: it was sent before, or out of order.`,
    })
  return sequence === last
}
