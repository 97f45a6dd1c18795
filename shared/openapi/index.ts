import { entriesOf } from '#core/units'
import type { Json } from '../json-schema'
import { components } from './components'
import { HIVES } from './hives'
import { KEEPERS } from './keepers'
import { anything, flag, inQuery, listOf, object, operation, ref } from './operation'
import { YARDS } from './yards'

const print = (operationId: string, summary: string, sent: 'sheet' | 'tickSheets' | 'hiveCards'): Json => ({
  post: operation(operationId, `${summary} as PDF; nothing is stored.`, {
    sent,
    answered: 'pdf',
    refused: [400, 403, 413, 422],
  }),
})

const SERVER: Json = {
  '/api/print/sheet': print('printSheet', 'A sheet of words, tables and steps', 'sheet'),
  '/api/print/visit': print('printVisit', 'The tick sheets of a visit, with a code for every hive,', 'tickSheets'),
  '/api/print/cards': print('printCards', 'Hive cards with codes', 'hiveCards'),
  '/api/assess': {
    post: operation('assess', 'Gaps and findings of every hive of a plan file, as data and as sentences.', {
      parameters: [
        inQuery('units', { enum: ['mm', 'inches'] }),
        inQuery('words', { enum: ['british', 'northAmerican'] }),
      ],
      sent: 'plan',
      answered: object({ hives: listOf(ref('assessedHive')) }),
      refused: [403, 413, 422],
    }),
  },
  '/api/openapi.json': {
    get: operation('describe', 'This description, OpenAPI 3.1.', { answered: anything, refused: [] }),
  },
  '/api/health': {
    get: operation('health', 'Whether the server and its database answer.', {
      answered: object({ ok: flag }),
      refused: [],
    }),
  },
}

const PATHS: Json = { ...YARDS, ...HIVES, ...KEEPERS, ...SERVER }

let known: Json | undefined

/** The description of everything the server answers to (OpenAPI 3.1), worked out once. */
export function openApiDocument(): Json {
  return (known ??= {
    openapi: '3.1.0',
    info: {
      title: 'Duvet',
      version: '1.0.0',
      description: 'Plans framed, vertically stacked bee hives. Lengths in millimetres.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    servers: [{ url: '/' }],
    paths: PATHS,
    components: { schemas: components() },
  })
}

const METHODS = entriesOf<string, object>(Object(PATHS)).map(([address, operations]) => {
  const methods = Object.keys(operations).map((method) => method.toUpperCase())
  return {
    pattern: new RegExp(`^${address.replaceAll('.', '\\.').replaceAll(/\{\w+\}/g, '[^/]+')}$`),
    methods: methods.includes('GET') ? [...methods, 'HEAD'] : methods,
  }
})

/** The methods that an address of the server takes; undefined where there is no such address. */
export function methodsOf(path: string): readonly string[] | undefined {
  return METHODS.find(({ pattern }) => pattern.test(path))?.methods
}
