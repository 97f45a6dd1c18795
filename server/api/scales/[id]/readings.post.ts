import { randomUUID } from 'node:crypto'
import { defineEventHandler, getHeader, getRouterParam, setHeader } from 'h3'
import { scaleReportSchema } from '#wire/weigh-in-schema'
import { readWith } from '#wire/read'
import { findScale, noteSequence } from '../../../database/scales'
import { addWeighIns } from '../../../database/weigh-ins'
import { isSigned } from '../../../scales/signature'
import { mayReport } from '../../../scales/rate'
import { readLimited, refusal } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const REPORT_BYTES = 100_000

interface Report {
  readonly sequence: number
  readonly batteryPercent?: number
  readonly readings: readonly { readonly at: string; readonly kg: number }[]
}

/** What a scale sends: signed with its key, numbered in order, and no oftener than it may. */
export default defineEventHandler(async (event) => {
  const id = getRouterParam(event, 'id', { decode: true }) ?? ''
  const wait = await mayReport(id)
  if (wait > 0) {
    setHeader(event, 'retry-after', wait)
    throw refusal(429, { field: 'scale', sentence: `This scale reports too often: wait ${wait} s.` })
  }
  const text = await readLimited(event, REPORT_BYTES)
  return withDatabase(async (database) => {
    const scale = await findScale(database, id)
    if (!scale || !isSigned(scale.keyHex, text, getHeader(event, 'x-signature') ?? '')) throw refusal(401, { field: 'x-signature', sentence: 'The signature is not this scale’s.' })
    const report = parse(text)
    if (report.sequence === scale.lastSequence) return { added: 0, repeated: report.readings.length, sequence: scale.lastSequence }
    if (report.sequence < scale.lastSequence) throw refusal(409, { field: 'sequence', sentence: `Report ${report.sequence} comes after ${scale.lastSequence}: it was sent before, or out of order.` })
    const { added, repeated } = await addWeighIns(database, scale.hiveId, `scale:${id}`, report.readings.map((reading) => ({ ...reading, method: 'scale' as const })), randomUUID(), randomUUID)
    await noteSequence(database, id, report.sequence, report.batteryPercent ?? null, new Date().toISOString())
    return { added, repeated, sequence: report.sequence }
  })
})

function parse(text: string): Report {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    throw refusal(400, { field: 'body', sentence: 'What was sent is not JSON.' })
  }
  const read = readWith<Report>(scaleReportSchema, value)
  if (!read.ok) throw refusal(422, read.problem)
  return read.value
}
