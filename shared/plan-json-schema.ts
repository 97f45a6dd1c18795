import { PLAN_VERSION } from '#core/yard'
import { JsonSchemas, type Json } from './json-schema'
import { planSchema } from './plan-schema'

let known: Json | undefined

/** The published JSON Schema of the plan file, worked out once from the schema that plan files are read with. */
export const planJsonSchema = (): Json => (known ??= workedOut())

function workedOut(): Json {
  const schemas = new JsonSchemas()
  const plan = schemas.of(planSchema)
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: `urn:duvet:plan:${PLAN_VERSION}`,
    title: `Duvet plan file, version ${PLAN_VERSION}`,
    description:
      'Yards with their hives and parts. Lengths in millimetres. Stacks are listed bottom first. Beyond this schema: ' +
      'every identity is unique, every part that is named exists in the same yard, and a part stands in one place only.',
    ...plan,
    $defs: schemas.definitions,
  }
}
