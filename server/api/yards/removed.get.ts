import { defineEventHandler } from 'h3'
import type { RemovedYard } from '#wire/answers'
import { readRemoved } from '../../database/yards'
import { withDatabase } from '../../utils/database'

/** Yards that were taken away and can be brought back. */
export default defineEventHandler((): Promise<RemovedYard[]> => withDatabase(readRemoved))
