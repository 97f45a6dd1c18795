import { eq } from 'drizzle-orm'
import { defineEventHandler } from 'h3'
import type { ImportAnswer } from '#wire/answers'
import { imports } from '../../../database/schema'
import { importProgress } from '../../../imports/running'
import { routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

/** How far bringing a file in has come, and what became of it when it is done. */
export default defineEventHandler(async (event): Promise<ImportAnswer> => {
  const importId = routeId(event, 'importId')
  const running = importProgress(importId)
  if (running) return running
  const [done] = await withDatabase((database) =>
    database.select({ result: imports.result }).from(imports).where(eq(imports.id, importId)),
  )
  return done
    ? { state: 'done', yards: done.result.length, of: done.result.length, imported: done.result }
    : { state: 'unknown', yards: 0, of: 0 }
})
