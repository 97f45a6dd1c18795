import { there } from '#core/units'
import type { Played } from '#wire/keepers'

/**
 * Who may ask what: anyone, whoever is signed in, who plays a part in the yard of the address, or a device that signs.
 * What is about a yard that the address does not name is looked at where it is known.
 */
export type RouteRule = 'anyone' | 'signed-in' | 'device' | 'nobody' | Played

/** One rule for every route; a route without one is closed, and a test fails. */
export const RULES: Readonly<Record<string, RouteRule>> = {
  'GET /api/health': 'anyone',
  'GET /api/openapi.json': 'anyone',
  'GET /api/me': 'anyone',
  'POST /api/sign-in': 'anyone',
  'POST /api/sign-out': 'anyone',
  'POST /api/keepers': 'anyone',
  'POST /api/join': 'anyone',
  'POST /api/join/look': 'anyone',
  'PUT /api/me/passphrase': 'signed-in',
  'GET /api/me/passkeys': 'signed-in',
  'POST /api/me/passkeys': 'signed-in',
  'POST /api/me/passkeys/options': 'signed-in',
  'DELETE /api/me/passkeys/{passkeyId}': 'signed-in',
  'POST /api/passkeys/options': 'anyone',
  'POST /api/passkeys/sign-in': 'anyone',
  'GET /api/_auth/session': 'nobody',
  'DELETE /api/_auth/session': 'nobody',

  'GET /api/yards': 'signed-in',
  'POST /api/yards': 'signed-in',
  'GET /api/yards/removed': 'signed-in',
  'GET /api/yards/colonies': 'signed-in',
  'GET /api/yards/food': 'signed-in',
  'PUT /api/yards/{id}/removed': 'owner',
  'POST /api/yards/{id}/edits': 'helper',
  'GET /api/yards/{id}/log': 'reader',
  'GET /api/yards/{id}/past': 'reader',
  'GET /api/yards/{id}/changes': 'reader',
  'GET /api/yards/{id}/parts/{partId}/places': 'reader',
  'GET /api/yards/{id}/keepers': 'reader',
  'PUT /api/yards/{id}/keepers/{keeperId}': 'owner',
  'DELETE /api/yards/{id}/keepers/{keeperId}': 'owner',
  'POST /api/yards/{id}/invitations': 'owner',

  'GET /api/yards/{id}/book': 'reader',
  'POST /api/yards/{id}/book': 'helper',
  'GET /api/yards/{id}/book/open': 'reader',
  'GET /api/yards/{id}/hives/{hiveId}/book': 'reader',
  'GET /api/yards/{id}/hives/{hiveId}/readings': 'reader',
  'POST /api/yards/{id}/hives/{hiveId}/readings': 'helper',
  // The yard of a batch, a scale or a sensor is looked up, or named in what is sent.
  'PUT /api/batches/{batchId}': 'signed-in',
  'POST /api/devices': 'signed-in',
  'POST /api/devices/{id}/readings': 'device',
  'POST /api/scales/{id}/readings': 'device',
  'POST /api/sensors/{id}/readings': 'device',

  'POST /api/plans/import': 'signed-in',
  'GET /api/plans/imports/{importId}': 'signed-in',
  'DELETE /api/plans/imports/{importId}': 'signed-in',
  'GET /api/plans/export': 'signed-in',
  'POST /api/assess': 'signed-in',
  'POST /api/print/sheet': 'signed-in',
  'POST /api/print/visit': 'signed-in',
  'POST /api/print/cards': 'signed-in',
}

const PATTERNS = Object.entries(RULES).map(([route, rule]) => {
  const [method, path] = route.split(' ')
  return {
    method,
    rule,
    pattern: new RegExp(
      `^${there(path)
        .replaceAll('.', '\\.')
        .replaceAll(/\{\w+\}/g, '[^/]+')}$`,
    ),
  }
})

/** The rule of an address; undefined where there is none. */
export function ruleOf(method: string, path: string): RouteRule | undefined {
  const asked = method === 'HEAD' ? 'GET' : method
  return PATTERNS.find((one) => one.method === asked && one.pattern.test(path))?.rule
}
