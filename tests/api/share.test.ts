import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { request } from 'node:https'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { freePort, startServer } from '../../scripts/lib/server'
import { DEMO, post } from '../helpers/wire'

// 127.0.0.2 is this machine, too, and no name of loopback that the server knows: to it, it is an address of a network.
const ADDRESS = '127.0.0.2'
const WORDS = 'straw skep in the orchard'
const home = mkdtempSync(join(tmpdir(), 'duvet-share-'))
const running: ChildProcess[] = []
afterAll(() => {
  for (const child of running) child.kill('SIGTERM')
  rmSync(home, { recursive: true, force: true })
})

async function share(database: string, more: readonly string[] = []) {
  const port = await freePort()
  const child = spawn(process.execPath, ['scripts/run.mjs', 'start', '--share', '--address', ADDRESS, ...more], {
    env: { ...process.env, PORT: String(port), DUVET_DATABASE: `file:${database}` },
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  running.push(child)
  let said = ''
  child.stderr.on('data', (data: Buffer) => {
    said += data.toString()
  })
  const code = new Promise<number | null>((resolve) => child.on('exit', resolve))
  return { url: `https://${ADDRESS}:${port}`, said: () => said, code }
}

interface Answer {
  readonly status: number
  readonly body: string
  readonly cookie: string
}

/** Asks over TLS; whether the certificate is trusted is not what is looked at. */
function ask(url: string, { method = 'GET', body = '', host = '' } = {}): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const asked = request(
      url,
      {
        method,
        rejectUnauthorized: false,
        headers: { 'content-type': 'application/json', ...(host ? { host } : {}) },
      },
      (answer) => {
        let text = ''
        answer.on('data', (chunk: Buffer) => (text += chunk.toString()))
        answer.on('end', () =>
          resolve({
            status: answer.statusCode!,
            body: text,
            cookie: (answer.headers['set-cookie'] ?? []).join(),
          }),
        )
      },
    )
    asked.on('error', reject)
    asked.end(body)
  })
}

async function answering(url: string): Promise<void> {
  for (let tries = 0; tries < 200; tries++) {
    if ((await ask(`${url}/api/health`).catch(() => undefined))?.status === 200) return
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  throw new Error(`${url} did not answer`)
}

describe('a Duvet that the home network reaches', () => {
  const kept = join(home, 'kept.db')
  beforeAll(async () => {
    const server = await startServer({ seed: DEMO, databasePath: kept })
    expect((await post(`${server.url}/api/keepers`, { name: 'Ann', passphrase: WORDS })).status).toBe(201)
    await server.stop()
  })

  it('is not begun before somebody has to sign in', async () => {
    const { code, said } = await share(join(home, 'empty.db'))
    expect(await code).toBe(1)
    expect(said()).toMatch(/nobody has to sign in yet: .*make yourself a keeper under Menu, Keepers/)
    // No address and no picture of one that does not answer.
    expect(said()).not.toMatch(/Duvet listens on|[▀▄█]{10}/)
  })

  it('says its address, in letters and as a picture, and serves it by https to who signs in', async () => {
    const { url, said } = await share(kept)
    await answering(url)
    await expect.poll(said, { timeout: 10_000 }).toMatch(/[▀▄█]{10}/)
    expect(said()).toContain(`Duvet listens on ${url}`)
    expect(said()).toMatch(/[▀▄█]{10}/)
    expect((await ask(`${url}/api/yards`)).status).toBe(401)
    expect((await ask(`${url}/`, { host: 'evil.example' })).status).toBe(403)
    const body = JSON.stringify({ name: 'Ann', passphrase: WORDS })
    const entered = await ask(`${url}/api/sign-in`, { method: 'POST', body })
    expect(entered.status).toBe(200)
    expect(entered.cookie).toMatch(/HttpOnly; Secure; SameSite=Strict/)
    expect((await ask(`${url}/api/keepers`, { method: 'POST', body })).status).toBe(403)
  })

  it('answers at the old address of this machine as well, so that what waits there is sent', async () => {
    const { url, said } = await share(kept)
    await answering(url)
    const { port } = new URL(url)
    const old = `http://127.0.0.1:${port}`
    await expect.poll(said, { timeout: 10_000 }).toContain(`${old} answers as before`)
    const asked = (path: string, body?: object, cookie = '', origin = old) =>
      fetch(old + path, {
        method: body ? 'POST' : 'GET',
        headers: { 'content-type': 'application/json', origin, ...(cookie ? { cookie } : {}) },
        ...(body ? { body: JSON.stringify(body) } : {}),
      })
    expect((await asked('/api/yards')).status).toBe(401)
    const entered = await asked('/api/sign-in', { name: 'Ann', passphrase: WORDS })
    const cookie = entered.headers.get('set-cookie')!
    // Over this line no browser would give a cookie back that is for secure lines only.
    expect(cookie).not.toMatch(/Secure/)
    const entry = { id: 'waited', hiveId: 'twill/0', at: '2026-05-01T10:00', madeAt: '2026-05-01T10:00:00.000Z' }
    const entries = [{ ...entry, device: 'old', sort: 'look', body: { temper: 'quiet' } }]
    const signed = cookie.split(';')[0]!
    expect(await (await asked('/api/yards/sallow-quay/book', { entries }, signed)).json()).toMatchObject({ added: 1 })
    expect((await asked('/api/yards/sallow-quay/book', { entries }, signed, 'https://evil.example')).status).toBe(403)
  })

  it('takes a certificate of one’s own, and says where one is missing', async () => {
    expect(existsSync('data/share/certificate.pem')).toBe(true)
    const files = ['--cert', 'data/share/certificate.pem', '--key', 'data/share/key.pem']
    const { url, said } = await share(kept, files)
    await answering(url)
    await expect.poll(said, { timeout: 10_000 }).toContain(url)
    const wrong = spawnSync(
      process.execPath,
      ['scripts/run.mjs', 'start', '--share', '--address', ADDRESS, '--cert', 'none.pem'],
      { encoding: 'utf8', env: { ...process.env, DUVET_DATABASE: `file:${kept}` } },
    )
    expect([wrong.status, wrong.stderr]).toEqual([1, expect.stringMatching(/--cert names no file: give both/)])
    expect(readFileSync('data/share/certificate.pem', 'utf8')).toContain('BEGIN CERTIFICATE')
  })
})
