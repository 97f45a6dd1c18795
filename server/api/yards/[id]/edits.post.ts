import { defineEventHandler } from 'h3'
import type { Overtaking } from '#core/hive'
import type { Saved } from '#wire/answers'
import { commitEdits } from '../../../database/commit'
import { LIMITS, readValid, refusal, routeId } from '../../../utils/answers'
import { withDatabase } from '../../../utils/database'

/** Edits made on a revision: saved, or refused with what stands now. */
export default defineEventHandler(async (event): Promise<Saved> => {
  const yardId = routeId(event, 'id')
  const submission = await readValid(event, 'submission', LIMITS.editBytes)
  const committed = await withDatabase((database) =>
    commitEdits(database, yardId, submission, new Date().toISOString()),
  )
  switch (committed.outcome) {
    case 'saved':
      return { revision: committed.revision }
    case 'no-yard':
      throw refusal(404, { field: 'id', sentence: 'There is no such yard here.' })
    case 'refused':
      throw refusal(422, { field: 'edits', sentence: committed.sentence }, { editId: committed.editId })
    case 'stale':
      throw refusal(
        409,
        { field: 'baseRevision', sentence: 'The yard was changed elsewhere since these edits were made.' },
        { revision: committed.revision, yard: committed.yard, since: committed.since } satisfies Overtaking,
      )
  }
})
