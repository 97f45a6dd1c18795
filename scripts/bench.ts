import { benchAway, benchServers } from './bench/away'
import { benchDemo, benchLargeYards, benchStart } from './bench/browser'
import { benchCore } from './bench/core'
import { benchThousand } from './bench/thousand'
import { benchGrowth } from './bench/growth'
import { benchFrames } from './bench/frames'
import { benchKill } from './bench/kill'
import { benchWeights } from './bench/weights'
import { benchChangeover } from './bench/year'
import { benchWinter } from './bench/winter'
import { missedFigures } from './lib/measure'

/** What can be run by itself: `npm run bench -- core winter`. */
const PARTS: Readonly<Record<string, () => unknown>> = {
  core: benchCore,
  thousand: benchThousand,
  growth: benchGrowth,
  frames: benchFrames,
  weights: benchWeights,
  changeover: benchChangeover,
  winter: benchWinter,
  start: benchStart,
  demo: benchDemo,
  large: benchLargeYards,
  away: benchAway,
  servers: benchServers,
  kill: () => benchKill(200),
}

/** Runs what is asked, all of it where nothing is, and ends with what missed its limit; 1 where anything did. */
async function bench(asked: readonly string[]): Promise<number> {
  const unknown = asked.filter((name) => !Object.hasOwn(PARTS, name))
  if (unknown.length > 0) {
    process.stderr.write(`No part of the bench: ${unknown.join(', ')}. There are ${Object.keys(PARTS).join(', ')}.\n`)
    return 2
  }
  process.stdout.write('Medians with the middle half in brackets; ratios are of figures of this one run.\n\n')
  for (const [name, run] of Object.entries(PARTS)) if (asked.length === 0 || asked.includes(name)) await run()
  const missed = missedFigures()
  if (missed.length === 0) {
    process.stdout.write('\nEvery figure is within its limit.\n')
    return 0
  }
  process.stdout.write(`\nMissed, ${missed.length}:\n\n`)
  for (const { name, text, limit } of missed)
    process.stdout.write(`${name.padEnd(58)} ${text}\n${''.padEnd(58)} limit: ${limit}\n`)
  return 1
}

void bench(process.argv.slice(2)).then((status) => process.exit(status))
