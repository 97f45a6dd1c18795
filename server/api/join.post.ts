import { randomUUID } from 'node:crypto'
import { defineEventHandler } from 'h3'
import { mayPlay } from '#wire/keepers'
import { addKeeper, beginSession, setPart } from '../keepers/accounts'
import { hashPassphrase, hashToken } from '../keepers/hash'
import { isOpenInvitation, useInvitation } from '../keepers/invitations'
import { forgetTries } from '../keepers/tries'
import { LIMITS, readValid, refusal } from '../utils/answers'
import { inOneTransaction, withDatabase } from '../utils/database'
import { ENDED } from '../utils/invitation'
import { hostOf, keepSession } from '../utils/keeper'
import { addressOf, letTry } from '../utils/tries'

const TAKEN = {
  field: 'name',
  sentence: 'Take another name: this one cannot be had. If it is yours, sign in first, then open the invitation.',
}

/** Takes up an invitation: who is signed in plays one part more, who is not becomes a keeper. */
export default defineEventHandler(async (event) => {
  const { token, name, passphrase } = await readValid(event, 'join', LIMITS.editBytes)
  const { keeper } = event.context
  const now = new Date().toISOString()
  if (keeper === null) throw refusal(422, ENDED)
  if (keeper) {
    const joined = await inOneTransaction(async (tx) => {
      const used = await useInvitation(tx, token, keeper.id, now)
      if (!used) throw refusal(422, ENDED)
      // An invitation gives a part, and takes none: an owner who opens one to read stays the owner.
      const lower = used.yardIds.filter((yardId) => !mayPlay(keeper.plays[yardId], used.part))
      for (const yardId of lower) await setPart(tx, yardId, keeper.id, used.part, now)
      const [yardId] = used.yardIds
      return { yardId, part: lower.includes(yardId) ? used.part : keeper.plays[yardId]! }
    })
    return joined
  }
  if (name === undefined || passphrase === undefined)
    throw refusal(422, { field: 'name', sentence: 'name and passphrase are missing: how you sign in from now on.' })
  const tried = `join ${hashToken(token)}`
  const address = addressOf(event)
  // An invitation that there is counts by itself: who tries others does not shut out the one that was invited.
  const isOpen = await withDatabase((database) => isOpenInvitation(database, token, now))
  await letTry(event, isOpen ? { name: tried } : { name: tried, address }, 'token', now)
  const passHash = await hashPassphrase(passphrase)
  const id = randomUUID()
  const { used, session } = await inOneTransaction(async (tx) => {
    const taken = await useInvitation(tx, token, id, now)
    if (!taken) throw refusal(422, ENDED)
    if (!(await addKeeper(tx, { id, name, passHash, now }))) throw refusal(422, TAKEN)
    for (const yardId of taken.yardIds) await setPart(tx, yardId, id, taken.part, now)
    await forgetTries(tx, tried, address)
    return { used: taken, session: await beginSession(tx, id, hostOf(event), now) }
  })
  await keepSession(event, session)
  return { yardId: used.yardIds[0], part: used.part }
})
