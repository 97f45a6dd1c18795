import type { ResolvedPart } from '../../parts'

/**
 * True for two parts of one format as their makers make them: what lies between them then is usual for their make, and
 * most keepers live with it. Common practice.
 */
export function areAsMade(...parts: readonly ResolvedPart[]): boolean {
  const format = parts[0]?.pattern?.format
  return parts.every(
    ({ pattern, part }) => pattern !== undefined && !pattern.own && !part.measured && pattern.format === format,
  )
}
