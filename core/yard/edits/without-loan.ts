import type { Part } from '../../parts'

/** A part without word of a loan, as it is in the yard that it belongs to. */
export function withoutLoan({ lent: _lent, borrowed: _borrowed, ...part }: Part): Part {
  return part
}
