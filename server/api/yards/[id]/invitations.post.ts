import { defineEventHandler, setResponseStatus } from 'h3'
import type { Invited } from '#wire/keepers'
import { invite } from '../../../keepers/invitations'
import { LIMITS, readValid, refusal, routeId } from '../../../utils/answers'
import { inOneTransaction } from '../../../utils/database'

/** Invites somebody to a yard; the token is told this once, for a link. */
export default defineEventHandler(async (event): Promise<Invited> => {
  const { keeper } = event.context
  if (!keeper)
    throw refusal(422, { field: 'request', sentence: 'Nobody has to sign in here yet: make yourself a keeper first.' })
  const { part } = await readValid(event, 'played', LIMITS.editBytes)
  setResponseStatus(event, 201)
  return inOneTransaction((tx) => invite(tx, routeId(event, 'id'), part, keeper.id, new Date().toISOString()))
})
