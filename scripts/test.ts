import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

interface Counted {
  readonly passed: number
  readonly failed: number
}

/** Lint, layout, unused exports and types count as one test each: they pass or fail like the rest. */
function check(name: string, program: string, args: readonly string[]): Counted {
  process.stdout.write(`\n# ${name}\n`)
  const { status } = spawnSync(`node_modules/.bin/${program}`, args, { stdio: 'inherit' })
  if (status !== 0) process.stdout.write(`${name} failed\n`)
  return status === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }
}

/** Every Vitest project, with its report read back for the count. */
function suites(filters: readonly string[]): Counted {
  const folder = mkdtempSync(join(tmpdir(), 'duvet-report-'))
  const file = join(folder, 'report.json')
  const { status } = spawnSync(
    'node_modules/.bin/vitest',
    ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`, ...filters],
    { stdio: 'inherit' },
  )
  try {
    const report = JSON.parse(readFileSync(file, 'utf8')) as {
      numPassedTests: number
      numFailedTests: number
      numTotalTestSuites: number
    }
    const silent = status !== 0 && report.numFailedTests === 0
    return { passed: report.numPassedTests, failed: report.numFailedTests + (silent ? 1 : 0) }
  } catch {
    return { passed: 0, failed: 1 }
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

const filters = process.argv.slice(2)
const counts = [suites(filters)]
if (filters.length === 0)
  counts.push(
    check('lint', 'eslint', ['.', '--max-warnings', '0']),
    check('layout', 'prettier', ['--check', '.']),
    check('unused files, exports and packages', 'knip', ['--no-progress']),
    check('types', 'vue-tsc', ['-b', '--noEmit']),
  )
const total = counts.reduce((a, b) => ({ passed: a.passed + b.passed, failed: a.failed + b.failed }))
process.stdout.write(`\n${total.passed} passed, ${total.failed} failed\n`)
process.exitCode = total.failed > 0 || total.passed === 0 ? 1 : 0
