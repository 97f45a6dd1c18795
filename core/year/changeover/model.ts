/** A part as a changeover handles it: it goes with all that is in it. */
export interface Handling {
  readonly partId: string
  readonly kg: number
  /** Heavy enough to count as a lift. */
  readonly isLift: boolean
  /** How it stands: the same part standing otherwise has to be taken off and put back. */
  readonly standing: string
}

/** The hive, a set-down place by its number, or the van and the shed, which take and give in any order. */
export type Pile = 'hive' | 'van' | number

/** One part, with all that is in it, from the top of a pile to the top of another. */
export interface Move {
  readonly partId: string
  readonly from: Pile
  readonly to: Pile
  readonly kg: number
  /** Heavy enough to count as a lift. */
  readonly isLift: boolean
  /** It is put down otherwise than it stood. */
  readonly turned: boolean
}

/** Upturned roof, ground board, spare stand. */
export const SET_DOWN_PLACES = 3

/** What a changeover costs: lifts, kilograms, steps. */
export interface Work {
  readonly lifts: number
  /** Kilogrammes over all moves. */
  readonly kg: number
  readonly moves: number
}

/** The steps from one stage of a hive to the next. */
export interface Changeover {
  readonly moves: readonly Move[]
  readonly work: Work
  /** No plan has less than this: fewest lifts, then least kilogrammes, then fewest moves. */
  readonly atLeast: Work
  readonly provedLeast: boolean
}

/** What moves amount to, to the gram. */
export function workOf(moves: readonly Pick<Move, 'kg' | 'isLift'>[]): Work {
  return {
    lifts: moves.filter(({ isLift }) => isLift).length,
    kg: moves.reduce((grams, { kg }) => grams + Math.round(kg * 1000), 0) / 1000,
    moves: moves.length,
  }
}

/** Fewest lifts first, then kilogrammes, then moves; below 0 when the first is the less. */
export function compareWork(a: Work, b: Work): number {
  return a.lifts - b.lifts || Math.round((a.kg - b.kg) * 1000) || a.moves - b.moves
}
