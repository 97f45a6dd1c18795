import type { Edit } from '../edits/edit'
import { withoutLoan } from '../edits/without-loan'
import type { Loan, Part } from '../../parts'
import { together } from './together'

/** Lends parts of the shed; where another yard of this Duvet gets them, they come into its shed with it. */
export function lend(parts: readonly Part[], loan: Loan): Edit {
  return together(...parts.map((part): Edit => ({ kind: 'lend-part', part: { ...part, lent: loan } })))
}

/** Takes back what was lent, as it went. */
export function takeBack(parts: readonly Part[]): Edit {
  return together(...parts.map((part): Edit => ({ kind: 'take-back', part: withoutLoan(part) })))
}

/** Gives back what was borrowed, as it is now. */
export function giveBack(parts: readonly Pick<Part, 'id'>[]): Edit {
  return together(...parts.map(({ id }): Edit => ({ kind: 'give-back', partId: id })))
}
