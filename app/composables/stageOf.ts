import { STAGES, type Stage } from '#core/hive'
import { isOneOf } from '#core/plain'

/** The stage that an address names; null where it names none. */
export function stageOf(text: unknown): Stage | null {
  return isOneOf(STAGES, text) ? text : null
}
