import type { Json } from '../json-schema'
import type { CheckedShape } from '../shapes'
import {
  anything,
  date,
  flag,
  hiveId,
  inHeader,
  inPath,
  inQuery,
  integer,
  listOf,
  number,
  object,
  operation,
  ref,
  text,
  yardId,
} from './operation'

const SIGNATURE = inHeader('x-signature', { type: 'string', pattern: '^[0-9a-f]{64}$' }, true)

/** One kind of readings, and what is called what. */
interface OneKind {
  readonly what: string
  readonly path: string
  readonly batches: string
  readonly devices: string
  readonly names: readonly [read: string, add: string, remove: string, device: string, report: string]
  readonly sent: CheckedShape
  readonly device: CheckedShape
  readonly report: CheckedShape
  readonly aDevice: string
  readonly query?: readonly Json[]
  readonly answered: Json
}

/** Readings of one kind: of a hive, batch by batch, and of the devices that send them. */
function readings(named: OneKind): Json {
  const [read, add, remove, device, report] = named.names
  return {
    [`/api/yards/{id}/hives/{hiveId}/${named.path}`]: {
      get: operation(read, `${named.what} of a hive: thinned for a chart, the newest in full, its devices.`, {
        parameters: [yardId, hiveId, ...(named.query ?? [])],
        answered: named.answered,
        refused: [403, 422],
      }),
      post: operation(add, `${named.what} by hand or from a file, as a batch; one a minute and place.`, {
        parameters: [yardId, hiveId],
        sent: named.sent,
        answered: object({ batchId: text, added: integer, repeated: integer }),
        refused: [400, 403, 404, 413, 422],
      }),
    },
    [`/api/${named.batches}/{batchId}`]: {
      put: operation(remove, 'Take a batch away, or bring it back.', {
        parameters: [inPath('batchId')],
        sent: 'removed',
        answered: object({ removed: flag, readings: integer }),
        refused: [400, 403, 404, 422],
      }),
    },
    [`/api/${named.devices}`]: {
      post: operation(device, `${named.aDevice}; its key is told once.`, {
        sent: named.device,
        answered: object({ id: text, key: text }),
        code: 201,
        refused: [400, 403, 404, 422],
      }),
    },
    [`/api/${named.devices}/{id}/readings`]: {
      post: operation(
        report,
        'What a device sends: numbered in order, signed with HMAC-SHA256 of the body in hexadecimal.',
        {
          parameters: [inPath('id'), SIGNATURE],
          sent: named.report,
          answered: object({ added: integer, repeated: integer, leftOut: integer, sequence: integer }, [
            'added',
            'repeated',
            'sequence',
          ]),
          refused: [400, 401, 403, 409, 413, 422, 429],
        },
      ),
    },
  }
}

const maybeText = { type: ['string', 'null'] } as const

/** What is written of hives, what they weigh, and the air in them. */
export const HIVES: Json = {
  '/api/yards/{id}/book': {
    get: operation(
      'readYardBook',
      'What is current in the book of a yard between two days, oldest first: of all sorts, or of those named.',
      {
        parameters: [yardId, inQuery('from', date, true), inQuery('to', date, true), inQuery('sorts', text)],
        answered: listOf(ref('bookEntry')),
        refused: [403, 404, 422],
      },
    ),
    post: operation(
      'addEntries',
      'Entries of the hive book, all of them kept or none; one that is there already is counted.',
      {
        parameters: [yardId],
        sent: 'sentEntries',
        answered: object({ added: integer, repeated: integer }),
        refused: [400, 403, 404, 409, 413, 422],
      },
    ),
  },
  '/api/yards/{id}/book/open': {
    get: operation(
      'openEntries',
      'What may still ask for something in a yard: entries, oldest first, the day on which each hive was last ' +
        'weighed, and the air outside by a sensor, of the last hours.',
      {
        parameters: [yardId, inQuery('today', date, true)],
        answered: object(
          {
            entries: listOf(ref('bookEntry')),
            weighedOn: { type: 'object', additionalProperties: date },
            outside: object({ at: text, celsius: number, hiveId: text }),
            devices: listOf(object({ id: text, hiveId: text, name: text, percent: number, seenAt: text })),
          },
          ['entries', 'weighedOn', 'devices'],
        ),
        refused: [403, 404, 422],
      },
    ),
  },
  '/api/yards/{id}/hives/{hiveId}/book': {
    get: operation(
      'readBook',
      'Everything that was ever written of a hive, corrections and what they correct, oldest first.',
      { parameters: [yardId, hiveId], answered: listOf(ref('bookEntry')), refused: [403] },
    ),
  },
  ...readings({
    what: 'Weighings',
    path: 'weigh-ins',
    batches: 'weigh-ins',
    devices: 'scales',
    names: ['readWeighIns', 'addWeighIns', 'removeWeighIns', 'addScale', 'scaleReport'],
    sent: 'weighIns',
    device: 'scale',
    report: 'scaleReport',
    aDevice: 'A scale under a hive',
    query: [inQuery('points', { type: 'integer', minimum: 3, maximum: 5000 })],
    answered: object({
      series: object({ count: integer, thinnedBy: maybeText, points: listOf(anything) }),
      latest: listOf(anything),
      scales: listOf(anything),
      boxesChangedAt: maybeText,
    }),
  }),
  ...readings({
    what: 'Readings of the air',
    path: 'air-readings',
    batches: 'air-readings',
    devices: 'sensors',
    names: ['readAir', 'addAir', 'removeAir', 'addSensor', 'sensorReport'],
    sent: 'airReadings',
    device: 'sensor',
    report: 'sensorReport',
    aDevice: 'A sensor of temperature and humidity in a hive or beside it',
    answered: object({ series: listOf(anything), sensors: listOf(anything) }),
  }),
}
