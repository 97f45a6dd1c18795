import { createError, type H3Event } from 'h3'
import type { Schema } from 'yup'
import { readWith, type Problem } from '#wire/read'

/** An error that the client sees: the field, and the sentence a person needs. */
export function refusal(statusCode: number, problem: Problem, more: Record<string, unknown> = {}) {
  return createError({ statusCode, statusMessage: 'Refused', data: { ...problem, ...more } })
}

export const LIMITS = { editBytes: 5_000_000, planBytes: 20_000_000, sheetBytes: 2_000_000 } as const

/**
 * The text of a request, refused as soon as it is longer than the limit, before it is all in memory.
 */
export async function readLimited(event: H3Event, maxBytes: number): Promise<string> {
  const tooLarge = () => refusal(413, { field: 'body', sentence: `What was sent is larger than ${maxBytes / 1_000_000} MB: send less at a time.` })
  const announced = Number(event.node.req.headers['content-length'] ?? 0)
  if (announced > maxBytes) {
    event.node.res.setHeader('connection', 'close')
    throw tooLarge()
  }
  const chunks: Buffer[] = []
  let bytes = 0
  for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
    bytes += chunk.length
    if (bytes > maxBytes) {
      event.node.res.setHeader('connection', 'close')
      throw tooLarge()
    }
    chunks.push(chunk)
  }
  return Buffer.concat(chunks).toString('utf8')
}

/** A JSON request of the shape that a schema asks for, or 400 and 422 with the reason. */
export async function readValid<T>(event: H3Event, schema: Pick<Schema, 'validateSync'>, maxBytes: number): Promise<T> {
  const text = await readLimited(event, maxBytes)
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    throw refusal(400, { field: 'body', sentence: 'What was sent is not JSON.' })
  }
  const read = readWith<T>(schema, value)
  if (!read.ok) throw refusal(422, read.problem)
  return read.value
}
