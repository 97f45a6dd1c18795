import type { Source } from '../../units'

/** What is told of a figure of the trade: in what it is, what it says, where it is used, where it comes from. */
export interface Told {
  /** Empty for a share or a factor. */
  readonly unit: string
  readonly label: string
  readonly usedIn: string
  readonly source: Source
}

export const COMMON: Source = { mark: 'C', text: 'common practice of the trade' }
export const MEMORY: Source = { mark: 'M', text: 'from memory, to be confirmed by measuring' }
