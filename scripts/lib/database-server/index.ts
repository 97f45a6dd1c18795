import { randomUUID } from 'node:crypto'
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import type { Pipeline, Request } from './protocol'
import { failureOf, Stream, WriteLock } from './stream'

/** What goes wrong with a request: the line is cut before or after it was done, it is slow, or it is refused. */
export interface Trouble {
  readonly delayMs?: number
  readonly cut?: 'before' | 'after'
  readonly status?: number
  readonly error?: { readonly message: string; readonly code: string }
}

export interface DatabaseServer {
  readonly url: string
  /** How many requests came so far. */
  readonly count: () => number
  /** Asked before every request, with its number and what it asks for. */
  trouble: (n: number, requests: readonly Request[]) => Trouble | undefined
  /** Only who names it is answered; undefined answers everybody. */
  token: string | undefined
  stop: () => Promise<void>
}

/** A stream that nobody goes on with ends so long after, and what it had begun with it, ms. */
const IDLE_MS = 5000

/**
 * A stand-in for a libSQL server: speaks Hrana over HTTP, version 2, over a file of this machine. For tests and benches
 * only: it knows no users and keeps no copies.
 */
export function startDatabaseServer(path: string, { idleMs = IDLE_MS } = {}): Promise<DatabaseServer> {
  const streams = new Map<string, Stream>()
  const lock = new WriteLock()
  let count = 0
  const http = createServer((request, response) => void answer(request, response))
  const server: DatabaseServer = {
    url: '',
    count: () => count,
    trouble: () => undefined,
    token: undefined,
    stop: () =>
      new Promise((resolve) => {
        clearInterval(sweep)
        for (const stream of streams.values()) stream.close()
        streams.clear()
        http.closeAllConnections()
        http.close(() => resolve())
      }),
  }
  const sweep = setInterval(() => {
    for (const [baton, stream] of streams) {
      if (performance.now() - stream.usedAt < idleMs) continue
      stream.close()
      streams.delete(baton)
    }
  }, idleMs / 4)

  async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const chunks: Buffer[] = []
    for await (const chunk of request) chunks.push(chunk as Buffer)
    if (server.token !== undefined && request.headers.authorization !== `Bearer ${server.token}`)
      return void response.writeHead(401).end('{"error":"Unauthorized: the token is not known or has ended"}')
    if (request.url !== '/v2/pipeline') return void response.writeHead(request.url === '/v2' ? 200 : 404).end()
    const { baton, requests } = JSON.parse(Buffer.concat(chunks).toString('utf8')) as Pipeline
    const trouble = server.trouble(count++, requests)
    if (trouble?.delayMs) await new Promise((resolve) => setTimeout(resolve, trouble.delayMs))
    if (trouble?.status) return void response.writeHead(trouble.status).end('{"error":"no"}')
    if (trouble?.cut === 'before') return void request.socket.destroy()
    const done = await run(baton, requests, trouble?.error)
    if (trouble?.cut === 'after') return void request.socket.destroy()
    if (!done) return void response.writeHead(400).end('{"error":"The stream has expired"}')
    response.writeHead(200, { 'content-type': 'application/json' }).end(JSON.stringify(done))
  }

  async function run(baton: string | null | undefined, requests: readonly Request[], refused: Trouble['error']) {
    const stream = baton ? streams.get(baton) : new Stream(path, lock)
    if (!stream) return undefined
    if (baton) streams.delete(baton)
    const results: unknown[] = []
    for (const request of requests) {
      try {
        if (refused && request.type !== 'close') throw Object.assign(new Error(refused.message), { code: refused.code })
        results.push({ type: 'ok', response: await stream.answer(request) })
      } catch (error) {
        results.push({ type: 'error', error: failureOf(error) })
      }
    }
    const isClosed = requests.some(({ type }) => type === 'close')
    const next = isClosed ? null : randomUUID()
    stream.usedAt = performance.now()
    if (next) streams.set(next, stream)
    else stream.close()
    return { baton: next, base_url: null, results }
  }

  return new Promise((resolve) => {
    http.listen(0, '127.0.0.1', () => {
      const { port } = http.address() as AddressInfo
      resolve(Object.assign(server, { url: `http://127.0.0.1:${port}` }))
    })
  })
}
