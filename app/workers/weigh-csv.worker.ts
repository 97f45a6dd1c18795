import { expose } from 'comlink'
import Papa from 'papaparse'
import { rowProblemInWords, weighRowReader, type CsvMapping } from '#wire/weigh-csv'

interface FileReading {
  readonly at: string
  readonly kg: number
  readonly method: 'scale'
}
let rows: Record<string, string>[] = []
let readings: FileReading[] = []

/** What a file holds, before anything is read from it. */
export interface OpenedFile {
  readonly columns: readonly string[]
  readonly rows: number
  readonly sample: readonly Readonly<Record<string, string>>[]
}

export interface ReadFile {
  readonly count: number
  readonly leastKg: number
  readonly leftOut: number
  readonly doubled: number
  /** The first of them, in sentences. */
  readonly problems: readonly string[]
}

const STEP = 4000

/**
 * Files of readings, read off the page, with progress, and it can be stopped; the readings stay here and leave in
 * pieces, so that the page never stalls.
 */
const door = {
  open(text: string): OpenedFile {
    const { data, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true })
    rows = data
    return { columns: meta.fields ?? [], rows: rows.length, sample: rows.slice(0, 4) }
  },
  async read(
    mapping: CsvMapping,
    onProgress: (done: number) => void,
    isCancelled: () => Promise<boolean> | boolean,
  ): Promise<ReadFile | null> {
    const readRow = weighRowReader(mapping)
    readings = []
    const problems: string[] = []
    let leftOut = 0
    let doubled = 0
    for (let from = 0; from < rows.length; from += STEP) {
      for (let i = from; i < Math.min(from + STEP, rows.length); i++) {
        const read = readRow(rows[i]!)
        if (!read.ok) {
          leftOut++
          if (problems.length < 8) problems.push(rowProblemInWords(i + 2, read))
          continue
        }
        if (read.doubled) doubled++
        readings.push({ at: read.at, kg: read.kg, method: 'scale' })
      }
      onProgress(Math.min(from + STEP, rows.length))
      if (await isCancelled()) return null
    }
    return {
      count: readings.length,
      leastKg: readings.reduce((least, { kg }) => Math.min(least, kg), Infinity),
      leftOut,
      doubled,
      problems,
    }
  },
  piece(from: number, to: number): readonly FileReading[] {
    return readings.slice(from, to)
  },
}
export type WeighCsvDoor = typeof door

expose(door)
