import { defineEventHandler, getQuery, getRouterParam } from 'h3'
import * as yup from 'yup'
import { readWith } from '#wire/read'
import { latestWeighIns, weighInSeries } from '../../../database/weigh-ins'
import { scalesOf } from '../../../database/scales'
import { refusal } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

const query = yup.object({ points: yup.number().transform((_value, text) => Number(text)).integer('points is no whole number').min(3).max(5000, 'points is above 5000').default(800) })

/** The weighings of a hive: the series thinned for a chart, the newest in full, and its scales. */
export default defineEventHandler(async (event) => {
  const hiveId = getRouterParam(event, 'id', { decode: true }) ?? ''
  const given = getQuery(event).points
  const read = readWith<{ points: number }>({ validateSync: (value) => query.validateSync(value) }, given === undefined ? {} : { points: given })
  if (!read.ok) throw refusal(422, read.problem)
  return withDatabase(async (database) => ({ series: await weighInSeries(database, hiveId, read.value.points), latest: await latestWeighIns(database, hiveId, 30), scales: await scalesOf(database, hiveId) }))
})
