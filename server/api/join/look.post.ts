import { defineEventHandler } from 'h3'
import type { Invitation } from '#wire/keepers'
import { openInvitation } from '../../keepers/invitations'
import { hashToken } from '../../keepers/hash'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { withDatabase } from '../../utils/database'
import { ENDED } from '../../utils/invitation'
import { addressOf, letTry } from '../../utils/tries'

/** Who invites to which yard, and as what: told to whoever has the link, before it is taken up. */
export default defineEventHandler(async (event): Promise<Invitation> => {
  const { token } = await readValid(event, 'join', LIMITS.editBytes)
  const now = new Date().toISOString()
  const found = await withDatabase((database) => openInvitation(database, token, now))
  if (found) return found
  await letTry(event, { name: `join ${hashToken(token)}`, address: addressOf(event) }, 'token', now)
  throw refusal(422, ENDED)
})
