import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

export interface RunningServer {
  readonly url: string
  readonly port: number
  readonly databasePath: string
  readonly process: ChildProcess
  stop: (signal?: NodeJS.Signals) => Promise<void>
}

export interface ServerOptions {
  /** A plan file to fill an empty database with. */
  readonly seed?: string
  readonly databasePath?: string
  readonly port?: number
  readonly env?: Readonly<Record<string, string>>
  /** What was built, where it is another build than the one that stands here. */
  readonly output?: string
}

/** A port that nothing listens on now. */
export function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.on('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0))
    })
  })
}

/** Starts the built server with a database of its own and waits until it answers. */
export async function startServer({
  seed,
  databasePath,
  port,
  env = {},
  output = '.output',
}: ServerOptions = {}): Promise<RunningServer> {
  const folder = databasePath ? undefined : mkdtempSync(join(tmpdir(), 'duvet-'))
  const path = databasePath ?? join(folder!, 'duvet.db')
  const onPort = port ?? (await freePort())
  const child = spawn(process.execPath, [`${output}/server/index.mjs`], {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: {
      ...process.env,
      NITRO_PORT: String(onPort),
      NITRO_HOST: '127.0.0.1',
      DUVET_DATABASE: `file:${path}`,
      ...(seed ? { DUVET_SEED: seed } : {}),
      ...env,
    },
  })
  let errors = ''
  child.stderr.on('data', (data: Buffer) => {
    errors += data.toString()
  })
  const url = `http://127.0.0.1:${onPort}`
  await answering(url, child, () => errors)
  const stop = (signal: NodeJS.Signals = 'SIGTERM') =>
    new Promise<void>((resolve) => {
      const done = () => {
        if (folder && signal === 'SIGTERM') rmSync(folder, { recursive: true, force: true })
        resolve()
      }
      if (child.exitCode !== null || child.signalCode !== null) return done()
      child.once('exit', done)
      child.kill(signal)
    })
  return { url, port: onPort, databasePath: path, process: child, stop }
}

async function answering(url: string, child: ChildProcess, errors: () => string): Promise<void> {
  for (let tries = 0; tries < 600; tries++) {
    if (child.exitCode !== null) throw new Error(`the server ended at once: ${errors()}`)
    const answer = await fetch(`${url}/api/health`).catch(() => undefined)
    if (answer?.ok) return
    await new Promise((resolve) => setTimeout(resolve, 25))
  }
  throw new Error(`the server did not answer: ${errors()}`)
}
