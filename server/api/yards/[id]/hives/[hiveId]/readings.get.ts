import { defineEventHandler, getQuery } from 'h3'
import type { HiveReadings } from '#wire/answers'
import { readingKind, readingKindField } from '#wire/readings/kinds'
import { readWith } from '#wire/read'
import * as yup from '#wire/yup'
import { boxesChangedAfter } from '../../../../../database/history'
import { devicesOf } from '../../../../../readings/devices'
import { latestReadings, readingSeries } from '../../../../../readings/look-up'
import { refusal, routeId } from '../../../../../utils/answers'
import { withDatabase } from '../../../../../utils/database'

const querySchema = yup.object({
  kind: readingKindField(),
  points: yup
    .string()
    .optional()
    .matches(/^([3-9]|[1-9]\d{1,2}|[1-4]\d{3}|5000)$/, 'points is not a whole number from 3 to 5000'),
})
/** Points of a series: enough for a chart; and readings in full. */
const USUAL_POINTS = 800
const NEWEST = 30

/** What was read of a hive: its series thinned for a chart, the newest in full, and its devices. */
export default defineEventHandler(async (event): Promise<HiveReadings> => {
  const hive = { yardId: routeId(event, 'id'), hiveId: routeId(event, 'hiveId') }
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const { kind, points } = query.value
  return withDatabase(async (database) => {
    const latest = await latestReadings(database, hive, kind, NEWEST)
    // The log is gone back through only for what hangs on the boxes.
    const since = readingKind(kind).isOfBoxes ? latest[0]?.at : undefined
    const changedAt = since && (await boxesChangedAfter(database, hive.yardId, hive.hiveId, since))
    return {
      series: await readingSeries(database, hive, kind, Number(points ?? USUAL_POINTS)),
      latest,
      devices: await devicesOf(database, hive, kind),
      boxesChangedAt: changedAt ?? null,
    }
  })
})
