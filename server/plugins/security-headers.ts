import { createHash } from 'node:crypto'
import { defineNitroPlugin } from 'nitropack/runtime'

/** A strict policy: own scripts and styles only, and the hash of each inline script that the page itself carries. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:response', (response) => {
    const html = String(response.body ?? '')
    const hashes = [...html.matchAll(/<script(?![^>]*\bsrc=)([^>]*)>([\s\S]*?)<\/script>/g)]
      .filter(([, attributes, body]) => body !== '' && !/type="(application\/json|speculationrules)"/.test(attributes ?? ''))
      .map(([, , body]) => `'sha256-${createHash('sha256').update(body!).digest('base64')}'`)
    const policy = [
      `default-src 'self'`, `script-src 'self' ${hashes.join(' ')}`.trim(), `style-src 'self'`, `img-src 'self' data: blob:`, `font-src 'self'`,
      `connect-src 'self'`, `worker-src 'self'`, `object-src 'none'`, `base-uri 'none'`, `form-action 'self'`, `frame-ancestors 'none'`,
    ].join('; ')
    response.headers = {
      ...response.headers,
      'content-security-policy': policy,
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      'cross-origin-opener-policy': 'same-origin',
    }
  })
})
