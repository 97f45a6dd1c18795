import { defineEventHandler, setResponseStatus } from 'h3'
import type { Saved } from '#wire/answers'
import { planOf, planProblem } from '#core/hive'
import { planProblemInWords } from '#core/wording'
import { inTransaction } from '../../database/client'
import { yardExists } from '../../database/yards'
import { insertYard } from '../../database/write-yard'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { withDatabase } from '../../utils/database'

/** A new yard, with whatever stands in it. */
export default defineEventHandler(async (event): Promise<Saved> => {
  const yard = await readValid(event, 'yard', LIMITS.planBytes)
  const problem = planProblem(planOf([yard]))
  if (problem) throw refusal(422, { field: problem.field, sentence: planProblemInWords(problem) })
  return withDatabase((database) =>
    inTransaction(database, async (tx) => {
      if (await yardExists(tx, yard.id))
        throw refusal(409, { field: 'id', sentence: 'A yard with this identity is here already.' })
      await insertYard(tx, yard)
      setResponseStatus(event, 201)
      return { revision: 0 }
    }),
  )
})
