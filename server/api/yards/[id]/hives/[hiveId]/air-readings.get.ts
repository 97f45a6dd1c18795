import { defineEventHandler } from 'h3'
import type { HiveAir } from '#wire/answers'
import { airSeries } from '../../../../../database/air-readings'
import { sensorsOf } from '../../../../../database/sensors'
import { routeId } from '../../../../../utils/answers'
import { withDatabase } from '../../../../../utils/database'

/** Points of a series: enough for a chart. */
const MOST_POINTS = 800

/** The air of a hive: its readings place by place, thinned for a chart, the newest in full, and its sensors. */
export default defineEventHandler(async (event): Promise<HiveAir> => {
  const hive = { yardId: routeId(event, 'id'), hiveId: routeId(event, 'hiveId') }
  return withDatabase(async (database) => ({
    series: await airSeries(database, hive, MOST_POINTS),
    sensors: await sensorsOf(database, hive),
  }))
})
