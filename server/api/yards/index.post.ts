import { defineEventHandler, setResponseStatus } from 'h3'
import type { Saved } from '#wire/answers'
import { canonical } from '#core/units'
import { planOf, planProblem } from '#core/yard'
import { planProblemInWords } from '#core/words'
import { readYard, yardExists } from '../../database/yards'
import { insertYard } from '../../database/write-yard'
import { setPart } from '../../keepers/accounts'
import { plays } from '../../utils/keeper'
import { LIMITS, readValid, refusal } from '../../utils/answers'
import { inOneTransaction } from '../../utils/database'

/** A new yard, with whatever stands in it. */
export default defineEventHandler(async (event): Promise<Saved> => {
  const yard = await readValid(event, 'yard', LIMITS.planBytes)
  const problem = planProblem(planOf([yard]))
  if (problem) throw refusal(422, { field: problem.field, sentence: planProblemInWords(problem) })
  return inOneTransaction(async (tx) => {
    const before = await readYard(tx, yard.id)
    // Its answer was lost on the way, so it is sent again.
    if (before?.revision === 0 && plays(event, yard.id, 'owner') && canonical(before.yard) === canonical(yard))
      return { revision: 0 }
    if (await yardExists(tx, yard.id))
      throw refusal(409, { field: 'id', sentence: 'A yard with this identity is here already.' })
    await insertYard(tx, yard)
    const { keeper } = event.context
    if (keeper) await setPart(tx, yard.id, keeper.id, 'owner', new Date().toISOString())
    setResponseStatus(event, 201)
    return { revision: 0 }
  })
})
