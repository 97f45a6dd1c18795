import type { Source } from '../units'

/** A figure of the trade: what it is, in what, where it is used, and where it comes from. */
export interface Figure {
  readonly value: number
  /** Empty for a share or a factor. */
  readonly unit: string
  readonly label: string
  readonly usedIn: string
  readonly source: Source
}

export const COMMON: Source = { mark: 'C', text: 'common practice of the trade' }
export const MEMORY: Source = { mark: 'M', text: 'from memory, to be confirmed by measuring' }
