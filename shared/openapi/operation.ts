import type { Json } from '../json-schema'
import type { CheckedShape } from '../shapes'

export const ref = (name: string): Json => ({ $ref: `#/components/schemas/${name}` })
export const object = (properties: Json, required = Object.keys(properties)): Json => ({
  type: 'object',
  properties,
  required,
})
export const listOf = (items: Json): Json => ({ type: 'array', items })
export const integer = { type: 'integer', minimum: 0 } as const
export const text = { type: 'string' } as const
export const number = { type: 'number' } as const
export const flag = { type: 'boolean' } as const
export const anything = { type: 'object' } as const
export const date = { type: 'string', format: 'date' } as const
export const time = { type: 'string', format: 'date-time' } as const

const REFUSALS: Readonly<Record<number, string>> = {
  400: 'Not JSON.',
  401: 'Not signed in, or the signature is not this device’s.',
  403: 'Another host, another site’s page, or a part that is not enough.',
  404: 'No such yard.',
  409: 'Changed elsewhere since: what stands now comes with it.',
  413: 'Larger than is read.',
  422: 'The field, and what would be right.',
  429: 'Too often: wait as long as retry-after says.',
}

const json = (schema: Json): Json => ({ 'application/json': { schema } })
const refusals = (codes: readonly number[]): Json =>
  Object.fromEntries(
    codes.map((code) => [String(code), { description: REFUSALS[code]!, content: json(ref('refusal')) }]),
  )
const parameter = (where: 'path' | 'query' | 'header', name: string, schema: Json, required: boolean): Json => ({
  name,
  in: where,
  ...(required ? { required } : {}),
  schema,
})
/** An identity in the address. */
export const inPath = (name: string) => parameter('path', name, text, true)
export const inQuery = (name: string, schema: Json, required = false) => parameter('query', name, schema, required)
export const inHeader = (name: string, schema: Json, required = false) => parameter('header', name, schema, required)
export const yardId = inPath('id')
export const hiveId = inPath('hiveId')

/** What is sent and what is answered. */
interface Operation {
  readonly parameters?: readonly Json[]
  /** One of the shapes that the server reads by. */
  readonly sent?: CheckedShape | 'plan' | 'deviceReport'
  /** Nothing is described of pages of paper. */
  readonly answered: Json | 'pdf'
  readonly code?: 200 | 201
  readonly refused: readonly number[]
}

const PDF = { 'application/pdf': { schema: { type: 'string', format: 'binary' } } } as const

/** One operation of an address. */
export function operation(
  operationId: string,
  summary: string,
  { parameters, sent, answered, code = 200, refused }: Operation,
): Json {
  return {
    operationId,
    summary,
    ...(parameters ? { parameters } : {}),
    ...(sent ? { requestBody: { required: true, content: json(ref(sent)) } } : {}),
    responses: {
      [code]: { description: summary, content: answered === 'pdf' ? PDF : json(answered) },
      ...refusals(refused),
    },
  }
}
