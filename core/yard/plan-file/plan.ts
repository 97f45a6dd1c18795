import { figureOfKey, isFigure, ownFigure, type OwnFigure } from '../../figures'
import { fieldOf } from '../../units'
import { partIdsOf, type Hive, type Yard, type YardAsKept } from '../model/yard'
import type { Part } from '../../parts'

export const PLAN_FORMAT = 'duvet-plan'
export const PLAN_VERSION = 8

/** What a plan may hold at most; a yard on the server keeps to the same figures. */
export const PLAN_LIMITS = {
  yards: 50,
  hivesPerYard: 1000,
  hivesPerPlan: 5000,
  partsPerPlan: 9_999,
  batchEdits: 20_000,
  layersPerHive: 60,
  contentsPerPart: 40,
  attachmentsPerHive: 20,
  acceptedPerHive: 200,
  patternsPerYard: 200,
  overridesPerYard: 500,
  readingsPerPart: 200,
  entriesPerYard: 100_000,
  fileBytes: 60_000_000,
} as const

/** What is written in a book is the book's: here it only has an identity. */
interface Identified {
  readonly id: string
}

/** The plan file: yards with their hives and parts. */
export interface Plan<Written extends Identified = Identified> {
  readonly format: typeof PLAN_FORMAT
  readonly version: typeof PLAN_VERSION
  readonly yards: readonly YardAsKept[]
  /** The hive books of its yards, with all corrections. */
  readonly books?: readonly PlanBook<Written>[]
}

/** The hive book of one yard of a plan. */
interface PlanBook<Written extends Identified = Identified> {
  readonly yardId: string
  readonly entries: readonly Written[]
}

/**
 * A plan of an earlier version as one of this version: what came later is empty or absent. Anything else is given
 * back as it is.
 */
export function upgraded(value: unknown): unknown {
  const [version, found] = [fieldOf(value, 'version'), fieldOf(value, 'yards')]
  if (typeof value !== 'object' || !Array.isArray(found) || typeof version !== 'number') return value
  if (!Number.isInteger(version) || version < 1 || version >= PLAN_VERSION) return value
  const yards = found.map((yard: unknown) => {
    if (yard === null || typeof yard !== 'object' || Array.isArray(yard)) return yard
    return withFigures(version === 1 ? { prolific: false, overrides: [], patterns: [], hanging: [], ...yard } : yard)
  })
  return { ...value, version: PLAN_VERSION, yards }
}

/**
 * A yard as it was kept before version 8: a figure of the trade stood among the sizes that are overwritten, its number
 * in its own unit where a length stands. What is no figure, or cannot be, stays where it is.
 */
export function withFigures<Y extends object>(yard: Y): Y {
  const overrides: unknown = fieldOf(yard, 'overrides')
  if (Array.isArray(fieldOf(yard, 'figures')) || !Array.isArray(overrides)) return yard
  const asFigure = (one: unknown): readonly OwnFigure[] => {
    const [key, value] = [fieldOf(one, 'key'), fieldOf(fieldOf(one, 'length'), 'mm')]
    const name = typeof key === 'string' ? figureOfKey(key) : undefined
    return name && typeof value === 'number' && isFigure(name, value) ? [ownFigure(name, value)] : []
  }
  return {
    ...yard,
    overrides: overrides.filter((one) => asFigure(one).length === 0),
    figures: overrides.flatMap(asFigure),
  }
}

/** What is wrong with a plan that has the right shape, and where. */
export interface PlanProblem {
  readonly field: string
  readonly problem:
    | 'duplicate-identity'
    | 'part-in-two-places'
    | 'missing-part'
    | 'too-many'
    | 'too-many-parts'
    | 'too-many-hives'
    | 'too-many-layers'
    | 'pattern-taken'
    | 'no-such-yard'
  readonly id: string
}

/** A plan of these yards. */
export function planOf(yards: readonly Yard[]): Plan {
  const asKept = ({ colonies: _told, foods: _known, ...yard }: Yard): YardAsKept => yard
  return { format: PLAN_FORMAT, version: PLAN_VERSION, yards: yards.map(asKept) }
}

/** A plan with one hive of a yard and the parts that stand in it. */
export function planOfHive(yard: Yard, hive: Hive): Plan {
  const own = new Set(partIdsOf(hive))
  return planOf([{ ...yard, hives: [hive], parts: yard.parts.filter((part) => own.has(part.id)) }])
}

/** The first thing that makes a plan of the right shape unusable, or undefined when it is sound. */
export function planProblem(plan: Plan): PlanProblem | undefined {
  const count = (of: (yard: Yard) => readonly unknown[]) => plan.yards.reduce((sum, yard) => sum + of(yard).length, 0)
  const parts = count((yard) => yard.parts)
  if (parts > PLAN_LIMITS.partsPerPlan) return { field: 'yards.parts', problem: 'too-many-parts', id: String(parts) }
  const hives = count((yard) => yard.hives)
  if (hives > PLAN_LIMITS.hivesPerPlan) return { field: 'yards.hives', problem: 'too-many-hives', id: String(hives) }
  const yards = new Set<string>()
  const ofYards = firstOf(plan.yards, (yard, y) => {
    const path = `yards[${y}]`
    return (
      once(yards, yard.id, `${path}.id`, 'duplicate-identity') ??
      tooMany(yard, path) ??
      repeatedIdentity(yard, path) ??
      repeatedPattern(yard, path) ??
      wrongPlaces(yard, path)
    )
  })
  return ofYards ?? firstOf(plan.books ?? [], (book, b) => wrongBook(book, yards, `books[${b}]`))
}

