import { expose } from 'comlink'
import { rowProblemInWords, weighRowReader, type CsvMapping } from '#wire/weigh-csv'
import { csvDoor, type ReadRows } from './csv-door'

interface FileReading {
  readonly at: string
  readonly kg: number
  readonly method: 'scale'
}

const { open, read, piece, all } = csvDoor<CsvMapping, FileReading>(
  (readings) => [...readings],
  (mapping) => {
    const readRow = weighRowReader(mapping)
    return (row, line) => {
      const one = readRow(row)
      if (!one.ok) return { problem: rowProblemInWords(line, one) }
      return { reading: { at: one.at, kg: one.kg, method: 'scale' }, ...(one.doubled ? { doubled: one.doubled } : {}) }
    }
  },
)

/** Weighings as they were read from a file. */
export interface ReadFile extends ReadRows {
  readonly leastKg: number
}

/** Weighings of a file: looked at first, then handed out in pieces. */
const door = {
  open,
  piece,
  async read(...asked: Parameters<typeof read>): Promise<ReadFile | null> {
    const found = await read(...asked)
    return found && { ...found, leastKg: all().reduce((least, { kg }) => Math.min(least, kg), Infinity) }
  },
}
/** What the worker for files of weighings is asked. */
export type WeighCsvDoor = typeof door

expose(door)
