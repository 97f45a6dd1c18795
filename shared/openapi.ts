import { entriesOf } from '#core/units'
import { ENTRY_SORTS } from '#core/book'
import { SENSOR_PLACES } from '#core/heat'
import { PASSPHRASE, PLAYED } from './keepers'
import { PAPERS } from './sheet-schema'
import planSchema from '../public/plan.schema.json'

type Json = Record<string, unknown>

/** The plan's schema as components of the document: its definitions by their names. */
function planComponents(): Json {
  const { $defs, $schema: _schema, $id: _id, ...plan } = planSchema as Json & { $defs: Json }
  const text = JSON.stringify({ ...$defs, plan }).replaceAll('#/$defs/', '#/components/schemas/')
  const schemas: Json = JSON.parse(text)
  return schemas
}

const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` })
const json = (schema: Json) => ({ 'application/json': { schema } })
const answer = (description: string, schema: Json) => ({ description, content: json(schema) })
const refusals = (...codes: number[]) =>
  Object.fromEntries(codes.map((code) => [String(code), answer(REFUSALS[code]!, ref('refusal'))]))
const REFUSALS: Record<number, string> = {
  400: 'Not JSON.',
  401: 'Not signed in, or the signature is not this device’s.',
  429: 'Too often: wait as long as retry-after says.',
  403: 'Another host, another site’s page, or a part that is not enough.',
  404: 'No such yard.',
  409: 'Changed elsewhere since: what stands now comes with it.',
  413: 'Larger than is read.',
  422: 'The field, and what would be right.',
}
const body = (schema: Json) => ({ required: true, content: json(schema) })
const pathId = (name: string) => ({ name, in: 'path', required: true, schema: { type: 'string' } })
const SIGNATURE = {
  name: 'x-signature',
  in: 'header',
  required: true,
  schema: { type: 'string', pattern: '^[0-9a-f]{64}$' },
}
const yardId = pathId('id')
const hiveId = pathId('hiveId')
const object = (properties: Json, required = Object.keys(properties)) => ({ type: 'object', properties, required })
const listOf = (items: Json) => ({ type: 'array', items })
const integer = { type: 'integer', minimum: 0 }
const text = { type: 'string' }
const number = { type: 'number' }
const paper = { enum: PAPERS }
const drawing = object({
  x: number,
  y: number,
  width: number,
  height: number,
  marks: listOf(object({ path: text, fill: text, line: text, width: number, dash: text })),
  words: listOf(object({ x: number, y: number, size: number, text })),
})

const EXTRA: Json = {
  refusal: object({ statusCode: integer, field: text, sentence: text }),
  storedYard: object({ yard: ref('yard'), revision: integer }),
  edit: {
    type: 'object',
    description: 'One of a closed set, told apart by its kind; see docs/plan-format.md.',
    properties: { kind: text },
    required: ['kind'],
  },
  submission: object(
    {
      baseRevision: integer,
      device: { type: 'string', maxLength: 60 },
      sentAt: { type: 'string', format: 'date-time' },
      edits: listOf(
        object(
          {
            id: text,
            madeAt: { type: 'string', format: 'date-time' },
            kind: { enum: ['do', 'undo', 'redo'] },
            targetId: { type: ['string', 'null'] },
            edit: ref('edit'),
          },
          ['id', 'madeAt', 'kind', 'edit'],
        ),
      ),
    },
    ['baseRevision', 'device', 'edits'],
  ),
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
  weighIns: object({
    source: { enum: ['hand', 'csv'] },
    batchId: text,
    readings: listOf(
      object(
        {
          at: { type: 'string', format: 'date-time' },
          kg: { type: 'number' },
          method: { enum: ['scale', 'heft'] },
          leftKg: { type: 'number' },
          rightKg: { type: 'number' },
        },
        ['at', 'kg', 'method'],
      ),
    ),
  }),
  bookEntry: object(
    {
      id: text,
      hiveId: text,
      at: { type: 'string', pattern: '^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d$' },
      madeAt: { type: 'string', format: 'date-time' },
      device: { type: 'string', maxLength: 60 },
      by: text,
      note: text,
      corrects: text,
      withdrawn: { const: true },
      sort: { enum: ENTRY_SORTS },
      body: { type: 'object', description: 'By its sort; see docs/plan-format.md.' },
    },
    ['id', 'hiveId', 'at', 'madeAt', 'device', 'sort', 'body'],
  ),
  airReading: object({
    at: { type: 'string', format: 'date-time' },
    celsius: { type: 'number', minimum: -60, maximum: 80 },
    humidityPercent: { type: ['number', 'null'], minimum: 0, maximum: 100 },
  }),
  sheet: object({
    title: text,
    lines: listOf(text),
    caution: text,
    steps: listOf(object({ text, note: text })),
    tables: listOf(object({ heading: text, columns: listOf(text), rows: listOf(listOf(text)) })),
    paper,
    drawings: listOf(object({ caption: text, drawing })),
    stepDrawings: listOf(drawing),
  }),
  tickSheets: object({
    title: text,
    paper,
    lines: listOf(text),
    take: listOf(text),
    bring: listOf(text),
    cautions: listOf(text),
    hives: listOf(
      object({
        name: text,
        link: text,
        lines: listOf(text),
        drawing,
        steps: listOf(object({ text, why: text, cautions: listOf(text) })),
      }),
    ),
  }),
  hiveCards: object({
    title: text,
    paper,
    cards: listOf(object({ name: text, link: text, lines: listOf(text), drawing })),
  }),
  assessedHive: object({
    yard: text,
    hive: text,
    hiveId: text,
    stage: text,
    worst: { enum: ['stop', 'mend', 'watch', 'note', 'good'] },
    heightMm: { type: 'number' },
    gaps: listOf({ type: 'object' }),
    findings: listOf({ type: 'object' }),
  }),
}

const YARDS_PATHS: Json = {
  '/api/yards': {
    get: {
      operationId: 'listYards',
      summary: 'Every yard with its revision.',
      responses: { 200: answer('The yards.', listOf(ref('storedYard'))), ...refusals(403) },
    },
    post: {
      operationId: 'addYard',
      summary: 'A new yard.',
      requestBody: body(ref('yard')),
      responses: {
        201: answer('Its revision.', object({ revision: integer })),
        ...refusals(400, 403, 409, 413, 422),
      },
    },
  },
  '/api/yards/removed': {
    get: {
      operationId: 'listRemovedYards',
      summary: 'Yards that were taken away and can be brought back.',
      responses: {
        200: answer('The yards.', listOf(object({ id: text, name: text, removedAt: text }))),
        ...refusals(403),
      },
    },
  },
  '/api/yards/colonies': {
    get: {
      operationId: 'colonyEntries',
      summary: 'What the books say of colonies that are dead, gone or closed, by yard.',
      parameters: [{ name: 'today', in: 'query', required: true, schema: { type: 'string', format: 'date' } }],
      responses: {
        200: answer('Entries by the identity of their yard.', {
          type: 'object',
          additionalProperties: listOf(ref('bookEntry')),
        }),
        ...refusals(403, 422),
      },
    },
  },
  '/api/yards/food': {
    get: {
      operationId: 'foodBooks',
      summary:
        'What the food of hives is known from, by yard: looks, feed, crops and treatments, and the last weighings.',
      parameters: [{ name: 'today', in: 'query', required: true, schema: { type: 'string', format: 'date' } }],
      responses: {
        200: answer('By the identity of their yard; a weighing is told only while its boxes still stand.', {
          type: 'object',
          additionalProperties: object({
            entries: listOf(ref('bookEntry')),
            weighed: { type: 'object', additionalProperties: object({ at: text, kg: number, parts: text }) },
          }),
        }),
        ...refusals(403, 422),
      },
    },
  },
  '/api/yards/{id}/removed': {
    put: {
      operationId: 'removeYard',
      summary: 'Take a yard away, or bring it back.',
      parameters: [yardId],
      requestBody: body(object({ removed: { type: 'boolean' } })),
      responses: {
        200: answer('Done.', object({ removed: { type: 'boolean' } })),
        ...refusals(400, 403, 404, 422),
      },
    },
  },
  '/api/yards/{id}/edits': {
    post: {
      operationId: 'commitEdits',
      summary: 'Edits made on a revision, all or none; one sent twice is saved once.',
      parameters: [yardId],
      requestBody: body(ref('submission')),
      responses: {
        200: answer('The new revision.', object({ revision: integer })),
        ...refusals(400, 403, 404, 409, 413, 422),
      },
    },
  },
}

const PLANS_PATHS: Json = {
  '/api/plans/import': {
    post: {
      operationId: 'importPlan',
      summary:
        'Bring a plan file in, all of it or nothing; nothing is overwritten, and one sent twice ' +
        'under one identity is brought in once.',
      parameters: [
        { name: 'x-import', in: 'header', schema: { type: 'string', maxLength: 100 } },
        { name: 'x-device', in: 'header', schema: text },
      ],
      requestBody: body(ref('plan')),
      responses: {
        200: answer('What was brought in, and how.', object({ imported: listOf({ type: 'object' }) })),
        ...refusals(403, 413, 422),
      },
    },
  },
  '/api/plans/imports/{importId}': {
    get: {
      operationId: 'importProgress',
      summary:
        'How far bringing a file in has come, by the identity sent as x-import; what became of it when it is done.',
      parameters: [pathId('importId')],
      responses: {
        200: answer(
          'How far.',
          object({ state: { enum: ['reading', 'writing', 'done', 'unknown'] }, yards: integer, of: integer }),
        ),
        ...refusals(403),
      },
    },
    delete: {
      operationId: 'stopImport',
      summary: 'Stop bringing a file in; nothing of it is kept.',
      parameters: [pathId('importId')],
      responses: { 200: answer('It stops.', object({ stopping: { type: 'boolean' } })), ...refusals(403, 404) },
    },
  },
  '/api/plans/export': {
    get: {
      operationId: 'exportPlan',
      summary: 'Everything as one plan file.',
      responses: { 200: answer('The plan.', ref('plan')), ...refusals(403) },
    },
  },
}

const BOOK_PATHS: Json = {
  '/api/yards/{id}/book': {
    get: {
      operationId: 'readYardBook',
      summary: 'What is current in the book of a yard between two days, of all sorts or of those that are named.',
      parameters: [
        yardId,
        { name: 'from', in: 'query', required: true, schema: { type: 'string', format: 'date' } },
        { name: 'to', in: 'query', required: true, schema: { type: 'string', format: 'date' } },
        { name: 'sorts', in: 'query', schema: text, description: 'With commas: look,mites' },
      ],
      responses: { 200: answer('Entries, oldest first.', listOf(ref('bookEntry'))), ...refusals(403, 404, 422) },
    },
    post: {
      operationId: 'addEntries',
      summary: 'Entries of the hive book, all of them kept or none; one that is there already is counted.',
      parameters: [yardId],
      requestBody: body(object({ entries: listOf(ref('bookEntry')) })),
      responses: {
        200: answer('How many were new.', object({ added: integer, repeated: integer })),
        ...refusals(400, 403, 404, 409, 413, 422),
      },
    },
  },
  '/api/yards/{id}/book/open': {
    get: {
      operationId: 'openEntries',
      summary: 'What may still ask for something in a yard: what is due is worked out from it.',
      parameters: [yardId, { name: 'today', in: 'query', required: true, schema: { type: 'string', format: 'date' } }],
      responses: {
        200: answer(
          'Entries, oldest first, the day on which each hive was last weighed, and the air outside by a sensor, of the last hours.',
          object(
            {
              entries: listOf(ref('bookEntry')),
              weighedOn: { type: 'object', additionalProperties: { type: 'string', format: 'date' } },
              outside: object({ at: text, celsius: number, hiveId: text }),
              devices: listOf(object({ id: text, hiveId: text, name: text, percent: number, seenAt: text })),
            },
            ['entries', 'weighedOn', 'devices'],
          ),
        ),
        ...refusals(403, 404, 422),
      },
    },
  },
  '/api/yards/{id}/hives/{hiveId}/book': {
    get: {
      operationId: 'readBook',
      summary: 'Everything that was ever written of a hive, corrections and what they correct, oldest first.',
      parameters: [yardId, hiveId],
      responses: { 200: answer('Entries.', listOf(ref('bookEntry'))), ...refusals(403) },
    },
  },
}

const SENSOR_PLACE = { enum: SENSOR_PLACES }
const AIR_PATHS: Json = {
  '/api/yards/{id}/hives/{hiveId}/air-readings': {
    get: {
      operationId: 'readAir',
      summary: 'The air of a hive: its readings place by place, thinned for a chart, the newest in full, its sensors.',
      parameters: [yardId, hiveId],
      responses: {
        200: answer(
          'The readings.',
          object({ series: listOf({ type: 'object' }), sensors: listOf({ type: 'object' }) }),
        ),
        ...refusals(403),
      },
    },
    post: {
      operationId: 'addAir',
      summary: 'Readings of the air from a file, as a batch; one a minute and place.',
      parameters: [yardId, hiveId],
      requestBody: body(object({ place: SENSOR_PLACE, batchId: text, readings: listOf(ref('airReading')) })),
      responses: {
        200: answer('How many were new.', object({ batchId: text, added: integer, repeated: integer })),
        ...refusals(400, 403, 404, 413, 422),
      },
    },
  },
  '/api/air-readings/{batchId}': {
    put: {
      operationId: 'removeAir',
      summary: 'Take a batch of readings away, or bring it back.',
      parameters: [pathId('batchId')],
      requestBody: body(object({ removed: { type: 'boolean' } })),
      responses: {
        200: answer('Done.', object({ removed: { type: 'boolean' }, readings: integer })),
        ...refusals(400, 403, 404, 422),
      },
    },
  },
  '/api/sensors': {
    post: {
      operationId: 'addSensor',
      summary: 'A sensor of temperature and humidity in a hive or beside it; its key is told once.',
      requestBody: body(object({ yardId: text, hiveId: text, place: SENSOR_PLACE, name: text })),
      responses: {
        201: answer('Identity and key.', object({ id: text, key: text })),
        ...refusals(400, 403, 404, 422),
      },
    },
  },
  '/api/sensors/{id}/readings': {
    post: {
      operationId: 'sensorReport',
      summary: 'What a sensor sends: numbered in order, signed with HMAC-SHA256 of the body in hexadecimal.',
      parameters: [pathId('id'), SIGNATURE],
      requestBody: body(
        object({ sequence: integer, batteryPercent: { type: 'number' }, readings: listOf(ref('airReading')) }, [
          'sequence',
          'readings',
        ]),
      ),
      responses: {
        200: answer(
          'How many were new, and how many of days to come were left out.',
          object({ added: integer, repeated: integer, leftOut: integer, sequence: integer }),
        ),
        ...refusals(400, 401, 403, 409, 413, 422, 429),
      },
    },
  },
}

const WEIGHINGS_PATHS: Json = {
  '/api/yards/{id}/hives/{hiveId}/weigh-ins': {
    get: {
      operationId: 'readWeighIns',
      summary:
        'Weighings of a hive: the series thinned by largest triangle three buckets, the newest in ' +
        'full, its scales.',
      parameters: [
        yardId,
        hiveId,
        { name: 'points', in: 'query', schema: { type: 'integer', minimum: 3, maximum: 5000 } },
      ],
      responses: {
        200: answer(
          'The weighings.',
          object({
            series: object({
              count: integer,
              thinnedBy: { type: ['string', 'null'] },
              points: listOf({ type: 'object' }),
            }),
            latest: listOf({ type: 'object' }),
            scales: listOf({ type: 'object' }),
            boxesChangedAt: { type: ['string', 'null'] },
          }),
        ),
        ...refusals(403, 422),
      },
    },
    post: {
      operationId: 'addWeighIns',
      summary: 'Weighings by hand or from a file, as a batch; one a minute and source.',
      parameters: [yardId, hiveId],
      requestBody: body(ref('weighIns')),
      responses: {
        200: answer('How many were new.', object({ batchId: text, added: integer, repeated: integer })),
        ...refusals(400, 403, 404, 413, 422),
      },
    },
  },
  '/api/weigh-ins/{batchId}': {
    put: {
      operationId: 'removeWeighIns',
      summary: 'Take a batch of weighings away, or bring it back.',
      parameters: [pathId('batchId')],
      requestBody: body(object({ removed: { type: 'boolean' } })),
      responses: {
        200: answer('Done.', object({ removed: { type: 'boolean' }, readings: integer })),
        ...refusals(400, 403, 404, 422),
      },
    },
  },
  '/api/scales': {
    post: {
      operationId: 'addScale',
      summary: 'A scale under a hive; its key is told once.',
      requestBody: body(object({ yardId: text, hiveId: text, name: text })),
      responses: {
        201: answer('Identity and key.', object({ id: text, key: text })),
        ...refusals(400, 403, 404, 422),
      },
    },
  },
  '/api/scales/{id}/readings': {
    post: {
      operationId: 'scaleReport',
      summary: 'What a scale sends: numbered in order, signed with HMAC-SHA256 of the body in hexadecimal.',
      parameters: [pathId('id'), SIGNATURE],
      requestBody: body(
        object(
          {
            sequence: integer,
            batteryPercent: { type: 'number' },
            readings: listOf(object({ at: { type: 'string', format: 'date-time' }, kg: { type: 'number' } })),
          },
          ['sequence', 'readings'],
        ),
      ),
      responses: {
        200: answer('How many were new.', object({ added: integer, repeated: integer, sequence: integer })),
        ...refusals(400, 401, 403, 409, 413, 422, 429),
      },
    },
  },
}

const PRINTS_PATHS: Json = {
  '/api/print/sheet': {
    post: {
      operationId: 'printSheet',
      summary: 'A sheet of words, tables and steps as PDF; nothing is stored.',
      requestBody: body(ref('sheet')),
      responses: {
        200: {
          description: 'The sheet.',
          content: { 'application/pdf': { schema: { type: 'string', format: 'binary' } } },
        },
        ...refusals(400, 403, 413, 422),
      },
    },
  },
  ...Object.fromEntries(
    [
      [
        'visit',
        'printVisit',
        'The tick sheets of a visit as PDF, with a QR code for every hive; nothing is stored.',
        'tickSheets',
      ],
      ['cards', 'printCards', 'Hive cards with QR codes as PDF; nothing is stored.', 'hiveCards'],
    ].map(([path, operationId, summary, schema]) => [
      `/api/print/${path}`,
      {
        post: {
          operationId,
          summary,
          requestBody: body(ref(schema!)),
          responses: {
            200: {
              description: 'The pages.',
              content: { 'application/pdf': { schema: { type: 'string', format: 'binary' } } },
            },
            ...refusals(400, 403, 413, 422),
          },
        },
      },
    ]),
  ),
}

const PAST_PATHS: Json = {
  '/api/yards/{id}/log': {
    get: {
      operationId: 'readLog',
      summary: 'The newest entries of the log, oldest first.',
      parameters: [
        yardId,
        { name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: 999 } },
        { name: 'since', in: 'query', schema: { type: 'integer', minimum: 0 } },
      ],
      responses: { 200: answer('The entries.', listOf(ref('logEntry'))), ...refusals(403, 422) },
    },
  },
  '/api/yards/{id}/past': {
    get: {
      operationId: 'yardAsItStood',
      summary: 'A yard as it stood at a moment of the past, or after a revision.',
      parameters: [
        yardId,
        { name: 'at', in: 'query', schema: { type: 'string', format: 'date-time' } },
        { name: 'revision', in: 'query', schema: integer },
      ],
      responses: { 200: answer('The yard.', ref('yard')), ...refusals(404, 422) },
    },
  },
  '/api/yards/{id}/changes': {
    get: {
      operationId: 'changesOfHive',
      summary: 'What was changed about a hive, when and on which device, newest first.',
      parameters: [yardId, { name: 'hive', in: 'query', required: true, schema: text }],
      responses: { 200: answer('The changes.', listOf(ref('logEntry'))), ...refusals(404, 422) },
    },
  },
  '/api/yards/{id}/parts/{partId}/places': {
    get: {
      operationId: 'placesOfPart',
      summary: 'Where a part has been and what it had held, newest first.',
      parameters: [yardId, pathId('partId')],
      responses: { 200: answer('The places.', listOf({ type: 'object' })), ...refusals(404) },
    },
  },
}

const signedIn = object({ id: text, name: text })
const played = object({ part: { enum: PLAYED } })
const passphrase = { type: 'string', minLength: PASSPHRASE.least, maxLength: PASSPHRASE.most }
const op = (operationId: string, summary: string, sent: Json | null, answered: Json, ...codes: number[]): Json => ({
  operationId,
  summary,
  ...(sent ? { requestBody: body(sent) } : {}),
  responses: { [codes[0]!]: answer(summary, answered), ...refusals(...codes.slice(1)) },
})
const within = (path: Json[], operation: Json): Json => ({ ...operation, parameters: path })
const keeperId = pathId('keeperId')

const KEEPER_PATHS: Json = {
  '/api/me': {
    get: op(
      'whoAmI',
      'Who is signed in, and the part played in each yard.',
      null,
      object({
        on: { type: 'boolean' },
        keeper: { type: ['object', 'null'] },
        mayBegin: { type: 'boolean' },
        plays: { type: 'object' },
      }),
      200,
      403,
    ),
  },
  '/api/me/passphrase': {
    put: op(
      'changePassphrase',
      'Another passphrase; other devices sign in again.',
      object({ before: text, passphrase }),
      object({ changed: { type: 'boolean' } }),
      200,
      ...[401, 403, 422, 429],
    ),
  },
  '/api/me/passkeys': {
    get: op('passkeys', 'Your keys.', null, listOf({ type: 'object' }), 200, 401, 403, 404),
    post: op(
      'addPasskey',
      'Keeps a key that a device has made.',
      object({ device: text, made: { type: 'object' } }),
      object({ id: text }),
      201,
      ...[401, 403, 404, 422],
    ),
  },
  '/api/me/passkeys/options': {
    post: op('newPasskeyOptions', 'What a device needs to make a key.', null, { type: 'object' }, 200, 401, 403, 404),
  },
  '/api/me/passkeys/{passkeyId}': {
    delete: within(
      [pathId('passkeyId')],
      op('dropPasskey', 'Forgets a key.', null, object({ dropped: { type: 'boolean' } }), 200, 401, 403, 404),
    ),
  },
  '/api/passkeys/options': {
    post: op('passkeyOptions', 'What a device needs to sign in with its key.', null, { type: 'object' }, 200, 403, 429),
  },
  '/api/passkeys/sign-in': {
    post: op(
      'signInByPasskey',
      'Signs in with a key of the device.',
      object({ signed: { type: 'object' } }),
      signedIn,
      200,
      ...[403, 422],
    ),
  },
  '/api/sign-in': {
    post: op(
      'signIn',
      'Signs in on this device.',
      object({ name: text, passphrase: text }),
      signedIn,
      200,
      403,
      422,
      429,
    ),
  },
  '/api/sign-out': {
    post: op('signOut', 'Signs out on this device.', null, object({ signedOut: { type: 'boolean' } }), 200, 403),
  },
  '/api/keepers': {
    post: op(
      'beginKeeping',
      'The first keeper, once, on this machine.',
      object({ name: text, passphrase }),
      signedIn,
      201,
      403,
      422,
    ),
  },
  '/api/join': {
    post: op(
      'join',
      'Takes up an invitation.',
      object({ token: text, name: text, passphrase }, ['token']),
      object({ yardId: text, part: { enum: PLAYED } }),
      200,
      ...[403, 422, 429],
    ),
  },
  '/api/join/look': {
    post: op(
      'lookAtInvitation',
      'Who invites to which yard, and as what, before it is taken up.',
      object({ token: text }),
      object({ yards: listOf(text), inviter: text, part: { enum: PLAYED }, endsAt: text }),
      200,
      ...[422, 429],
    ),
  },
  '/api/yards/{id}/keepers': {
    get: within(
      [yardId],
      op(
        'listKeepers',
        'The keepers of a yard.',
        null,
        listOf(object({ id: text, name: text, part: { enum: PLAYED }, since: text })),
        200,
        401,
        403,
        404,
      ),
    ),
  },
  '/api/yards/{id}/keepers/{keeperId}': {
    put: within(
      [yardId, keeperId],
      op('setPart', 'Another part for a keeper.', played, played, 200, 401, 403, 404, 422),
    ),
    delete: within(
      [yardId, keeperId],
      op(
        'removeKeeper',
        'Takes a keeper out of a yard.',
        null,
        object({ removed: { type: 'boolean' } }),
        200,
        401,
        403,
        404,
        422,
      ),
    ),
  },
  '/api/yards/{id}/invitations': {
    post: within(
      [yardId],
      op(
        'invite',
        'Invites somebody to this yard and to others of the same owner, for a day and for one.',
        object({ part: { enum: PLAYED }, also: listOf(text) }, ['part']),
        object({ token: text, endsAt: text }),
        201,
        401,
        403,
        404,
        422,
      ),
    ),
  },
}

const SERVER_PATHS: Json = {
  '/api/assess': {
    post: {
      operationId: 'assess',
      summary: 'Assess every hive of a plan file; nothing is stored.',
      parameters: [
        { name: 'units', in: 'query', schema: { enum: ['mm', 'inches'] } },
        { name: 'words', in: 'query', schema: { enum: ['british', 'northAmerican'] } },
      ],
      requestBody: body(ref('plan')),
      responses: {
        200: answer('Gaps and findings, as data and as sentences.', object({ hives: listOf(ref('assessedHive')) })),
        ...refusals(403, 413, 422),
      },
    },
  },
  '/api/openapi.json': {
    get: {
      operationId: 'describe',
      summary: 'This description.',
      responses: { 200: answer('OpenAPI 3.1.', { type: 'object' }) },
    },
  },
  '/api/health': {
    get: {
      operationId: 'health',
      summary: 'Whether the server and its database answer.',
      responses: { 200: answer('They do.', object({ ok: { type: 'boolean' } })) },
    },
  },
}

/** The description of everything the server answers to (OpenAPI 3.1). */
export function openApiDocument(): Json {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Duvet',
      version: '1.0.0',
      description: 'Plans framed, vertically stacked bee hives. Lengths in millimetres.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    servers: [{ url: '/' }],
    paths: {
      ...YARDS_PATHS,
      ...PLANS_PATHS,
      ...WEIGHINGS_PATHS,
      ...AIR_PATHS,
      ...BOOK_PATHS,
      ...PRINTS_PATHS,
      ...PAST_PATHS,
      ...KEEPER_PATHS,
      ...SERVER_PATHS,
    },
    components: { schemas: { ...planComponents(), ...EXTRA } },
  }
}

let known: readonly { readonly pattern: RegExp; readonly methods: readonly string[] }[] | undefined

/** The methods that an address of the server takes; undefined where there is no such address. */
export function methodsOf(path: string): readonly string[] | undefined {
  known ??= entriesOf<string, object>(Object(openApiDocument().paths)).map(([address, operations]) => {
    const methods = Object.keys(operations).map((method) => method.toUpperCase())
    return {
      pattern: new RegExp(`^${address.replaceAll('.', '\\.').replaceAll(/\{\w+\}/g, '[^/]+')}$`),
      methods: methods.includes('GET') ? [...methods, 'HEAD'] : methods,
    }
  })
  return known.find(({ pattern }) => pattern.test(path))?.methods
}
