import { partIdsOf, type Hive, type Part, type Yard } from './model'

export const PLAN_FORMAT = 'duvet-plan'
export const PLAN_VERSION = 5

/** What a plan may hold at most; a yard on the server keeps to the same figures. */
export const PLAN_LIMITS = { yards: 50, hivesPerYard: 1000, partsPerPlan: 9_999, layersPerHive: 60, contentsPerPart: 40, fileBytes: 20_000_000 } as const

/** The plan file: yards with their hives and parts. */
export interface Plan {
  readonly format: typeof PLAN_FORMAT
  readonly version: typeof PLAN_VERSION
  readonly yards: readonly Yard[]
}

/**
 * A plan of an earlier version as one of this version: what came later is empty or absent. Anything else is given
 * back as it is.
 */
export function upgraded(value: unknown): unknown {
  const plan = value as { version?: unknown; yards?: unknown } | null
  if (plan === null || typeof plan !== 'object' || !Array.isArray(plan.yards)) return value
  if (plan.version === 2 || plan.version === 3 || plan.version === 4) return { ...plan, version: PLAN_VERSION }
  if (plan.version !== 1) return value
  const yards = plan.yards.map((yard: unknown) => (yard === null || typeof yard !== 'object' || Array.isArray(yard) ? yard : { prolific: false, overrides: [], patterns: [], hanging: [], ...yard }))
  return { ...plan, version: PLAN_VERSION, yards }
}

/** What is wrong with a plan that has the right shape, and where. */
export interface PlanProblem {
  readonly field: string
  readonly problem: 'duplicate-identity' | 'part-in-two-places' | 'missing-part' | 'too-many-parts' | 'too-many-layers' | 'pattern-taken'
  readonly id: string
}

/** A plan of these yards. */
export function planOf(yards: readonly Yard[]): Plan {
  return { format: PLAN_FORMAT, version: PLAN_VERSION, yards }
}

/** A plan with one hive of a yard and the parts that stand in it. */
export function planOfHive(yard: Yard, hive: Hive): Plan {
  const own = new Set(partIdsOf(hive))
  return planOf([{ ...yard, hives: [hive], parts: yard.parts.filter((part) => own.has(part.id)) }])
}

/** The first thing that makes a plan of the right shape unusable, or undefined when it is sound. */
export function planProblem(plan: Plan): PlanProblem | undefined {
  const total = plan.yards.reduce((sum, yard) => sum + yard.parts.length, 0)
  if (total > PLAN_LIMITS.partsPerPlan) return { field: 'yards.parts', problem: 'too-many-parts', id: String(total) }
  const taken = new Set<string>()
  for (const [y, yard] of plan.yards.entries()) {
    const problem = repeatedIdentity(yard, `yards[${y}]`, taken) ?? repeatedPattern(yard, `yards[${y}]`) ?? wrongPlaces(yard, `yards[${y}]`)
    if (problem) return problem
  }
  return undefined
}

function repeatedIdentity(yard: Yard, path: string, taken: Set<string>): PlanProblem | undefined {
  const claim = (id: string, field: string): PlanProblem | undefined => {
    if (taken.has(id)) return { field, problem: 'duplicate-identity', id }
    taken.add(id)
    return undefined
  }
  const ofPart = (part: Part, field: string) => claim(part.id, `${field}.id`) ?? firstOf(part.contents, (content, i) => claim(content.id, `${field}.contents[${i}].id`))
  return claim(yard.id, `${path}.id`)
    ?? firstOf(yard.hives, (hive, i) => claim(hive.id, `${path}.hives[${i}].id`))
    ?? firstOf(yard.parts, (part, i) => ofPart(part, `${path}.parts[${i}]`))
}

function repeatedPattern(yard: Yard, path: string): PlanProblem | undefined {
  const taken = new Set<string>()
  const once = (id: string, field: string): PlanProblem | undefined => {
    if (taken.has(id)) return { field, problem: 'pattern-taken', id }
    taken.add(id)
    return undefined
  }
  return firstOf(yard.patterns, ({ id }, i) => once(id, `${path}.patterns[${i}].id`))
    ?? firstOf(yard.hanging, ({ id }, i) => once(id, `${path}.hanging[${i}].id`))
    ?? firstOf(yard.overrides, ({ key }, i) => once(key, `${path}.overrides[${i}].key`))
}

function wrongPlaces(yard: Yard, path: string): PlanProblem | undefined {
  const known = new Set(yard.parts.map((part) => part.id))
  const placed = new Set<string>()
  return firstOf(yard.hives, (hive, h) => {
    const here = `${path}.hives[${h}]`
    if (hive.stack.length > PLAN_LIMITS.layersPerHive) return { field: `${here}.stack`, problem: 'too-many-layers', id: hive.name }
    const field = (i: number) => (i < hive.stack.length ? `${here}.stack[${i}].partId` : `${here}.attachments[${i - hive.stack.length}].partId`)
    return firstOf(partIdsOf(hive), (partId, i) => {
      if (!known.has(partId)) return { field: field(i), problem: 'missing-part', id: partId }
      if (placed.has(partId)) return { field: field(i), problem: 'part-in-two-places', id: partId }
      placed.add(partId)
      return undefined
    })
  })
}

function firstOf<T>(list: readonly T[], look: (item: T, i: number) => PlanProblem | undefined): PlanProblem | undefined {
  for (const [i, item] of list.entries()) {
    const problem = look(item, i)
    if (problem) return problem
  }
  return undefined
}
