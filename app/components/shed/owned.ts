import type { Pattern } from '#core/parts'
import type { Part } from '#core/yard'

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
