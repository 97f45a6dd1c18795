import { randomUUID } from 'node:crypto'
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { setTimeout as wait } from 'node:timers/promises'
import type { Pipeline, Request } from './protocol'
import { failureOf, Stream, WriteLock } from './stream'

/** What goes wrong with a request: the line is cut before or after it was done, it is slow, or it is refused. */
export interface Trouble {
  readonly delayMs?: number
  readonly cut?: 'before' | 'after'
  readonly status?: number
  readonly error?: { readonly message: string; readonly code: string }
}

/** A stream that nobody goes on with ends so long after, and what it had begun with it, ms. */
const IDLE_MS = 5000
/** A real server ends a stream that stays open for seconds, used or not. */
const LIFE_MS = 2000

/** How patient a stand-in is, ms: with a stream that nobody uses, with any stream; how long each request takes. */
export interface Patience {
  readonly idleMs?: number
  readonly lifeMs?: number
  readonly delayMs?: number
}

/**
 * A stand-in for a libSQL server: speaks Hrana over HTTP, version 2, over a file of this machine. For tests and benches
 * only: it knows no users and keeps no copies.
 */
export class DatabaseServer {
  url = ''
  /** Asked before every request, with its number and what it asks for. */
  trouble: (n: number, requests: readonly Request[]) => Trouble | undefined = () => undefined
  /** Only who names it is answered; undefined answers everybody. */
  token: string | undefined
  private asked = 0
  private readonly streams = new Map<string, Stream>()
  private readonly lock = new WriteLock()
  private readonly http = createServer((request, response) => void this.answer(request, response))
  private readonly sweep: ReturnType<typeof setInterval>

  constructor(
    private readonly path: string,
    private readonly patience: Required<Patience>,
  ) {
    this.sweep = setInterval(() => this.endOld(), Math.min(patience.idleMs, patience.lifeMs) / 4)
  }

  /** How many requests came so far. */
  count(): number {
    return this.asked
  }

  listen(): Promise<this> {
    return new Promise((resolve) => {
      this.http.listen(0, '127.0.0.1', () => {
        const { port } = this.http.address() as AddressInfo
        this.url = `http://127.0.0.1:${port}`
        resolve(this)
      })
    })
  }

  stop(): Promise<void> {
    clearInterval(this.sweep)
    for (const stream of this.streams.values()) stream.close()
    this.streams.clear()
    this.http.closeAllConnections()
    return new Promise((resolve) => this.http.close(() => resolve()))
  }

  private isOver({ usedAt, begunAt }: Stream): boolean {
    const now = performance.now()
    return now - usedAt >= this.patience.idleMs || now - begunAt >= this.patience.lifeMs
  }

  private endOld(): void {
    for (const [baton, stream] of this.streams) {
      if (!this.isOver(stream)) continue
      stream.close()
      this.streams.delete(baton)
    }
  }

  private async answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const chunks: Buffer[] = []
    for await (const chunk of request) chunks.push(chunk as Buffer)
    if (this.token !== undefined && request.headers.authorization !== `Bearer ${this.token}`)
      return void response.writeHead(401).end('{"error":"Unauthorized: the token is not known or has ended"}')
    if (request.url !== '/v2/pipeline') return void response.writeHead(request.url === '/v2' ? 200 : 404).end()
    const { baton, requests } = JSON.parse(Buffer.concat(chunks).toString('utf8')) as Pipeline
    const trouble = this.trouble(this.asked++, requests)
    await wait(trouble?.delayMs ?? this.patience.delayMs)
    // It was stopped meanwhile: nothing is done for who is not there any more.
    if (!this.http.listening) return
    if (trouble?.status) return void response.writeHead(trouble.status).end('{"error":"no"}')
    if (trouble?.cut === 'before') return void request.socket.destroy()
    const done = await this.run(baton, requests, trouble?.error)
    if (trouble?.cut === 'after') return void request.socket.destroy()
    if (!done) return void response.writeHead(400).end('{"error":"The stream has expired"}')
    response.writeHead(200, { 'content-type': 'application/json' }).end(JSON.stringify(done))
  }

  private async run(baton: string | null | undefined, requests: readonly Request[], refused: Trouble['error']) {
    const stream = baton ? this.streams.get(baton) : new Stream(this.path, this.lock)
    if (!stream) return undefined
    if (baton) this.streams.delete(baton)
    if (this.isOver(stream)) return void stream.close()
    const results: unknown[] = []
    for (const request of requests) {
      try {
        if (refused && request.type !== 'close') throw Object.assign(new Error(refused.message), { code: refused.code })
        results.push({ type: 'ok', response: await stream.answer(request) })
      } catch (error) {
        results.push({ type: 'error', error: failureOf(error) })
      }
    }
    const next = requests.some(({ type }) => type === 'close') ? null : randomUUID()
    stream.usedAt = performance.now()
    if (next) this.streams.set(next, stream)
    else stream.close()
    return { baton: next, base_url: null, results }
  }
}

/** Starts a stand-in over a file, on a port that is free. */
export function startDatabaseServer(
  path: string,
  { idleMs = IDLE_MS, lifeMs = LIFE_MS, delayMs = 0 }: Patience = {},
): Promise<DatabaseServer> {
  return new DatabaseServer(path, { idleMs, lifeMs, delayMs }).listen()
}
