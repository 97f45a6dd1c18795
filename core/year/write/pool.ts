import { isAsWanted, type Catalogue, type Pattern, type Wanted, type Part } from '../../parts'
import type { PartLookup } from '../../stack'
import { newPart, partIdsOf, shedOf, WANTED, type Hive, type Yard } from '../../yard'

/** Which shed parts are promised to which hive, so that no two hives plan with one part. */
export type Promised = Map<string, string>

/** Whether a part will do, with its pattern. */
type WillDo = (part: Part, pattern: Pattern | undefined) => boolean

/**
 * Where the parts of a hive's plans come from: what stands there, what is promised to it from the shed, what is still
 * to be had.
 */
export interface Pool {
  /** Begins another stage: every part is free again. */
  readonly begin: () => void
  /**
   * The next part that is as wanted and will do, or one of this pattern that the yard has yet to get; without wishes, a
   * part of the pattern.
   */
  readonly take: (pattern: Pattern, wanted?: Wanted, willDo?: WillDo) => Part
  /** This part itself; where it has been taken already, another one of its pattern. */
  readonly keep: (part: Part) => Part
  /** The same, but nothing that the yard does not own. */
  readonly takeOwned: (willDo: WillDo) => Part | undefined
}

/** The pool of one hive. */
export function poolOf(yard: Yard, hive: Hive, parts: PartLookup, catalogue: Catalogue, promised: Promised): Pool {
  const own = partIdsOf(hive).flatMap((id) => parts.get(id) ?? [])
  const shed = shedOf(yard)
  let used = new Set<string>()
  const patternOf = (part: Part) => catalogue.patterns.get(part.patternId)
  const takeOwned: Pool['takeOwned'] = (willDo) => {
    const free = (part: Part) => !used.has(part.id) && willDo(part, patternOf(part))
    const found =
      own.find(free) ??
      shed.find((part) => promised.get(part.id) === hive.id && free(part)) ??
      shed.find((part) => !promised.has(part.id) && part.condition !== 'needs-repair' && free(part))
    if (found) {
      used.add(found.id)
      if (!own.includes(found)) promised.set(found.id, hive.id)
    }
    return found
  }
  /** Another one of a pattern, which the yard has yet to get; the same at every stage. */
  const another = (patternId: string): Part => {
    const begins = `${WANTED}${patternId}/`
    const id = `${begins}${[...used].filter((one) => one.startsWith(begins)).length}`
    used.add(id)
    return toGet(id, patternId, catalogue)
  }
  return {
    begin: () => {
      used = new Set()
    },
    takeOwned,
    keep: (part) => takeOwned((one) => one.id === part.id) ?? another(part.patternId),
    take: (pattern, wanted, willDo = () => true) =>
      takeOwned(
        (part, own) => (wanted ? isAsWanted(own, wanted) : part.patternId === pattern.id) && willDo(part, own),
      ) ?? another(pattern.id),
  }
}

const wanted = new WeakMap<Catalogue, Map<string, Part>>()

/** A part that is yet to be had; one and the same for every plan, so that its shape is worked out once. */
function toGet(id: string, patternId: string, catalogue: Catalogue): Part {
  let known = wanted.get(catalogue)
  if (!known) wanted.set(catalogue, (known = new Map()))
  let part = known.get(id)
  if (!part) {
    const pattern = catalogue.patterns.get(patternId)
    let n = 0
    part = pattern
      ? { ...newPart(pattern, catalogue, () => `${id}/${n++}`), id }
      : { id, patternId, contents: [], hasHeld: [] }
    known.set(id, part)
  }
  return part
}

/** True for a part, or a frame, that the yard has yet to get. */
export function isWanted({ id }: { readonly id: string }): boolean {
  return id.startsWith(WANTED)
}
