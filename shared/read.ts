import type { Entry } from '#core/book'
import { fieldOf } from '#core/units'
import { PLAN_LIMITS, planProblem, upgraded, type Plan } from '#core/yard'
import { planProblemInWords } from '#core/words'
import type { ValidateOptions } from 'yup'
import { ValidationError } from './yup'
import { parseJson } from './parse'
import { planSchema } from './plan-schema'
import { refused, type Read } from './problem'

export type { Problem, Read } from './problem'

/** What looks at a value and says what is wrong with it. */
export interface Checks<T> {
  validateSync(value: unknown, options: ValidateOptions): T
}

/** Checks a value against a Yup schema; the first thing wrong comes back as a sentence. */
export function readWith<T>(schema: Checks<T>, value: unknown): Read<T> {
  try {
    return { ok: true, value: schema.validateSync(value, { strict: true, abortEarly: true }) }
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    const { path, message } = error
    const field = path || 'the whole of it'
    return refused(field, message.replace(/^this\b/, field))
  }
}

/** Reads a plan file from its text: JSON, of our format and version, of the right shape, sound in itself. */
export function readPlan(text: string): Read<Plan<Entry>> {
  if (text.length > PLAN_LIMITS.fileBytes) {
    return refused(
      'file',
      `The file is larger than ${PLAN_LIMITS.fileBytes / 1_000_000} MB, which no plan is: ` +
        'export fewer yards at a time.',
    )
  }
  const parsed = parseJson(text, 'The file')
  return parsed.ok ? readPlanValue(parsed.value) : refused('file', parsed.problem.sentence)
}

/** The same for a value that has been parsed already. */
export function readPlanValue(value: unknown): Read<Plan<Entry>> {
  const early = tooMany(value)
  if (early) return early
  const shaped = readWith(planSchema, upgraded(value))
  if (!shaped.ok) return shaped
  const problem = planProblem(shaped.value)
  return problem ? refused(problem.field, planProblemInWords(problem)) : shaped
}

/** Counts before it looks closer, so that a huge file is refused quickly. */
function tooMany(value: unknown): Read<Plan<Entry>> | undefined {
  const yards = fieldOf(value, 'yards')
  if (!Array.isArray(yards)) return undefined
  const count = (of: 'parts' | 'hives') =>
    yards.reduce<number>((sum, yard: unknown) => {
      const list = fieldOf(yard, of)
      return sum + (Array.isArray(list) ? list.length : 0)
    }, 0)
  const [parts, hives] = [count('parts'), count('hives')]
  if (parts > PLAN_LIMITS.partsPerPlan)
    return refused(
      'yards.parts',
      planProblemInWords({ field: 'yards.parts', problem: 'too-many-parts', id: String(parts) }),
    )
  return hives > PLAN_LIMITS.hivesPerPlan
    ? refused('yards.hives', planProblemInWords({ field: 'yards.hives', problem: 'too-many-hives', id: String(hives) }))
    : undefined
}
