import { STARTS, type Catalogue, type Part, type Role } from '../parts'
import type { Hive } from './model/yard'
import { newPart, newPlacement } from './new-part'

/** What a new hive can begin as. */
export type StartName = keyof typeof STARTS

/** A hive to start from, with its parts. */
export function startHive(
  start: StartName,
  name: string,
  catalogue: Catalogue,
  makeId: () => string,
): { hive: Hive; parts: Part[] } {
  return buildHive({ name, stage: 'settling', stack: STARTS[start] }, catalogue, makeId)
}

/**
 * A hive built from a list of patterns, bottom first.
 * @throws RangeError for a pattern that the catalogue lacks
 */
export function buildHive(
  plan: {
    readonly name: string
    readonly stage: Hive['stage']
    readonly note?: string
    readonly stack: readonly (readonly [string, Role?])[]
  },
  catalogue: Catalogue,
  makeId: () => string,
): { hive: Hive; parts: Part[] } {
  const id = makeId()
  const built = plan.stack.map(([patternId, role]) => {
    const pattern = catalogue.patterns.get(patternId)
    if (!pattern) throw new RangeError(`the catalogue has no pattern ${patternId}`)
    const part = newPart(pattern, catalogue, makeId)
    return { part, placement: newPlacement(part.id, pattern, role) }
  })
  const hive: Hive = {
    id,
    name: plan.name,
    stage: plan.stage,
    note: plan.note ?? '',
    stack: built.map(({ placement }) => placement),
    attachments: [],
    accepted: [],
  }
  return { hive, parts: built.map(({ part }) => part) }
}
