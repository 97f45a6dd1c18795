import { benchAway } from './bench/away'
import { benchBrowser } from './bench/browser'
import { benchCore } from './bench/core'
import { benchThousand } from './bench/thousand'
import { benchFrames } from './bench/frames'
import { benchKill } from './bench/kill'
import { benchWeights } from './bench/weights'
import { benchChangeover } from './bench/year'
import { benchWinter } from './bench/winter'
import { missedFigures } from './lib/measure'

async function bench(): Promise<void> {
  process.stdout.write('Medians with the middle half in brackets; ratios are of figures of this one run.\n\n')
  benchCore()
  await benchThousand()
  benchFrames()
  benchWeights()
  benchChangeover()
  await benchWinter()
  await benchBrowser()
  await benchAway()
  await benchKill(200)
  const missed = missedFigures()
  process.stdout.write(
    missed === 0 ? '\nEvery figure is within its limit.\n' : `\n${missed} figures miss their limit.\n`,
  )
}

void bench()
