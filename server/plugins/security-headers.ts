import { there } from '#core/units'
import { createHash } from 'node:crypto'
import { defineNitroPlugin } from 'nitropack/runtime'
import { hasPage } from '../utils/pages'

/**
 * On every answer, of whatever address. Files whose name holds their content may be kept by the browser; nothing else
 * is.
 */
const ALWAYS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'x-frame-options': 'DENY',
} as const
const HASHED = /^\/_nuxt\/.*\.(js|css|woff2?)$/

/** A strict policy: own scripts and styles only, and the hash of each inline script that the page itself carries. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', (event) => {
    const { res } = event.node
    for (const [name, value] of Object.entries(ALWAYS)) res.setHeader(name, value)
    if (!HASHED.test(event.path)) res.setHeader('cache-control', 'no-store')
  })
  nitro.hooks.hook('beforeResponse', (event) => {
    event.node.res.removeHeader('x-powered-by')
  })
  nitro.hooks.hook('render:response', (response, { event }) => {
    if (!hasPage(event.path)) response.statusCode = 404
    const html = String(response.body ?? '')
    const hashes = [...html.matchAll(/<script(?![^>]*\bsrc=)([^>]*)>([\s\S]*?)<\/script>/g)]
      .filter(
        ([, attributes, body]) => body !== '' && !/type="(application\/json|speculationrules)"/.test(attributes ?? ''),
      )
      .map(([, , body]) => `'sha256-${createHash('sha256').update(there(body)).digest('base64')}'`)
    const policy = [
      `default-src 'self'`,
      `script-src 'self' ${hashes.join(' ')}`.trim(),
      `style-src 'self'`,
      `img-src 'self' data: blob:`,
      `font-src 'self'`,
      `connect-src 'self'`,
      `worker-src 'self'`,
      `object-src 'none'`,
      `base-uri 'none'`,
      `form-action 'self'`,
      `frame-ancestors 'none'`,
    ].join('; ')
    const { 'x-powered-by': _made, ...headers } = response.headers ?? {}
    response.headers = { ...headers, 'content-security-policy': policy, 'cache-control': 'no-store' }
  })
})
