import type { Json } from '../json-schema'
import { READING_KINDS } from '../readings/kinds'
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

const SIGNED = 'What a device sends: numbered in order, signed with HMAC-SHA256 of the body in hexadecimal.'
const report = (operationId: string, summary: string): Json =>
  operation(operationId, summary, {
    parameters: [inPath('id'), SIGNATURE],
    sent: 'deviceReport',
    answered: object({ added: integer, repeated: integer, leftOut: integer, sequence: integer }),
    refused: [400, 401, 403, 409, 413, 422, 429],
  })

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
  '/api/yards/{id}/hives/{hiveId}/readings': {
    get: operation(
      'readReadings',
      'Readings of one kind of a hive, place by place: thinned for a chart, the newest in full, its devices.',
      {
        parameters: [
          yardId,
          hiveId,
          inQuery('kind', { enum: Object.keys(READING_KINDS) }, true),
          inQuery('points', { type: 'integer', minimum: 3, maximum: 5000 }),
        ],
        answered: object({
          series: listOf(
            object({
              place: text,
              count: integer,
              thinnedBy: maybeText,
              points: listOf(anything),
              latest: anything,
              batchIds: listOf(text),
            }),
          ),
          latest: listOf(anything),
          devices: listOf(anything),
          boxesChangedAt: maybeText,
        }),
        refused: [403, 422],
      },
    ),
    post: operation('addReadings', 'Readings by hand or from a file, as a batch; one a minute, place and source.', {
      parameters: [yardId, hiveId],
      sent: 'readings',
      answered: object({ batchId: text, added: integer, repeated: integer }),
      refused: [400, 403, 404, 413, 422],
    }),
  },
  '/api/batches/{batchId}': {
    put: operation('removeBatch', 'Take a batch of readings away, or bring it back.', {
      parameters: [inPath('batchId')],
      sent: 'removed',
      answered: object({ removed: flag, readings: integer }),
      refused: [400, 403, 404, 422],
    }),
  },
  '/api/devices': {
    post: operation('addDevice', 'A device that reads a hive: a scale, a sensor of the air; its key is told once.', {
      sent: 'device',
      answered: object({ id: text, key: text }),
      code: 201,
      refused: [400, 403, 404, 422],
    }),
  },
  '/api/devices/{id}/readings': { post: report('deviceReport', SIGNED) },
  '/api/scales/{id}/readings': { post: report('scaleReport', `${SIGNED} As scales were set up once.`) },
  '/api/sensors/{id}/readings': { post: report('sensorReport', `${SIGNED} As sensors were set up once.`) },
}
