import { defineEventHandler, setResponseStatus } from 'h3'
import { planOf, planProblem, type Yard } from '#core/hive'
import { planProblemInWords } from '#core/wording'
import { yardSchema } from '#wire/plan-schema'
import { identitiesInUse, insertYard } from '../../database/yards'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { withDatabase } from '../../utils/database'

/** A new yard, with whatever stands in it. */
export default defineEventHandler(async (event) => {
  const yard = await readValid<Yard>(event, yardSchema, LIMITS.planBytes)
  const problem = planProblem(planOf([yard]))
  if (problem) throw refusal(422, { field: problem.field, sentence: planProblemInWords(problem) })
  return withDatabase((database) => database.transaction(async (tx) => {
    const used = await identitiesInUse(tx, yard)
    if (used.yard || used.inside) throw refusal(409, { field: 'id', sentence: 'A yard, hive or part with this identity is here already.' })
    await insertYard(tx, yard)
    setResponseStatus(event, 201)
    return { revision: 0 }
  }))
})
