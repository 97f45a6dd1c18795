import { setHeader, type H3Event } from 'h3'
import { LIMITS, readLimited, refusal } from '../utils/answers'
import { inWorker } from '../workers/pool'
import type { Printed } from '../workers/tasks'

/** Answers with what was sent as PDF; nothing is stored. */
export async function printAnswer(event: H3Event, shape: Printed): Promise<Buffer> {
  const text = await readLimited(event, LIMITS.sheetBytes)
  const printed = await inWorker('print', { shape, text })
  if (!printed.ok) throw refusal(printed.status, printed.problem)
  setHeader(event, 'content-type', 'application/pdf')
  return Buffer.from(printed.pdf)
}
