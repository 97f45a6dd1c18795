import { defineEventHandler } from 'h3'
import { refusal } from '../utils/answers'

const OWN_NAMES = new Set([
  'localhost',
  '127.0.0.1',
  '[::1]',
  ...(process.env.DUVET_HOSTS ?? '').split(',').filter(Boolean),
])
const SAFE_METHODS = new Set(['GET', 'HEAD', 'OPTIONS'])

/** Refuses requests for another host (a name rebound to this machine) and writes that another site's page sends. */
export default defineEventHandler((event) => {
  const { host = '', origin, 'sec-fetch-site': site } = event.node.req.headers
  if (!OWN_NAMES.has(host.replace(/:\d+$/, ''))) {
    throw refusal(403, {
      field: 'Host',
      sentence: 'This server answers to its own name only; others are allowed with DUVET_HOSTS.',
    })
  }
  if (SAFE_METHODS.has(event.method)) return
  const foreign = origin !== undefined && hostOf(origin) !== host
  if (foreign || site === 'cross-site' || site === 'same-site') {
    throw refusal(403, { field: 'Origin', sentence: 'Changes are taken from this server’s own pages only.' })
  }
})

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host
  } catch {
    return undefined
  }
}
