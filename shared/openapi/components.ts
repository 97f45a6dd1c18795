import { entriesOf } from '#core/units'
import { JsonSchemas, type Describable, type Json } from '../json-schema'
import { planSchema } from '../plan-schema'
import { anyReportSchema } from '../readings/kinds'
import { SHAPES } from '../shapes'
import { anything, integer, listOf, number, object, ref, text } from './operation'

/** What is only answered; what is sent is described by the schema that it is read by. */
const ANSWERED: Json = {
  refusal: object({ statusCode: integer, field: text, sentence: text }),
  storedYard: object({ yard: ref('yard'), revision: integer }),
  logEntry: object({
    id: text,
    revision: integer,
    device: text,
    madeAt: text,
    receivedAt: text,
    happenedAt: text,
    kind: text,
    edit: ref('edit'),
    inverse: ref('edit'),
  }),
  assessedHive: object({
    yard: text,
    hive: text,
    hiveId: text,
    stage: text,
    worst: { enum: ['stop', 'mend', 'watch', 'note', 'good'] },
    heightMm: number,
    gaps: listOf(anything),
    findings: listOf(anything),
  }),
}

/** Every schema that the document names: of what is sent, of the plan file, and of what is answered. */
export function components(): Json {
  const schemas = new JsonSchemas()
  const sent = entriesOf<string, Describable>({ ...SHAPES, plan: planSchema, deviceReport: anyReportSchema }).map(
    ([name, schema]) => [name, schemas.of(schema)] as const,
  )
  // What stands among the definitions under its own name needs no second entry.
  const named = sent.filter(([name]) => !(name in schemas.definitions))
  const all = JSON.stringify({ ...schemas.definitions, ...Object.fromEntries(named), ...ANSWERED })
  const read: Json = JSON.parse(all.replaceAll('#/$defs/', '#/components/schemas/'))
  return read
}
