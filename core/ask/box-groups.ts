import { catalogueOf, isBox, resolvePart, type Part, type ResolvedPart } from '../parts'
import { newPlacement, type Hive, type Placement, type Yard } from '../yard'

/** A box where it is: on a hive, or on none. */
interface BoxSomewhere {
  readonly part: Part
  readonly placement: Placement
  readonly hive: Hive | null
}

/** Boxes that are together: a hive's, top first; those of the shed, and those that are lent, in handfuls. */
export interface BoxGroup {
  readonly key: string
  readonly name: string
  readonly hive?: Hive
  readonly boxes: readonly BoxSomewhere[]
}

/** So many boxes of the shed are one group. */
const HANDFUL = 8

/** The boxes of a yard that hold frames; section racks hold none. */
function frameBoxes(yard: Yard): Part[] {
  const { patterns } = catalogueOf(yard)
  return yard.parts.filter(({ patternId }) => {
    const pattern = patterns.get(patternId)
    return isBox({ pattern }) && !pattern?.sections
  })
}

function handfuls(name: string, all: readonly BoxSomewhere[]): BoxGroup[] {
  return Array.from({ length: Math.ceil(all.length / HANDFUL) }, (_, i) => ({
    key: `${name} ${i}`,
    name: i === 0 ? name : `${name}, more`,
    boxes: all.slice(i * HANDFUL, (i + 1) * HANDFUL),
  }))
}

/** Every box of frames of a yard, by where it is. */
export function boxGroups(yard: Yard): BoxGroup[] {
  const { patterns } = catalogueOf(yard)
  const byId = new Map(frameBoxes(yard).map((part) => [part.id, part]))
  const standing = yard.hives.map((hive): BoxGroup => ({
    key: hive.id,
    name: hive.name,
    hive,
    boxes: hive.stack
      .flatMap((placement) => {
        const part = byId.get(placement.partId)
        return part ? [{ part, placement, hive }] : []
      })
      .reverse(),
  }))
  const placed = new Set(yard.hives.flatMap(({ stack }) => stack.map(({ partId }) => partId)))
  const loose = [...byId.values()]
    .filter(({ id }) => !placed.has(id))
    .map((part) => ({ part, placement: newPlacement(part.id, patterns.get(part.patternId)), hive: null }))
  const isLent = ({ part }: BoxSomewhere) => part.lent !== undefined
  return [
    ...standing,
    ...handfuls(
      'In the shed',
      loose.filter((one) => !isLent(one)),
    ),
    ...handfuls('Lent', loose.filter(isLent)),
  ].filter(({ boxes }) => boxes.length > 0)
}

/** The supers that a yard has at hand, by what they are on their hive, else by what such a box usually is. */
export function supersOf(yard: Yard): ResolvedPart[] {
  const catalogue = catalogueOf(yard)
  const roles = new Map(yard.hives.flatMap(({ stack }) => stack.map(({ partId, role }) => [partId, role] as const)))
  const roleOf = ({ id, patternId }: Part) => roles.get(id) ?? catalogue.patterns.get(patternId)?.usualRole
  return frameBoxes(yard)
    .filter((part) => !part.lent && roleOf(part) === 'super')
    .map((part) => resolvePart(part, catalogue))
}
