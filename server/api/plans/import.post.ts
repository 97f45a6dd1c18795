import { defineEventHandler, getHeader } from 'h3'
import { readPlan } from '#wire/read'
import { importPlan } from '../../database/import'
import { LIMITS, readLimited, refusal } from '../../utils/answers'
import { withDatabase } from '../../utils/database'

/** Brings a plan file in; nothing here is overwritten. */
export default defineEventHandler(async (event) => {
  const plan = readPlan(await readLimited(event, LIMITS.planBytes))
  if (!plan.ok) throw refusal(422, plan.problem)
  const device = deviceName(getHeader(event, 'x-device'))
  const imported = await withDatabase((database) => importPlan(database, plan.value, device, new Date().toISOString()))
  return { imported }
})

/** Percent-encoded, since a header carries no other letters. */
function deviceName(header: string | undefined): string {
  try {
    return decodeURIComponent(header ?? 'import').slice(0, 60)
  } catch {
    return 'import'
  }
}
