import { createError, getRouterParam, type H3Event } from 'h3'
import { PLAN_LIMITS } from '#core/yard'
import { oneLine } from '#wire/problem'
import type { Problem } from '#wire/read'
import type { CheckedShape, Shapes } from '#wire/shapes'
import { readShape } from '../workers/shapes'
import { inWorker } from '../workers/pool'

/** An error that the client sees: the field, and the sentence a person needs. */
export function refusal(statusCode: number, problem: Problem, more: Record<string, unknown> = {}) {
  return createError({
    statusCode,
    statusMessage: 'Refused',
    data: { field: problem.field, sentence: oneLine(problem.sentence), ...more },
  })
}

export const LIMITS = { editBytes: 5_000_000, planBytes: PLAN_LIMITS.fileBytes, sheetBytes: 8_000_000 } as const
/** A text up to here is looked through at once; a longer one elsewhere, so that nobody waits for it. */
const AT_ONCE_BYTES = 40_000
/**
 * What is still read of a body that is too long, so that the answer reaches who sends it; beyond it the line is cut.
 */
const MOST_DRAINED_BYTES = 300_000_000
const MOST_DRAINED_MS = 30_000

/** An identity in an address; undefined and broken encodings are an empty text. */
export function routeId(event: H3Event, name: string): string {
  try {
    return getRouterParam(event, name, { decode: true }) ?? ''
  } catch {
    return ''
  }
}

/**
 * The text of a request. One that is longer than the limit is not kept: the rest of it is let go by, then refused.
 */
export async function readLimited(event: H3Event, maxBytes: number): Promise<string> {
  const until = performance.now() + MOST_DRAINED_MS
  let chunks: Buffer[] = []
  let bytes = 0
  for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
    bytes += chunk.length
    if (bytes <= maxBytes) chunks.push(chunk)
    else chunks = []
    if (bytes > MOST_DRAINED_BYTES || (bytes > maxBytes && performance.now() > until)) break
  }
  if (bytes > maxBytes) {
    event.node.res.setHeader('connection', 'close')
    throw refusal(413, {
      field: 'body',
      sentence: `What was sent is larger than ${maxBytes / 1_000_000} MB: send less at a time.`,
    })
  }
  return Buffer.concat(chunks).toString('utf8')
}

/** A text as JSON of a shape, or 400 and 422 with the reason. */
function mustRead<K extends CheckedShape>(shape: K, text: string): Shapes[K] {
  const read = readShape(shape, text)
  if (!read.ok) throw refusal(read.status, read.problem)
  return read.value
}

/** A JSON request of the shape that a schema asks for, or 400 and 422 with the reason. */
export async function readValid<K extends CheckedShape>(
  event: H3Event,
  shape: K,
  maxBytes: number,
): Promise<Shapes[K]> {
  const text = await readLimited(event, maxBytes)
  if (text.length > AT_ONCE_BYTES) {
    const checked = await inWorker('check', { shape, text })
    if (!checked.ok) throw refusal(checked.status, checked.problem)
    const value: Shapes[K] = JSON.parse(text)
    return value
  }
  return mustRead(shape, text)
}
