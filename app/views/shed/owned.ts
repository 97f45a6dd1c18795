import type { Pattern, Part } from '#core/parts'

/** All that a yard has of one pattern. */
export interface Owned {
  readonly patternId: string
  readonly name: string
  readonly pattern: Pattern | undefined
  readonly parts: readonly Part[]
  readonly standing: number
  readonly inShed: number
  readonly lent: number
  /** Those that lie here and belong here: no others can be dropped or lent. */
  readonly free: readonly Part[]
  /** Frames that hang in the boxes there. */
  readonly framesInShed: number
}
