import { rowProblemInWords, weighRowReader, type CsvMapping } from '../weigh-csv'
import { csvFile, type ReadRows } from './csv-file'

interface FileReading {
  readonly at: string
  readonly kg: number
  readonly method: 'scale'
}

/** Weighings as they were read from a file. */
export interface ReadWeightFile extends ReadRows {
  readonly leastKg: number
}

/** What the worker for files of weighings is asked. */
export type WeightFile = ReturnType<typeof weightFile>

/** Weighings of a file: looked at first, then handed out in pieces. */
export function weightFile() {
  const { open, read, piece, all } = csvFile<CsvMapping, FileReading>(
    (readings) => [...readings],
    (mapping) => {
      const readRow = weighRowReader(mapping)
      return (row, line) => {
        const one = readRow(row)
        if (!one.ok) return { problem: rowProblemInWords(line, one) }
        return {
          reading: { at: one.at, kg: one.kg, method: 'scale' },
          ...(one.doubled ? { doubled: one.doubled } : {}),
        }
      }
    },
  )
  return {
    open,
    piece,
    async read(...asked: Parameters<typeof read>): Promise<ReadWeightFile | null> {
      const found = await read(...asked)
      return found && { ...found, leastKg: all().reduce((least, { kg }) => Math.min(least, kg), Infinity) }
    },
  }
}
