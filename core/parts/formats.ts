import type { Pattern } from '../catalogue'
import { isBox } from './is'

interface OfPattern {
  readonly pattern: Pattern | undefined
}

/**
 * What a hive is built of: the formats of its boxes from the ground up, then those of its other parts; parts that go
 * with any are left out.
 */
export function formatsOf(stack: readonly OfPattern[]): Pattern['format'][] {
  const [boxes, others] = [stack.filter(isBox), stack.filter((part) => !isBox(part))]
  const formats = [...boxes, ...others].flatMap(({ pattern }) => (pattern ? [pattern.format] : []))
  return [...new Set(formats.filter((format) => format !== 'any'))]
}
