import { loansOf, partIdsOf, type Yard } from '../yard'
import type { Loan, Part } from '../parts'
import type { DueLine } from './due'

/** Lines of a yard, not of one of its hives, have no hive. */
const NO_HIVE = ''

/**
 * Loans of a yard that are to end on a day: what it lent, and what it borrowed and has in its shed; alike parts on one
 * line. What was borrowed and stands on a hive is told with the hive. They are done when the parts are home.
 */
export function loansDue(yard: Yard): DueLine[] {
  const { lent, borrowed } = loansOf(yard)
  const placed = new Set(yard.hives.flatMap(partIdsOf))
  const loans = [
    ...lent.map((part) => ({ part, loan: part.lent, isLent: true })),
    ...borrowed.filter(({ id }) => !placed.has(id)).map((part) => ({ part, loan: part.borrowed, isLent: false })),
  ]
  const piles = new Map<string, { part: Part; loan: Loan; isLent: boolean; count: number }>()
  for (const one of loans) {
    const { part, loan, isLent } = one
    const key = [isLent ? 'lent' : 'borrowed', part.patternId, loan.yardId ?? loan.name, loan.since, loan.backBy].join(
      ' ',
    )
    piles.set(key, { ...one, count: (piles.get(key)?.count ?? 0) + 1 })
  }
  return [...piles].flatMap(([key, { part, loan, isLent, count }]): DueLine[] =>
    loan.backBy
      ? [
          {
            id: `loan:${key}`,
            hiveId: NO_HIVE,
            day: loan.backBy,
            reason: { due: 'loan', partId: part.id, count, to: loan.name, since: loan.since, isLent },
          },
        ]
      : [],
  )
}
