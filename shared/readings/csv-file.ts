import Papa from 'papaparse'

/** What a file holds, before anything is read from it. */
export interface OpenedFile {
  readonly columns: readonly string[]
  readonly rows: number
  readonly sample: readonly Readonly<Record<string, string>>[]
}

/** What was read of a file: how many readings, how many rows not, and the first reasons in sentences. */
export interface ReadRows {
  readonly count: number
  readonly leftOut: number
  readonly doubled: number
  /** Read well enough, and dropped all the same. */
  readonly dropped: number
  readonly problems: readonly string[]
}

type Row<T> = { readonly reading: T; readonly doubled?: true } | { readonly problem: string }
const STEP = 4000
const MOST_TOLD = 8

/**
 * Files of readings, read off the page, with progress, and it can be stopped; the readings stay here and leave in
 * pieces, so that the page never stalls.
 */
export function csvFile<M, T>(
  /** What of all that was read is kept, in the order of the file. */
  kept: (readings: readonly T[]) => T[],
  rowReader: (mapping: M) => (row: Readonly<Record<string, string>>, line: number) => Row<T>,
) {
  let rows: Record<string, string>[] = []
  let readings: T[] = []
  return {
    open(text: string): OpenedFile {
      const { data, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true })
      rows = data
      return { columns: meta.fields ?? [], rows: rows.length, sample: rows.slice(0, 4) }
    },
    async read(
      mapping: M,
      onProgress: (done: number) => void,
      isCancelled: () => Promise<boolean> | boolean,
    ): Promise<ReadRows | null> {
      const readRow = rowReader(mapping)
      readings = []
      const problems: string[] = []
      let leftOut = 0
      let doubled = 0
      for (let from = 0; from < rows.length; from += STEP) {
        for (let i = from; i < Math.min(from + STEP, rows.length); i++) {
          const read = readRow(rows[i]!, i + 2)
          if ('problem' in read) {
            leftOut++
            if (problems.length < MOST_TOLD) problems.push(read.problem)
            continue
          }
          if (read.doubled) doubled++
          readings.push(read.reading)
        }
        onProgress(Math.min(from + STEP, rows.length))
        if (await isCancelled()) return null
      }
      const all = readings
      readings = kept(all)
      return { count: readings.length, leftOut, doubled, problems, dropped: all.length - readings.length }
    },
    piece(from: number, to: number): readonly T[] {
      return readings.slice(from, to)
    },
    /** All that were read, for whoever looks at the whole of them. */
    all: (): readonly T[] => readings,
  }
}
