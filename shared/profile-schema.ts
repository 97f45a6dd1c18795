import * as yup from './yup'
import { SCHOOLS, profileProblem, type LiftProfile } from '#core/loads'
import { profileProblemInWords, type Reader } from '#core/words'
import { oneOf, oneOfNumbers } from './fields'
import { parseJson } from './parse'
import { readWith, type Read } from './read'

const height = yup.number().strict().required('${path} is missing: millimetres')
const measured = yup.number().strict().nullable().defined('${path} is missing: millimetres, or null')

const profileSchema: yup.ObjectSchema<LiftProfile> = yup
  .object({
    school: oneOf(SCHOOLS),
    statureMm: height,
    shoulderMm: measured,
    elbowMm: measured,
    knuckleMm: measured,
    limitKg: yup.number().strict().required('${path} is missing: kilograms'),
    people: oneOfNumbers([1, 2]).required('${path} is missing'),
    column: oneOf(['men', 'women']),
    putDown: oneOf(['pile', 'second-stand']),
    putDownMm: height,
  })
  .strict()
  .required()
  .noUnknown('${path} has a field that a profile does not have: ${unknown}')

/** No profile comes near it. */
export const MOST_PROFILE_BYTES = 4000

/** Reads a lifting profile from the text of its file. */
export function readProfile(text: string, reader: Reader): Read<LiftProfile> {
  const parsed = parseJson(text, 'The file')
  if (!parsed.ok)
    return {
      ok: false,
      problem: { field: 'file', sentence: 'The file is not JSON: open one that “Save as file” wrote.' },
    }
  const shaped = readWith(profileSchema, parsed.value)
  if (!shaped.ok)
    return {
      ok: false,
      problem: { field: shaped.problem.field, sentence: `The file is no profile: ${shaped.problem.sentence}` },
    }
  const problem = profileProblem(shaped.value)
  return problem
    ? { ok: false, problem: { field: problem.field, sentence: profileProblemInWords(problem, reader) } }
    : shaped
}
