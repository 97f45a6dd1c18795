import { defineEventHandler, setResponseStatus } from 'h3'
import type { Invited } from '#wire/keepers'
import { invite } from '../../../keepers/invitations'
import { LIMITS, readValid, refusal, routeId } from '../../../utils/answers'
import { inOneTransaction } from '../../../utils/database'
import { plays } from '../../../utils/keeper'

/** Invites somebody to a yard, and to others that whoever invites owns as well; the token is told this once, for a link. */
export default defineEventHandler(async (event): Promise<Invited> => {
  const { keeper } = event.context
  if (!keeper)
    throw refusal(422, { field: 'request', sentence: 'Nobody has to sign in here yet: make yourself a keeper first.' })
  const { part, also = [] } = await readValid(event, 'invite', LIMITS.editBytes)
  const yardId = routeId(event, 'id')
  if (also.some((id) => !plays(event, id, 'owner')))
    throw refusal(422, {
      field: 'also',
      sentence: 'also names a yard that is not yours: only its owner invites to it.',
    })
  setResponseStatus(event, 201)
  const yardIds: [string, ...string[]] = [yardId, ...new Set(also.filter((id) => id !== yardId))]
  return inOneTransaction((tx) => invite(tx, { yardIds, part }, keeper.id, new Date().toISOString()))
})
