/** A column of a table: its name, what stands in it, and by what its rows are sorted. */
export interface TableColumn<T> {
  readonly key: string
  readonly label: string
  readonly text?: (row: T) => string
  /** What rows are sorted by; a column without it does not sort. */
  readonly by?: (row: T) => string | number
  /** At least so wide, px. */
  readonly width?: number
  readonly number?: boolean
  /** Its name is for a screen reader only. */
  readonly unsaid?: boolean
}

/** Columns of one kind of rows. */
export function columnsFor<T>(...columns: readonly TableColumn<T>[]): readonly TableColumn<T>[] {
  return columns
}

/** Whether a row comes before another by a column: figures by size, words by the alphabet. */
export function compareBy<T>({ by }: TableColumn<T>, a: T, b: T): number {
  const [x, y] = [by?.(a) ?? 0, by?.(b) ?? 0]
  return typeof x === 'number' && typeof y === 'number' ? x - y : String(x).localeCompare(String(y))
}

/** Rows by a column, from the smallest or from the largest; rows alike keep their order. */
export function sortedBy<T>(rows: readonly T[], column: TableColumn<T>, largestFirst: boolean): T[] {
  return [...rows].sort((a, b) => (largestFirst ? -1 : 1) * compareBy(column, a, b))
}
