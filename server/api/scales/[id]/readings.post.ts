import { randomUUID } from 'node:crypto'
import { defineEventHandler, getHeader, setHeader, type H3Event } from 'h3'
import type { ScaleReport } from '#wire/weigh-in-schema'
import { inTransaction } from '../../../database/client'
import { findScale, noteSequence, type Scale } from '../../../database/scales'
import { addWeighIns } from '../../../database/weigh-ins'
import { isSigned } from '../../../scales/signature'
import { scaleWaits, sourceWaits } from '../../../scales/rate'
import { mustRead, readLimited, refusal, routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const REPORT_BYTES = 100_000

/** What a scale sends: signed with its key, numbered in order, and no oftener than it may. */
export default defineEventHandler(async (event) => {
  const id = routeId(event, 'id')
  mustWait(event, await sourceWaits(event.node.req.socket.remoteAddress ?? 'unknown'), 'This address')
  const text = await readLimited(event, REPORT_BYTES)
  const scale = await withDatabase((database) => findScale(database, id))
  if (!scale || !isSigned(scale.keyHex, text, getHeader(event, 'x-signature') ?? ''))
    throw refusal(401, { field: 'x-signature', sentence: 'The signature is not this scale’s.' })
  mustWait(event, await scaleWaits(id), 'This scale')
  return keep(scale, mustRead('scaleReport', text))
})

function keep({ id, yardId, hiveId }: Scale, report: ScaleReport) {
  return withDatabase((database) =>
    inTransaction(database, async (tx) => {
      const last = (await findScale(tx, id))?.lastSequence ?? -1
      if (report.sequence === last) return { added: 0, repeated: report.readings.length, sequence: last }
      if (report.sequence < last)
        throw refusal(409, {
          field: 'sequence',
          sentence: `Report ${report.sequence} comes after ${last}: it was sent before, or out of order.`,
        })
      const { added, repeated } = await addWeighIns(
        tx,
        { yardId, hiveId },
        `scale:${id}`,
        report.readings.map((reading) => ({ ...reading, method: 'scale' as const })),
        randomUUID(),
        randomUUID,
      )
      await noteSequence(tx, id, report.sequence, report.batteryPercent ?? null, new Date().toISOString())
      return { added, repeated, sequence: report.sequence }
    }),
  )
}

function mustWait(event: H3Event, seconds: number, who: string): void {
  if (seconds === 0) return
  setHeader(event, 'retry-after', seconds)
  throw refusal(429, { field: 'scale', sentence: `${who} reports too often: wait ${seconds} s.` })
}
