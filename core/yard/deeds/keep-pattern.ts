import type { HangingPattern, Pattern } from '../../parts'
import type { Edit } from '../edits/edit'

/** Keeps a pattern of one's own. */
export function keepPattern(pattern: Pattern): Edit {
  return { kind: 'set-pattern', patternId: pattern.id, pattern }
}

/** Keeps a frame or board of one's own. */
export function keepHanging(pattern: HangingPattern): Edit {
  return { kind: 'set-hanging', patternId: pattern.id, pattern }
}

/** Lets a pattern of one's own go. */
export function forgetPattern(patternId: string, hangs: boolean): Edit {
  return { kind: hangs ? 'set-hanging' : 'set-pattern', patternId, pattern: null }
}
