export const SEVERITIES = ['stop', 'mend', 'watch', 'note'] as const

/** stop: cannot be assembled, or harm; mend: works badly; watch: tolerable, know it; note. */
export type Severity = (typeof SEVERITIES)[number]

/** How bad something is: from good to stop. */
export type Grade = Severity | 'good'

const RANK: Record<Grade, number> = { stop: 0, mend: 1, watch: 2, note: 3, good: 4 }

/** Worst first; ties keep their order. */
export function bySeverity(a: { readonly severity: Grade }, b: { readonly severity: Grade }): number {
  return RANK[a.severity] - RANK[b.severity]
}

/** The worse of two grades. */
export function worse(a: Grade, b: Grade): Grade {
  return RANK[a] <= RANK[b] ? a : b
}
