import { looksFahrenheit, withoutJumps, type AirReading } from '#core/heat'
import { airRowProblemInWords, airRowReader, type AirMapping } from '../air-csv'
import { csvFile, type ReadRows } from './csv-file'

/** Readings of the air as they were read from a file. */
export interface ReadAirFile extends ReadRows {
  readonly leastCelsius: number
  readonly mostCelsius: number
  /** They are said to be °C and cannot be. */
  readonly fahrenheit: boolean
  /** How often the clock that wrote it was put back. */
  readonly putBack: number
}

/** What the worker for files of air readings is asked. */
export type AirFile = ReturnType<typeof airFile>

/** Readings of the air of a file: looked at first, then handed out in pieces. */
export function airFile() {
  const { open, read, piece, all } = csvFile<AirMapping, AirReading>(withoutJumps, (mapping) => {
    const readRow = airRowReader(mapping, Date.now())
    return (row, line) => {
      const one = readRow(row)
      return one.ok ? one : { problem: airRowProblemInWords(line, one) }
    }
  })
  return {
    open,
    piece,
    async read(...asked: Parameters<typeof read>): Promise<ReadAirFile | null> {
      const found = await read(...asked)
      if (!found) return null
      let [leastCelsius, mostCelsius, putBack] = [Infinity, -Infinity, 0]
      let before = ''
      for (const { at, celsius } of all()) {
        leastCelsius = Math.min(leastCelsius, celsius)
        mostCelsius = Math.max(mostCelsius, celsius)
        if (at < before) putBack++
        before = at
      }
      const fahrenheit = asked[0].unit === 'C' && looksFahrenheit(all().map(({ celsius }) => celsius))
      return { ...found, leastCelsius, mostCelsius, putBack, fahrenheit }
    },
  }
}
