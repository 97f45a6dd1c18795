import type { Catalogue } from '../catalogue'
import type { Finding } from '../checks'
import type { Reader } from './names'

/** A finding with all that its words are made of. */
export interface Telling {
  readonly finding: Finding
  readonly reader: Reader
  readonly catalogue: Catalogue
  /** Name of the n-th part of the finding. */
  readonly part: (n: number) => string
  readonly named: (partId: unknown) => string
  readonly figure: string
}

export interface Told {
  readonly title: string
  /** What is there, with the figure. */
  readonly what: string
  /** What will happen if it is left. */
  readonly fate: string
}
