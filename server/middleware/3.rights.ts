import { defineEventHandler } from 'h3'
import { ruleOf } from '../keepers/rules'
import { refusal } from '../utils/answers'
import { whenBegun } from '../utils/begun'
import { knowKeeper, mustPlay } from '../utils/keeper'

const NOTHING = { field: 'request', sentence: 'There is nothing at this address.' }

/** Looks who asks, and holds it against the rule of the address; what has no rule is closed. */
export default defineEventHandler(async (event) => {
  const path = event.path.split('?')[0]!
  if (!path.startsWith('/api/')) return
  const rule = ruleOf(event.method, path)
  if (rule === undefined || rule === 'nobody') throw refusal(404, NOTHING)
  await whenBegun()
  if (rule === 'device') return
  event.context.keeper = await knowKeeper(event)
  if (rule === 'anyone') return
  if (event.context.keeper === undefined)
    throw refusal(401, { field: 'session', sentence: 'You are not signed in here: sign in, and what waits goes in.' })
  if (rule !== 'signed-in') mustPlay(event, yardOf(path), rule)
})

/** The yard that an address names. */
function yardOf(path: string): string {
  try {
    return decodeURIComponent(/^\/api\/yards\/([^/]+)/.exec(path)?.[1] ?? '')
  } catch {
    return ''
  }
}
