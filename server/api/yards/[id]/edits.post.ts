import { defineEventHandler, type H3Event } from 'h3'
import { isEdit, isHelpersEdit, leavesOf, type Overtaking } from '#core/yard'
import { mayHelperMake } from '#core/year'
import type { Saved } from '#wire/answers'
import type { Submission } from '#wire/edit-schema'
import { commitEdits } from '../../../database/commit'
import { LIMITS, readValid, refusal, routeId } from '../../../utils/answers'
import { turnsOnce, withDatabase } from '../../../utils/database'
import { mustPlay, plays } from '../../../utils/keeper'

/** Edits made on a revision: saved, or refused with what stands now. */
export default defineEventHandler(async (event): Promise<Saved> => {
  const yardId = routeId(event, 'id')
  const submission = await readValid(event, 'submission', LIMITS.editBytes)
  mustBeAllowed(event, yardId, submission)
  const by = event.context.keeper?.name ?? null
  const commit = () =>
    withDatabase((database) =>
      commitEdits(
        database,
        yardId,
        { ...submission, by },
        new Date().toISOString(),
        (id, needs) => plays(event, id, needs),
        plays(event, yardId, 'keeper') ? () => true : mayHelperMake,
      ),
    )
  const turns = await turnsOnce()
  const committed = await turns.take(yardId, submission.device, commit, ({ outcome }) => outcome === 'stale')
  switch (committed.outcome) {
    case 'saved':
      return { revision: committed.revision, ...(committed.also?.length ? { also: committed.also } : {}) }
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

/** A helper makes steps of visits and looks only; a hive whose book comes from another yard needs a part there too. */
function mustBeAllowed(event: H3Event, yardId: string, { edits }: Submission): void {
  const isKeeper = plays(event, yardId, 'keeper')
  for (const { id, edit } of edits) {
    if (!isKeeper && !isHelpersEdit(edit))
      throw refusal(
        422,
        {
          field: 'edits',
          sentence: 'In this yard you help: steps of a visit and looks go in, this is for its keeper.',
        },
        { editId: id },
      )
    for (const leaf of leavesOf(edit)) {
      if (isEdit(leaf, 'add-hive') && leaf.book) mustPlay(event, leaf.book.yardId, 'reader')
      if (isEdit(leaf, 'remove-hive') && leaf.book) mustPlay(event, leaf.book.yardId, 'keeper')
    }
  }
}
