#!/usr/bin/env node
// The npm scripts: installs and builds what is missing, says so, then runs the command. Needs nothing but Node and npm.
import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { createServer } from 'node:net'
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { alsoHere, isUp, sayWhere, sharing } from './share.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
process.chdir(root)
const [command, ...rest] = process.argv.slice(2)
const say = (text) => process.stderr.write(`${text}\n`)

function run(program, args, env = {}, stdio = 'inherit') {
  const { status, signal } = spawnSync(program, args, {
    stdio,
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', ...env },
  })
  if (status !== 0) process.exit(status ?? (signal ? 130 : 1))
}

/** Installs the packages of the lock file when they are missing or of another lock file. */
function install() {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
  const mark = 'node_modules/.duvet-lock'
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return
  say('Installing packages (npm ci) …')
  run('npm', ['ci', '--no-audit', '--no-fund'], {}, ['ignore', 2, 2])
  writeFileSync(mark, lock)
}

const SOURCES = ['app', 'core', 'server', 'shared', 'public', 'nuxt.config.ts', 'package-lock.json']

function* filesUnder(path) {
  if (!existsSync(path)) return
  if (statSync(path).isFile()) yield path
  else for (const name of readdirSync(path).sort()) yield* filesUnder(join(path, name))
}

/** Builds the application when its sources changed since the last build. */
function build() {
  const hash = createHash('sha256')
  for (const source of SOURCES)
    for (const file of filesUnder(source)) hash.update(relative(root, file)).update(readFileSync(file))
  const now = hash.digest('hex')
  const mark = '.output/.duvet-sources'
  if (existsSync(mark) && readFileSync(mark, 'utf8') === now) return
  say('Building the application …')
  rmSync('.output', { recursive: true, force: true })
  run('node_modules/.bin/nuxt', ['build'], {}, ['ignore', process.env.DUVET_QUIET ? 'ignore' : 2, 2])
  writeFileSync(mark, now)
}

/** Debian's Chromium for the tests that drive the interface. */
function chromium() {
  if (existsSync('/usr/bin/chromium')) return
  say('Installing Debian’s Chromium for the browser tests (apt-get) …')
  run('apt-get', ['update', '-qq'], {}, ['ignore', 2, 2])
  run(
    'apt-get',
    ['install', '-y', '-qq', '--no-install-recommends', 'chromium'],
    { DEBIAN_FRONTEND: 'noninteractive' },
    ['ignore', 2, 2],
  )
}

/** Why a port cannot be listened on, or undefined when it can. */
function portProblem(host, port) {
  return new Promise((resolve) => {
    const probe = createServer()
    probe.on('error', ({ code }) =>
      resolve(
        code === 'EADDRINUSE'
          ? `Port ${port} is taken: another program listens there, maybe Duvet itself. Close it, or ` +
              'name another with PORT.'
          : code === 'EACCES'
            ? `Port ${port} may not be used without more rights: name one above 1023 with PORT.`
            : `Duvet cannot listen on ${host}, port ${port} (${code}): look at HOST and PORT.`,
      ),
    )
    probe.listen(Number(port), host, () => probe.close(() => resolve(undefined)))
  })
}

/** Does what may not be possible; where it is not, says why and ends. */
async function orSay(work) {
  try {
    return await work()
  } catch (error) {
    say(`Duvet does not start. ${error.message}`)
    process.exit(1)
  }
}

async function serve(env, prepare = () => {}) {
  const shared = rest.includes('--share') ? await orSay(() => sharing(rest)) : undefined
  const host = shared?.host ?? process.env.HOST ?? '127.0.0.1'
  const port = process.env.PORT ?? '3000'
  const problem =
    /^\d{1,5}$/.test(port) && Number(port) < 65_536
      ? await portProblem(host, port)
      : `PORT is “${port}”: it is a number from 1 to 65535.`
  if (problem) {
    say(`Duvet does not start. ${problem}`)
    process.exit(1)
  }
  build()
  prepare()
  const url = `${shared ? 'https' : 'http'}://${host.includes(':') ? `[${host}]` : host}:${port}`
  if (!shared) say(`Duvet listens on ${url}`)
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    stdio: 'inherit',
    env: { ...process.env, NITRO_HOST: host, NITRO_PORT: port, ...env, ...shared?.env },
  })
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
  server.on('exit', (code) => process.exit(code ?? 0))
  if (!shared || !(await isUp(server, host, port))) return
  alsoHere(host, port, say)
  await sayWhere(say, url)
}

function tsx(script, args, env = {}) {
  run('node_modules/.bin/tsx', ['--tsconfig', 'tsconfig.tools.json', script, ...args], env)
}

const COMMANDS = {
  build,
  async demo() {
    const fresh = () => {
      if (rest.includes('--fresh'))
        for (const name of ['demo.db', 'demo.db-wal', 'demo.db-shm']) rmSync(join('data', name), { force: true })
    }
    await serve(
      {
        DUVET_DATABASE: process.env.DUVET_DATABASE ?? 'file:data/demo.db',
        // The demo is there to be played with: no copy of it stands among those of one’s own hives.
        DUVET_BACKUPS: process.env.DUVET_BACKUPS ?? 'off',
        DUVET_SEED: 'demo/demo-plan.json',
        DUVET_SEED_LOG: 'demo/demo-log.json',
      },
      fresh,
    )
  },
  async start() {
    await serve({ DUVET_DATABASE: process.env.DUVET_DATABASE ?? 'file:data/duvet.db' })
  },
  test() {
    // What looks at the core alone needs neither a browser nor the built application.
    const paths = rest.filter((one) => !one.startsWith('--'))
    if (paths.length === 0 || !paths.every((path) => /^tests\/(unit|reference)\b/.test(path))) {
      chromium()
      build()
    }
    tsx('scripts/test.ts', rest)
  },
  bench() {
    chromium()
    build()
    // Bundled: a loader that names every inner function would be timed along.
    run('node_modules/.bin/esbuild', [
      'scripts/bench.ts',
      '--bundle',
      '--platform=node',
      '--format=esm',
      '--packages=external',
      '--tsconfig=tsconfig.tools.json',
      '--log-level=error',
      '--outfile=tmp/bench.mjs',
    ])
    run(process.execPath, ['--enable-source-maps', 'tmp/bench.mjs', ...rest])
  },
  screenshots() {
    chromium()
    build()
    tsx('scripts/screenshots.ts', rest)
  },
  assess() {
    tsx('cli/assess.ts', rest)
  },
  backup() {
    tsx('scripts/backup.ts', rest)
  },
  keeper() {
    tsx('scripts/keeper.ts', rest)
  },
  restore() {
    tsx('scripts/restore.ts', rest)
  },
  device() {
    tsx('scripts/device.ts', rest)
  },
}

if (!COMMANDS[command]) {
  say(`Commands: ${Object.keys(COMMANDS).join(', ')}`)
  process.exit(2)
}
mkdirSync('data', { recursive: true })
install()
await COMMANDS[command]()
