import { defineEventHandler } from 'h3'
import type { RemovedYard } from '#wire/answers'
import { readRemoved } from '../../database/yards'
import { withDatabase } from '../../utils/database'
import { plays } from '../../utils/keeper'

/** Yards that were taken away and can be brought back. */
export default defineEventHandler(async (event): Promise<RemovedYard[]> =>
  (await withDatabase(readRemoved)).filter(({ id }) => plays(event, id, 'owner')),
)
