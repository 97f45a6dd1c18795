import { defineEventHandler } from 'h3'
import type { BookKept } from '#wire/answers'
import { appendEntries, EntriesRefused } from '../../../../database/book'
import { LIMITS, readValid, refusal, routeId } from '../../../../utils/answers'
import { plays } from '../../../../utils/keeper'
import { withDatabase } from '../../../../utils/database'

/** Adds entries to the book of a yard, all of them or none. */
export default defineEventHandler(async (event): Promise<BookKept> => {
  const yardId = routeId(event, 'id')
  const { entries } = await readValid(event, 'sentEntries', LIMITS.editBytes)
  return withDatabase((database) =>
    appendEntries(database, yardId, entries, new Date().toISOString(), {
      keeper: event.context.keeper ?? null,
      plays: (id, part) => plays(event, id, part),
    }),
  ).catch((error: unknown) => {
    if (!(error instanceof EntriesRefused)) throw error
    throw refusal(error.status, { field: error.field, sentence: error.sentence })
  })
})
