import type { Edit } from '../yard'
import type { TriedHive } from './context'

/** The sort of a way out, by which its words are found. */
export type RemedyKind =
  | 'turn-over'
  | 'swap-for'
  | 'exchange'
  | 'add'
  | 'take-off'
  | 'move-below'
  | 'move-above'
  | 'open-hole'
  | 'close-hole'
  | 'centre'
  | 'push-together'
  | 'centre-frames'
  | 'touch-one-side'
  | 'castellate'
  | 'leave-out'
  | 'alternate'
  | 'add-dummy'
  | 'add-frames'
  | 'wire-frames'
  | 'mend-part'
  | 'use-as-food'

/** A way out, as an edit that can be previewed and applied. */
export interface Remedy {
  readonly kind: RemedyKind
  /** The part that is turned, swapped, moved or taken off. */
  readonly partId?: string
  /** The other part of a move or exchange. */
  readonly otherId?: string
  /** The pattern that is added or swapped in. */
  readonly patternId?: string
  readonly edit: Edit
  /** How many frames it is about. */
  readonly count?: number
  /** How many boxes it is done in, where it is more than one. */
  readonly boxes?: number
  /** The figure that the remedy gives where the finding has one. */
  readonly resultMm?: number
  /** The figure is nearer the band and still outside it. */
  readonly onlyBetter?: true
}

/** A way out as it is tried, with where its figure is found once it is done. */
export interface TriedWay extends Remedy {
  readonly resultIn?: (trial: TriedHive) => number | undefined
}
