import { defineEventHandler } from 'h3'
import type { Stopping } from '#wire/answers'
import { stopImport } from '../../../imports/running'
import { refusal, routeId } from '../../../utils/answers'

/** Stops bringing a file in; nothing of it is kept. */
export default defineEventHandler((event): Stopping => {
  if (!stopImport(routeId(event, 'importId')))
    throw refusal(404, { field: 'importId', sentence: 'This is not being brought in: it is done, or was never begun.' })
  return { stopping: true }
})
