import type { Grade } from '../stack'

const SEVERITY_WORDS: Record<Grade, string> = { stop: 'Stop', mend: 'Mend', watch: 'Watch', note: 'Note', good: 'Good' }

export function severityWord(grade: Grade): string {
  return SEVERITY_WORDS[grade]
}
