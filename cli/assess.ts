import { readFileSync } from 'node:fs'
import { defineCommand, runMain } from 'citty'
import { capital, stageWord, type Reader } from '#core/words'
import { showLength } from '#core/units'
import { assessPlan, type AssessedHive } from '#wire/assess-request'
import { readPlan } from '#wire/read'

const command = defineCommand({
  meta: { name: 'assess', description: 'Tells what the bees will do with every gap of the hives in a plan file.' },
  args: {
    file: { type: 'positional', description: 'a plan file (JSON)', required: true },
    json: { type: 'boolean', description: 'data instead of sentences' },
    inches: { type: 'boolean', description: 'inches in sixteenths instead of millimetres' },
    american: { type: 'boolean', description: 'North American part names instead of British' },
  },
  run({ args }) {
    const reader: Reader = {
      units: args.inches ? 'inches' : 'mm',
      vocabulary: args.american ? 'northAmerican' : 'british',
    }
    const plan = readPlan(readText(args.file))
    if (!plan.ok) return fail(plan.problem.sentence)
    const hives = assessPlan(plan.value, reader)
    process.stdout.write(
      args.json ? `${JSON.stringify({ hives }, null, 2)}\n` : hives.map((hive) => sentencesOf(hive, reader)).join('\n'),
    )
    process.exitCode = hives.some(({ worst }) => worst === 'stop') ? 1 : 0
  },
})

function readText(path: string): string {
  try {
    return readFileSync(path, 'utf8')
  } catch {
    fail(`The file ${path} cannot be read: name a plan file.`)
    return process.exit()
  }
}

/** A file that cannot be read or is no plan: exit status 2, so that it is not taken for a stop. */
function fail(sentence: string): void {
  process.stderr.write(`${sentence}\n`)
  process.exitCode = 2
}

function sentencesOf(hive: AssessedHive, reader: Reader): string {
  const lines = [
    `${hive.hive} (${hive.yard}), ${stageWord(hive.stage)}, ${showLength(hive.heightMm, reader.units)} high`,
  ]
  for (const gap of hive.gaps)
    lines.push(
      `  ${gap.title}: ${showLength(gap.mm, reader.units)}, ${gap.verdict} ` +
        `(${gap.madeOf})${gap.nearestLimit ? `; ${gap.nearestLimit}` : ''}`,
    )
  for (const { words, acceptance } of hive.findings) {
    const accepted = acceptance ? ` Accepted: ${acceptance.reason}` : ''
    const remedy = words.remedies.length > 0 ? ` Remedy: ${words.remedies.map(capital).join('; or ')}.` : ''
    lines.push(`  ${words.severity}: ${words.title}. ${words.what} ${words.fate}${remedy}${accepted}`)
  }
  if (hive.findings.length === 0) lines.push('  Nothing to mend.')
  return `${lines.join('\n')}\n`
}

await runMain(command)
