import type { Rule } from '../rule'

/** A part of a pattern that nobody here knows: nothing can be said of it. */
export const UNKNOWN_PATTERN: Rule<'pattern.unknown', { readonly patternId: string }> = {
  id: 'pattern.unknown',
  of: 'stack',
  find: ({ layout }) =>
    layout.parts
      .filter(({ pattern }) => !pattern)
      .map(({ part }) => ({ severity: 'watch', partIds: [part.id], facts: { patternId: part.patternId } })),
}