function wrongBook({ yardId, entries }: PlanBook, yards: Set<string>, path: string): PlanProblem | undefined {
  if (!yards.delete(yardId)) return { field: `${path}.yardId`, problem: 'no-such-yard', id: yardId }
  const taken = new Set<string>()
  return firstOf(entries, ({ id }, i) => once(taken, id, `${path}.entries[${i}].id`, 'duplicate-identity'))
}

function once(taken: Set<string>, id: string, field: string, problem: PlanProblem['problem']): PlanProblem | undefined {
  if (taken.has(id)) return { field, problem, id }
  taken.add(id)
  return undefined
}

/** Lists that have grown beyond what a plan file may hold, so that what is kept can always be read back. */
function tooMany(yard: Yard, path: string): PlanProblem | undefined {
  const most = (list: readonly unknown[] | undefined, limit: number, field: string): PlanProblem | undefined =>
    list && list.length > limit ? { field, problem: 'too-many', id: String(limit) } : undefined
  return (
    most(yard.hives, PLAN_LIMITS.hivesPerYard, `${path}.hives`) ??
    most(yard.patterns, PLAN_LIMITS.patternsPerYard, `${path}.patterns`) ??
    most(yard.hanging, PLAN_LIMITS.patternsPerYard, `${path}.hanging`) ??
    most(yard.overrides, PLAN_LIMITS.overridesPerYard, `${path}.overrides`) ??
    most(yard.figures, PLAN_LIMITS.overridesPerYard, `${path}.figures`) ??
    firstOf(
      yard.hives,
      (hive, i) =>
        most(hive.attachments, PLAN_LIMITS.attachmentsPerHive, `${path}.hives[${i}].attachments`) ??
        most(hive.accepted, PLAN_LIMITS.acceptedPerHive, `${path}.hives[${i}].accepted`),
    ) ??
    firstOf(
      yard.parts,
      (part, i) =>
        most(part.contents, PLAN_LIMITS.contentsPerPart, `${path}.parts[${i}].contents`) ??
        most(part.readings, PLAN_LIMITS.readingsPerPart, `${path}.parts[${i}].readings`),
    )
  )
}

/** Identities are a yard's own: a hive, part or frame of another yard may have the same. */
function repeatedIdentity(yard: Yard, path: string): PlanProblem | undefined {
  const taken = new Set<string>()
  const claim = (id: string, field: string) => once(taken, id, field, 'duplicate-identity')
  const ofPart = (part: Part, field: string) =>
    claim(part.id, `${field}.id`) ??
    firstOf(part.contents, (content, i) => claim(content.id, `${field}.contents[${i}].id`))
  return (
    firstOf(yard.hives, (hive, i) => claim(hive.id, `${path}.hives[${i}].id`)) ??
    firstOf(yard.parts, (part, i) => ofPart(part, `${path}.parts[${i}]`))
  )
}

function repeatedPattern(yard: Yard, path: string): PlanProblem | undefined {
  const taken = new Set<string>()
  const claim = (id: string, field: string) => once(taken, id, field, 'pattern-taken')
  return (
    firstOf(yard.patterns, ({ id }, i) => claim(id, `${path}.patterns[${i}].id`)) ??
    firstOf(yard.hanging, ({ id }, i) => claim(id, `${path}.hanging[${i}].id`)) ??
    firstOf(yard.overrides, ({ key }, i) => claim(key, `${path}.overrides[${i}].key`)) ??
    firstOf(yard.figures, ({ name }, i) => claim(`figure ${name}`, `${path}.figures[${i}].name`))
  )
}

function wrongPlaces(yard: Yard, path: string): PlanProblem | undefined {
  const known = new Set(yard.parts.map((part) => part.id))
  const lent = new Set(yard.parts.flatMap((part) => (part.lent ? [part.id] : [])))
  const placed = new Set<string>()
  return firstOf(yard.hives, (hive, h) => {
    const here = `${path}.hives[${h}]`
    if (hive.stack.length > PLAN_LIMITS.layersPerHive)
      return { field: `${here}.stack`, problem: 'too-many-layers', id: hive.name }
    const field = (i: number) =>
      i < hive.stack.length ? `${here}.stack[${i}].partId` : `${here}.attachments[${i - hive.stack.length}].partId`
    return firstOf(partIdsOf(hive), (partId, i) => {
      if (lent.has(partId)) return { field: field(i), problem: 'part-in-two-places', id: partId }
      if (!known.has(partId)) return { field: field(i), problem: 'missing-part', id: partId }
      if (placed.has(partId)) return { field: field(i), problem: 'part-in-two-places', id: partId }
      placed.add(partId)
      return undefined
    })
  })
}

function firstOf<T>(
  list: readonly T[],
  look: (item: T, i: number) => PlanProblem | undefined,
): PlanProblem | undefined {
  for (const [i, item] of list.entries()) {
    const problem = look(item, i)
    if (problem) return problem
  }
  return undefined
}
