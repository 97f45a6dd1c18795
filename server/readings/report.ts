import { randomUUID } from 'node:crypto'
import { defineEventHandler, getHeader, setHeader, type H3Event } from 'h3'
import { withoutJumps } from '#core/heat'
import { parseJson } from '#wire/parse'
import { readWith } from '#wire/read'
import { readingKind, reportSchema, type DeviceReport } from '#wire/readings/kinds'
import { readLimited, refusal, routeId } from '../utils/answers'
import { inOneTransaction, withDatabase } from '../utils/database'
import { findDevice, noteReport, type DeviceRow } from './devices'
import { addReadings } from './keep'
import { deviceWaits, sourceWaits } from './rate'
import { isSigned } from './signature'

const REPORT_BYTES = 100_000

/** What a device sends: signed with its key, numbered in order; what a clock wrote that jumped is left out, and told. */
export const reportOfDevice = defineEventHandler(async (event) => {
  const { device, text } = await signedReport(event)
  const parsed = parseJson(text)
  if (!parsed.ok) throw refusal(400, parsed.problem)
  const read = readWith(reportSchema(device.kind), parsed.value)
  if (!read.ok) throw refusal(422, read.problem)
  return keep(device, read.value)
})

/** A report of a device under its key: no oftener than it may, signed; its text. */
async function signedReport(event: H3Event): Promise<{ readonly device: DeviceRow; readonly text: string }> {
  const id = routeId(event, 'id')
  mustWait(event, await sourceWaits(event.node.req.socket.remoteAddress ?? 'unknown'), 'This address')
  const text = await readLimited(event, REPORT_BYTES)
  const device = await withDatabase((database) => findDevice(database, id))
  const word = device ? readingKind(device.kind).device : 'device'
  if (!device || !isSigned(device.keyHex, text, getHeader(event, 'x-signature') ?? ''))
    throw refusal(401, { field: 'x-signature', sentence: `The signature is not this ${word}’s.` })
  mustWait(event, await deviceWaits(id), `This ${word}`)
  return { device, text }
}

function mustWait(event: H3Event, seconds: number, who: string): void {
  if (seconds === 0) return
  setHeader(event, 'retry-after', seconds)
  throw refusal(429, { field: 'device', sentence: `${who} reports too often: wait ${seconds} s.` })
}

/** A clock that is further ahead than this has jumped. */
const AHEAD_MS = 86_400_000

function keep({ id, yardId, hiveId, kind, place }: DeviceRow, { sequence, readings, batteryPercent }: DeviceReport) {
  return inOneTransaction(async (tx) => {
    if (isRepeated(sequence, (await findDevice(tx, id))?.lastSequence ?? -1))
      return { added: 0, repeated: readings.length, leftOut: 0, sequence }
    const now = Date.now()
    const { device, ofDevice } = readingKind(kind)
    const sound = withoutJumps(readings.filter(({ at }) => Date.parse(at) <= now + AHEAD_MS))
    const from = { kind, place, source: `${device}:${id}`, batchId: randomUUID() }
    const { added, repeated } = await addReadings(tx, { yardId, hiveId }, from, sound.map(ofDevice), randomUUID)
    await noteReport(tx, id, {
      lastSequence: sequence,
      batteryPercent: batteryPercent ?? null,
      seenAt: new Date(now).toISOString(),
    })
    return { added, repeated, leftOut: readings.length - sound.length, sequence }
  })
}

/** Whether a report was sent before; refused where it comes out of order. */
function isRepeated(sequence: number, last: number): boolean {
  if (sequence < last)
    throw refusal(409, {
      field: 'sequence',
      sentence: `Report ${sequence} comes after ${last}: it was sent before, or out of order.`,
    })
  return sequence === last
}
