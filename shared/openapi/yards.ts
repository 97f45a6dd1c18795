import type { Json } from '../json-schema'
import {
  anything,
  date,
  flag,
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
  time,
  yardId,
} from './operation'

/** Yards, what was changed about them, and plan files. */
export const YARDS: Json = {
  '/api/yards': {
    get: operation('listYards', 'Every yard with its revision.', {
      answered: listOf(ref('storedYard')),
      refused: [403],
    }),
    post: operation('addYard', 'A new yard.', {
      sent: 'yard',
      answered: object({ revision: integer }),
      code: 201,
      refused: [400, 403, 409, 413, 422],
    }),
  },
  '/api/yards/removed': {
    get: operation('listRemovedYards', 'Yards that were taken away and can be brought back.', {
      answered: listOf(object({ id: text, name: text, removedAt: text })),
      refused: [403],
    }),
  },
  '/api/yards/colonies': {
    get: operation('colonyEntries', 'What the books say of colonies that are dead, gone or closed, by yard.', {
      parameters: [inQuery('today', date, true)],
      answered: { type: 'object', additionalProperties: listOf(ref('bookEntry')) },
      refused: [403, 422],
    }),
  },
  '/api/yards/food': {
    get: operation(
      'foodBooks',
      'What the food of hives is known from, by yard: looks, feed, crops and treatments, and the last weighings, ' +
        'which are told only while their boxes still stand.',
      {
        parameters: [inQuery('today', date, true)],
        answered: {
          type: 'object',
          additionalProperties: object({
            entries: listOf(ref('bookEntry')),
            weighed: { type: 'object', additionalProperties: object({ at: text, kg: number, parts: text }) },
          }),
        },
        refused: [403, 422],
      },
    ),
  },
  '/api/yards/{id}/removed': {
    put: operation('removeYard', 'Take a yard away, or bring it back.', {
      parameters: [yardId],
      sent: 'removed',
      answered: object({ removed: flag }),
      refused: [400, 403, 404, 422],
    }),
  },
  '/api/yards/{id}/edits': {
    post: operation('commitEdits', 'Edits made on a revision, all or none; one sent twice is saved once.', {
      parameters: [yardId],
      sent: 'submission',
      answered: object({ revision: integer }),
      refused: [400, 403, 404, 409, 413, 422],
    }),
  },
  '/api/yards/{id}/log': {
    get: operation('readLog', 'The newest entries of the log, oldest first.', {
      parameters: [
        yardId,
        inQuery('limit', { type: 'integer', minimum: 1, maximum: 999 }),
        inQuery('since', { type: 'integer', minimum: 0 }),
      ],
      answered: listOf(ref('logEntry')),
      refused: [403, 422],
    }),
  },
  '/api/yards/{id}/past': {
    get: operation('yardAsItStood', 'A yard as it stood at a moment of the past, or after a revision.', {
      parameters: [yardId, inQuery('at', time), inQuery('revision', integer)],
      answered: ref('yard'),
      refused: [404, 422],
    }),
  },
  '/api/yards/{id}/changes': {
    get: operation('changesOfHive', 'What was changed about a hive, when and on which device, newest first.', {
      parameters: [yardId, inQuery('hive', text, true)],
      answered: listOf(ref('logEntry')),
      refused: [404, 422],
    }),
  },
  '/api/yards/{id}/parts/{partId}/places': {
    get: operation('placesOfPart', 'Where a part has been and what it had held, newest first.', {
      parameters: [yardId, inPath('partId')],
      answered: listOf(anything),
      refused: [404],
    }),
  },
  '/api/plans/import': {
    post: operation(
      'importPlan',
      'Bring a plan file in, all of it or nothing; nothing is overwritten, and one sent twice under one identity is ' +
        'brought in once.',
      {
        parameters: [inHeader('x-import', { type: 'string', maxLength: 100 }), inHeader('x-device', text)],
        sent: 'plan',
        answered: object({ imported: listOf(anything) }),
        refused: [403, 413, 422],
      },
    ),
  },
  '/api/plans/imports/{importId}': {
    get: operation(
      'importProgress',
      'How far bringing a file in has come, by the identity sent as x-import; what became of it when it is done.',
      {
        parameters: [inPath('importId')],
        answered: object({
          state: { enum: ['reading', 'writing', 'done', 'unknown'] },
          yards: integer,
          of: integer,
        }),
        refused: [403],
      },
    ),
    delete: operation('stopImport', 'Stop bringing a file in; nothing of it is kept.', {
      parameters: [inPath('importId')],
      answered: object({ stopping: flag }),
      refused: [403, 404],
    }),
  },
  '/api/plans/export': {
    get: operation('exportPlan', 'Everything as one plan file.', { answered: ref('plan'), refused: [403] }),
  },
}
