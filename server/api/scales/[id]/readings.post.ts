import { randomUUID } from 'node:crypto'
import { defineEventHandler } from 'h3'
import type { ScaleReport } from '#wire/weigh-in-schema'
import { findScale, noteSequence, type Scale } from '../../../database/scales'
import { addWeighIns } from '../../../database/weigh-ins'
import { isRepeated, signedReport } from '../../../scales/report'
import { mustRead } from '../../../utils/answers'
import { inOneTransaction } from '../../../utils/database'

/** What a scale sends: signed with its key, numbered in order, and no oftener than it may. */
export default defineEventHandler(async (event) => {
  const { device, text } = await signedReport(event, 'scale', findScale)
  return keep(device, mustRead('scaleReport', text))
})

function keep({ id, yardId, hiveId }: Scale, report: ScaleReport) {
  return inOneTransaction(async (tx) => {
    const { sequence } = report
    if (isRepeated(sequence, (await findScale(tx, id))?.lastSequence ?? -1))
      return { added: 0, repeated: report.readings.length, sequence }
    const { added, repeated } = await addWeighIns(
      tx,
      { yardId, hiveId },
      `scale:${id}`,
      report.readings.map((reading) => ({ ...reading, method: 'scale' as const })),
      randomUUID(),
      randomUUID,
    )
    await noteSequence(tx, id, sequence, report.batteryPercent ?? null, new Date().toISOString())
    return { added, repeated, sequence }
  })
}
