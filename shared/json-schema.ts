import type * as yup from './yup'

/** A value as JSON has it. */
export type Json = { readonly [key: string]: unknown }

declare module 'yup' {
  interface CustomSchemaMetadata {
    /** The name under which it stands among the definitions. */
    readonly def?: string
    readonly description?: string
    /** What a test of ours asks, in the words of JSON Schema. */
    readonly json?: Json
    /** What a lazy schema may turn out to be. */
    readonly anyOf?: readonly yup.ISchema<unknown>[]
  }
}

type Described = yup.SchemaFieldDescription
/** A schema that tells what it asks. */
export interface Describable {
  describe(): Described
}
type Test = { readonly name?: string; readonly params?: Readonly<Record<string, unknown>> }

const NULL = { type: 'null' } as const
/** What the tests of Yup are called where they bound a text, a number or a list. */
const BOUNDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  string: { min: 'minLength', max: 'maxLength' },
  number: { min: 'minimum', max: 'maximum' },
  array: { min: 'minItems', max: 'maxItems' },
}

/** Schemas of Yup as JSON Schema (draft 2020-12): what has a name of its own stands among the definitions, once. */
export class JsonSchemas {
  readonly definitions: Record<string, Json> = {}

  /** A schema as JSON Schema; its named parts are put among the definitions. */
  of(schema: Describable): Json {
    return this.from(schema.describe())
  }

  private from(described: Described): Json {
    const { def } = metaOf(described)
    if (!def) return this.plain(described)
    const plain = this.plain({ ...described, ...('nullable' in described ? { nullable: false } : {}) })
    const known = this.definitions[def]
    if (known && JSON.stringify(known) !== JSON.stringify(plain)) throw new Error(`two schemas are called ${def}`)
    this.definitions[def] = plain
    const ref = { $ref: `#/$defs/${def}` }
    return isNullable(described) ? { anyOf: [ref, NULL] } : ref
  }

  private plain(described: Described): Json {
    const { description, json, anyOf } = metaOf(described)
    const told = description ? { description } : {}
    if (anyOf) return { ...told, anyOf: anyOf.map((one) => this.of(one)) }
    return { ...told, ...this.shape(described), ...json }
  }

  private shape(described: Described): Json {
    const values = 'oneOf' in described ? described.oneOf.filter((one) => one !== undefined) : []
    if (values.length > 0) return { enum: isNullable(described) ? [...values, null] : values }
    const tests: readonly Test[] = 'tests' in described ? described.tests : []
    const isWhole = tests.some(({ name }) => name === 'integer')
    const type = isWhole ? 'integer' : described.type
    const own =
      described.type === 'mixed' || described.type === 'lazy'
        ? {}
        : { type: isNullable(described) ? [type, 'null'] : type }
    return { ...own, ...boundsOf(described.type, tests), ...this.within(described) }
  }

  private within(described: Described): Json {
    if ('innerType' in described && described.innerType && !Array.isArray(described.innerType))
      return { items: this.from(described.innerType) }
    if (!('fields' in described)) return {}
    const fields = Object.entries(described.fields)
    const required = fields.flatMap(([name, field]) => (isOptional(field) ? [] : [name]))
    return {
      additionalProperties: false,
      ...(required.length > 0 ? { required } : {}),
      properties: Object.fromEntries(fields.map(([name, field]) => [name, this.from(field)])),
    }
  }
}

const metaOf = (described: Described): yup.CustomSchemaMetadata => ('meta' in described && described.meta) || {}
const isNullable = (described: Described) => 'nullable' in described && described.nullable

function isOptional(described: Described): boolean {
  const { anyOf } = metaOf(described)
  if (anyOf) return anyOf.some((one) => isOptional(one.describe()))
  return 'optional' in described && described.optional
}

function boundsOf(type: string, tests: readonly Test[]): Json {
  const names = BOUNDS[type] ?? {}
  const bounds: Record<string, unknown> = {}
  for (const { name = '', params } of tests) {
    const bound = names[name]
    if (bound && !(name === 'min' && type !== 'number' && params?.min === 0)) bounds[bound] = params?.[name]
    if (name === 'required' && type === 'string') bounds.minLength ??= 1
    if (name === 'matches' && params?.regex instanceof RegExp) bounds.pattern = params.regex.source
  }
  return bounds
}
