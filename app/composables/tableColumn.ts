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
