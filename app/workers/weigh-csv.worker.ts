import { expose } from 'comlink'
import Papa from 'papaparse'
import { readWeighRow, rowProblemInWords, type CsvMapping } from '#wire/weigh-csv'

let rows: Record<string, string>[] = []

/** What a file holds, before anything is read from it. */
export interface OpenedFile {
  readonly columns: readonly string[]
  readonly rows: number
  readonly sample: readonly Readonly<Record<string, string>>[]
}

export interface ReadFile {
  readonly readings: readonly { readonly at: string; readonly kg: number; readonly method: 'scale' }[]
  readonly leftOut: number
  readonly doubled: number
  /** The first of them, in sentences. */
  readonly problems: readonly string[]
}

const STEP = 4000

/** Files of readings, read off the page; with progress, and it can be stopped. */
const door = {
  open(text: string): OpenedFile {
    const { data, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true })
    rows = data
    return { columns: meta.fields ?? [], rows: rows.length, sample: rows.slice(0, 4) }
  },
  async read(mapping: CsvMapping, onProgress: (done: number) => void, isCancelled: () => Promise<boolean> | boolean): Promise<ReadFile | null> {
    const readings: { at: string; kg: number; method: 'scale' }[] = []
    const problems: string[] = []
    let leftOut = 0
    let doubled = 0
    for (let from = 0; from < rows.length; from += STEP) {
      for (let i = from; i < Math.min(from + STEP, rows.length); i++) {
        const read = readWeighRow(rows[i]!, mapping)
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
    return { readings, leftOut, doubled, problems }
  },
}
export type WeighCsvDoor = typeof door

expose(door)
