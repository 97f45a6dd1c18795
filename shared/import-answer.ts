/** What became of a yard of a plan file. */
export interface Imported {
  readonly yardId: string
  readonly yardName: string
  /**
   * new: as it is in the file; beside: with identities of its own, since there is such a yard; into: hives put back
   * into a yard that is here.
   */
  readonly how: 'new' | 'beside' | 'into'
  readonly hives: number
  /** Frames that hang in another box by now and stay there. */
  readonly framesElsewhere: number
}

/** How far bringing a file in has come. */
export interface ImportProgress {
  readonly state: 'reading' | 'writing' | 'done' | 'unknown'
  readonly yards: number
  readonly of: number
}
