import type { Schema } from 'yup'
import { PLAN_LIMITS, planProblem, upgraded, type Plan } from '#core/hive'
import { planProblemInWords } from '#core/wording'
import { planSchema } from './plan-schema'

/** What is wrong with something read in: the field, and the sentence a person needs. */
export interface Problem {
  readonly field: string
  readonly sentence: string
}

export type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem }

/** Checks a value against a Yup schema; the first thing wrong comes back as a sentence. */
export function readWith<T>(schema: Pick<Schema, 'validateSync'>, value: unknown): Read<T> {
  try {
    return { ok: true, value: schema.validateSync(value, { strict: true, abortEarly: true }) as T }
  } catch (error) {
    const { path, message } = error as { path?: string; message: string }
    const field = path || 'the whole of it'
    return { ok: false, problem: { field, sentence: `${message.replace(/^this\b/, field).slice(0, 400)}.` } }
  }
}

/** Reads a plan file from its text: JSON, of our format and version, of the right shape, sound in itself. */
export function readPlan(text: string): Read<Plan> {
  if (text.length > PLAN_LIMITS.fileBytes) {
    return refused('file', `The file is larger than ${PLAN_LIMITS.fileBytes / 1_000_000} MB, which no plan is: export fewer yards at a time.`)
  }
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return refused('file', 'The file is not JSON: a plan file is what “Export plan” writes.')
  }
  return readPlanValue(value)
}

/** The same for a value that has been parsed already. */
export function readPlanValue(value: unknown): Read<Plan> {
  const early = tooMany(value)
  if (early) return early
  const shaped = readWith<Plan>(planSchema, upgraded(value))
  if (!shaped.ok) return shaped
  const problem = planProblem(shaped.value)
  return problem ? refused(problem.field, planProblemInWords(problem)) : shaped
}

/** Counts before it looks closer, so that a huge file is refused quickly. */
function tooMany(value: unknown): Read<Plan> | undefined {
  const yards = (value as { yards?: unknown } | null)?.yards
  if (!Array.isArray(yards)) return undefined
  const total = yards.reduce<number>((sum, yard: { parts?: unknown } | null) => sum + (Array.isArray(yard?.parts) ? yard.parts.length : 0), 0)
  return total > PLAN_LIMITS.partsPerPlan ? refused('yards.parts', planProblemInWords({ field: 'yards.parts', problem: 'too-many-parts', id: String(total) })) : undefined
}

function refused(field: string, sentence: string): { ok: false; problem: Problem } {
  return { ok: false, problem: { field, sentence } }
}
