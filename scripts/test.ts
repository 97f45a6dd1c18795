import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { constants, setPriority, tmpdir } from 'node:os'
import { join, relative } from 'node:path'

interface Counted {
  readonly passed: number
  readonly failed: number
}

interface Ended {
  readonly status: number | null
  readonly output: string
}

/** Runs a program of the project; what it prints is shown at once, or kept until it ends. */
function run(program: string, args: readonly string[], show: 'at once' | 'kept'): Promise<Ended> {
  return new Promise((resolve) => {
    const child = spawn(`node_modules/.bin/${program}`, args, {
      stdio: show === 'at once' ? 'inherit' : ['ignore', 'pipe', 'pipe'],
    })
    // What runs beside the tests takes what they leave of the machine.
    if (show === 'kept' && child.pid) setPriority(child.pid, constants.priority.PRIORITY_LOW)
    let output = ''
    for (const stream of [child.stdout, child.stderr])
      stream?.on('data', (data: Buffer) => {
        output += data.toString()
      })
    child.on('error', ({ message }) => resolve({ status: 1, output: `${output}${message}\n` }))
    child.on('close', (status) => resolve({ status, output }))
  })
}

/** Lint, layout, unused exports and types count as one test each: they pass or fail like the rest. */
const CHECKS: readonly (readonly [name: string, program: string, args: readonly string[]])[] = [
  ['lint', 'eslint', ['.', '--max-warnings', '0']],
  ['layout', 'prettier', ['--check', '.']],
  ['unused files, exports and packages', 'knip', ['--no-progress']],
  ['types', 'vue-tsc', ['-b', '--noEmit']],
]

interface Checked extends Ended {
  readonly name: string
}

/** One after the other: each takes a gigabyte for itself. */
async function checks(): Promise<Checked[]> {
  const all: Checked[] = []
  for (const [name, program, args] of CHECKS) all.push({ name, ...(await run(program, args, 'kept')) })
  return all
}

interface Report {
  readonly numPassedTests: number
  readonly numFailedTests: number
  readonly testResults: readonly { readonly name: string; readonly startTime: number; readonly endTime: number }[]
}

const SLOWEST = 10

function tellSlowest({ testResults }: Report): void {
  const slowest = testResults
    .map(({ name, startTime, endTime }) => ({ name: relative('.', name), s: (endTime - startTime) / 1000 }))
    .sort((a, b) => b.s - a.s)
    .slice(0, SLOWEST)
  process.stdout.write(`\n# slowest files\n`)
  for (const { name, s } of slowest) process.stdout.write(`${s.toFixed(1).padStart(7)} s  ${name}\n`)
}

/** Every Vitest project, with its report read back for the count. */
async function suites(filters: readonly string[]): Promise<Counted> {
  const folder = mkdtempSync(join(tmpdir(), 'duvet-report-'))
  const file = join(folder, 'report.json')
  const asked = ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`, ...filters]
  const { status } = await run('vitest', asked, 'at once')
  try {
    const report = JSON.parse(readFileSync(file, 'utf8')) as Report
    tellSlowest(report)
    const silent = status !== 0 && report.numFailedTests === 0
    return { passed: report.numPassedTests, failed: report.numFailedTests + (silent ? 1 : 0) }
  } catch {
    return { passed: 0, failed: 1 }
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

async function test(args: readonly string[]): Promise<void> {
  // Ten times as many yards, stacks and edits in every property.
  if (args.includes('--long')) process.env.DUVET_LONG = '1'
  const filters = args.filter((one) => one !== '--long')
  const [counted, checked] = await Promise.all([suites(filters), filters.length === 0 ? checks() : []])
  for (const { name, status, output } of checked)
    process.stdout.write(`\n# ${name}\n${output}${status === 0 ? '' : `${name} failed\n`}`)
  const sound = checked.filter(({ status }) => status === 0).length
  const total = { passed: counted.passed + sound, failed: counted.failed + checked.length - sound }
  process.stdout.write(`\n${total.passed} passed, ${total.failed} failed\n`)
  process.exitCode = total.failed > 0 || total.passed === 0 ? 1 : 0
}

void test(process.argv.slice(2))
