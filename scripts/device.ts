import { parseArgs } from 'node:util'
import { entriesOf, isOneOf } from '#core/units'
import type { ReadingKind } from '#wire/readings/kinds'
import { SENSOR } from './devices/air'
import { sendAll, sendReport } from './devices/send'
import { simulated, type SimulatedDevice } from './devices/simulated'
import { SCALE } from './devices/weight'

/** Every kind of device that ships, simulated. */
const DEVICES: Readonly<Record<ReadingKind, SimulatedDevice<object>>> = { weight: SCALE, air: SENSOR }
const KINDS = entriesOf(DEVICES).map(([kind]) => kind)

const HELP = `A simulated device at a hive: sends signed readings to a Duvet server, and some reports twice.

  npm run device -- <${KINDS.join(' | ')}> --id <device> --key <key> [--url http://127.0.0.1:3000] [--days 3] [--from 2026-05-01] [--start n] [--place where] [--seed 1]

${entriesOf(DEVICES)
  .map(([kind, { about }]) => `  ${kind}: ${about}`)
  .join('\n')}
`

async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: {
      id: { type: 'string' },
      key: { type: 'string' },
      url: { type: 'string', default: 'http://127.0.0.1:3000' },
      days: { type: 'string', default: '3' },
      from: { type: 'string' },
      start: { type: 'string' },
      place: { type: 'string' },
      seed: { type: 'string', default: '1' },
      help: { type: 'boolean', default: false },
    },
  })
  const [kind] = positionals
  const { id, key, url } = values
  if (values.help || !id || !key || !isOneOf(KINDS, kind)) {
    process.stdout.write(HELP)
    process.exitCode = values.help ? 0 : 2
    return
  }
  const { usual } = DEVICES[kind]
  const reports = simulated(DEVICES[kind], {
    days: Number(values.days),
    from: values.from ?? usual.from,
    start: Number(values.start ?? usual.start),
    place: values.place ?? usual.place,
    seed: Number(values.seed),
  })
  await sendAll(reports, (report) => sendReport(url, id, key, report))
}

void main()
