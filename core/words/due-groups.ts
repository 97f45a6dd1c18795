import { daysLater } from '../book'
import { DAYS_A_MONTH, DAYS_A_WEEK } from '../units'

/** Lines of what is due under the heading that their day falls under; headings without any are left out. */
export function dueGroups<T extends { readonly day: string }>(
  lines: readonly T[],
  today: string,
): readonly { readonly title: string; readonly rows: readonly T[] }[] {
  const week = daysLater(today, DAYS_A_WEEK)
  const month = daysLater(today, DAYS_A_MONTH)
  const under = (title: string, test: (day: string) => boolean) => ({
    title,
    rows: lines.filter(({ day }) => test(day)),
  })
  return [
    under('Overdue', (day) => day < today),
    under('Today', (day) => day === today),
    under('In the next seven days', (day) => day > today && day <= week),
    under('Within a month', (day) => day > week && day <= month),
    under('Later', (day) => day > month),
  ].filter(({ rows }) => rows.length > 0)
}
