import { defineEventHandler, getQuery } from 'h3'
import type { UnitSystem } from '#core/units'
import type { Vocabulary } from '#core/wording'
import { assessPlan, readerSchema } from '#wire/assess-request'
import { readPlan, readWith } from '#wire/read'
import { LIMITS, readLimited, refusal } from '../utils/answers'

/** Every hive of a plan file assessed; nothing is stored. */
export default defineEventHandler(async (event) => {
  const query = readWith<{ units?: UnitSystem; words?: Vocabulary }>(readerSchema, getQuery(event))
  if (!query.ok) throw refusal(422, query.problem)
  const plan = readPlan(await readLimited(event, LIMITS.planBytes))
  if (!plan.ok) throw refusal(422, plan.problem)
  return { hives: assessPlan(plan.value, { units: query.value.units ?? 'mm', vocabulary: query.value.words ?? 'british' }) }
})
