import { getRequestIP, setHeader, type H3Event } from 'h3'
import { LIMITS, readLimited, refusal } from '../utils/answers'
import { inWorker } from '../workers/pool'
import type { Printed } from '../workers/tasks'

/** Who has something printed now: one at a time each. */
const printing = new Set<string>()

/** Answers with what was sent as PDF; nothing is stored. It ends where nobody waits for it any more. */
export async function printAnswer(event: H3Event, shape: Printed): Promise<Buffer> {
  const text = await readLimited(event, LIMITS.sheetBytes)
  const who = event.context.keeper?.id ?? getRequestIP(event) ?? ''
  if (printing.has(who))
    throw refusal(503, {
      field: 'request',
      sentence: 'Something of yours is being printed: wait for it, or cancel it.',
    })
  printing.add(who)
  const gone = new AbortController()
  const end = () => {
    if (!event.node.res.writableEnded) gone.abort()
  }
  event.node.res.once('close', end)
  try {
    const printed = await inWorker('print', { shape, text }, { gone: gone.signal })
    if (!printed.ok) throw refusal(printed.status, printed.problem)
    setHeader(event, 'content-type', 'application/pdf')
    return Buffer.from(printed.pdf)
  } finally {
    event.node.res.off('close', end)
    printing.delete(who)
  }
}
