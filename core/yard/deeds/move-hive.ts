import { mapWithin, there } from '../../units'
import type { Edit } from '../edits/edit'
import { freeName, withOwnIdentities } from '../plan-file/import-plan'
import type { Hive, Yard } from '../model/yard'
import { planOfHive } from '../plan-file/plan'
import { addHive, removeHive } from './add-hive'
import { keepHanging, keepPattern } from './keep-pattern'
import { together } from './together'

/** Hives on their way from one yard to another: what is done in each, the one they come to first. */
export interface HivesMoved {
  readonly into: Edit
  readonly out: Edit
}

/**
 * Moves hives to another yard with everything on them, their books, and the keeper's own patterns that they are made
 * of. They keep their identities unless something there has one of them; a name that is taken there gets a number.
 */
export function moveHives(from: Yard, to: Yard, hives: readonly Hive[], makeId: () => string): HivesMoved {
  const takenIds = identitiesOf(to)
  const takenNames = new Set(to.hives.map(({ name }) => name))
  const edits: Edit[] = []
  const patternIds = new Map<string, string>()
  let partsAt = to.parts.length
  let hivesAt = to.hives.length
  for (const hive of hives) {
    const alone = { ...from, ...planOfHive(from, hive).yards[0]! }
    const meets = [...identitiesOf(alone)].some((id) => takenIds.has(id))
    const moved = meets ? withOwnIdentities(alone, to.name, makeId) : alone
    edits.push(...ownPatterns(from, to, moved, patternIds, makeId))
    const name = freeName(hive.name, takenNames)
    takenNames.add(name)
    const parts = moved.parts.map((part) => renamed(part, patternIds))
    const here = renamed({ ...moved.hives[0]!, name }, patternIds)
    edits.push(addHive(to, here, parts, hivesAt++, partsAt, { yardId: from.id, hiveId: hive.id }))
    partsAt += parts.length
  }
  return { into: together(...edits), out: together(...hives.map(removeHive)) }
}

function identitiesOf(yard: Yard): Set<string> {
  return new Set([
    ...yard.hives.map(({ id }) => id),
    ...yard.parts.flatMap(({ id, contents }) => [id, ...contents.map((content) => content.id)]),
  ])
}

/**
 * Keeps the own patterns of a hive in the other yard; one that means something else there gets another identity.
 * Plans by hand and visits name patterns as well as parts do.
 */
function ownPatterns(
  from: Yard,
  to: Yard,
  moved: Pick<Yard, 'hives' | 'parts'>,
  known: Map<string, string>,
  makeId: () => string,
): Edit[] {
  const used = new Set<string>()
  mapWithin([moved.hives, moved.parts], (_key, value) => {
    if (typeof value === 'string') used.add(value)
    return value
  })
  const wanted = <P extends { readonly id: string }>(
    all: readonly P[],
    others: readonly P[],
    keep: (pattern: P) => Edit,
  ): Edit[] =>
    all
      .filter(({ id }) => used.has(id) && !known.has(id))
      .flatMap((pattern) => {
        const other = others.find(({ id }) => id === pattern.id)
        const same = other !== undefined && JSON.stringify(other) === JSON.stringify(pattern)
        known.set(pattern.id, other && !same ? makeId() : pattern.id)
        return same ? [] : [keep({ ...pattern, id: there(known.get(pattern.id)) })]
      })
  return [...wanted(from.patterns, to.patterns, keepPattern), ...wanted(from.hanging, to.hanging, keepHanging)]
}

function renamed<T>(value: T, ids: ReadonlyMap<string, string>): T {
  return mapWithin(value, (_key, inner) => (typeof inner === 'string' ? (ids.get(inner) ?? inner) : inner))
}
