import { fieldOf } from '#core/units'
import type { H3Error, H3Event } from 'h3'

/** Answers every error with its field and sentence and nothing of the inside: no stack, no path. */
export default function answerError(error: H3Error, event: H3Event) {
  const status = error.statusCode || 500
  const known: unknown = error.data
  const isTold = typeof fieldOf(known, 'sentence') === 'string'
  if (status >= 500 && !isTold) console.error(error)
  const body = isTold ? { ...Object(known) } : { field: 'request', sentence: sentenceFor(status) }
  if (event.node.res.headersSent) return event.node.res.end()
  event.node.res.statusCode = status
  event.node.res.setHeader('content-type', 'application/json')
  event.node.res.setHeader('cache-control', 'no-store')
  event.node.res.end(JSON.stringify({ statusCode: status, ...body }))
}

function sentenceFor(status: number): string {
  if (status === 404) return 'There is nothing at this address.'
  if (status === 405) return 'This address does not take that kind of request.'
  return status < 500 ? 'The request could not be understood.' : 'The server could not do this; the data is as it was.'
}
