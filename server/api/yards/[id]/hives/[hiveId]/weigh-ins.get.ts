import { defineEventHandler, getQuery } from 'h3'
import type { HiveWeighIns } from '#wire/answers'
import * as yup from '#wire/yup'
import { readWith } from '#wire/read'
import { boxesChangedAfter } from '../../../../../database/history'
import { latestWeighIns, weighInSeries } from '../../../../../database/weigh-ins'
import { scalesOf } from '../../../../../database/scales'
import { refusal, routeId } from '../../../../../utils/answers'
import { withDatabase } from '../../../../../utils/database'

const querySchema = yup.object({
  points: yup
    .string()
    .optional()
    .matches(/^([3-9]|[1-9]\d{1,2}|[1-4]\d{3}|5000)$/, 'points is not a whole number from 3 to 5000'),
})

/** The weighings of a hive: the series thinned for a chart, the newest in full, and its scales. */
export default defineEventHandler(async (event): Promise<HiveWeighIns> => {
  const hive = { yardId: routeId(event, 'id'), hiveId: routeId(event, 'hiveId') }
  const query = readWith(querySchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  return withDatabase(async (database) => {
    const latest = await latestWeighIns(database, hive, 30)
    const changedAt = latest[0] && (await boxesChangedAfter(database, hive.yardId, hive.hiveId, latest[0].at))
    return {
      series: await weighInSeries(database, hive, Number(query.value.points ?? 800)),
      latest,
      scales: await scalesOf(database, hive),
      boxesChangedAt: changedAt ?? null,
    }
  })
})
