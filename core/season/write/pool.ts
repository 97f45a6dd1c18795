import type { Catalogue, Pattern } from '../../catalogue'
import type { PartLookup } from '../../geometry'
import { newPart, partIdsOf, shedOf, WANTED, type Hive, type Part, type Yard } from '../../hive'

/** Which shed parts are promised to which hive, so that no two hives plan with one part. */
export type Promised = Map<string, string>

/** Where the parts of a hive's plans come from: what stands there, what is promised to it from the shed, what is still to be had. */
export interface Pool {
  /** Begins another stage: every part is free again. */
  readonly begin: () => void
  /** The next part that will do, or one of this pattern that the yard has yet to get. */
  readonly take: (patternId: string, willDo?: (part: Part, pattern: Pattern | undefined) => boolean) => Part
  /** The same, but nothing that the yard does not own. */
  readonly takeOwned: (willDo: (part: Part, pattern: Pattern | undefined) => boolean) => Part | undefined
}

/** The pool of one hive. */
export function poolOf(yard: Yard, hive: Hive, parts: PartLookup, catalogue: Catalogue, promised: Promised): Pool {
  const own = partIdsOf(hive).flatMap((id) => parts.get(id) ?? [])
  const shed = shedOf(yard)
  const wanted = new Map<string, Part>()
  let used = new Set<string>()
  const patternOf = (part: Part) => catalogue.patterns.get(part.patternId)
  const takeOwned: Pool['takeOwned'] = (willDo) => {
    const free = (part: Part) => !used.has(part.id) && willDo(part, patternOf(part))
    const found = own.find(free) ?? shed.find((part) => promised.get(part.id) === hive.id && free(part)) ?? shed.find((part) => !promised.has(part.id) && part.condition !== 'needs-repair' && free(part))
    if (found) {
      used.add(found.id)
      if (!own.includes(found)) promised.set(found.id, hive.id)
    }
    return found
  }
  return {
    begin: () => { used = new Set() },
    takeOwned,
    take: (patternId, willDo = (part) => part.patternId === patternId) => {
      const found = takeOwned(willDo)
      if (found) return found
      const pattern = catalogue.patterns.get(patternId)
      if (!pattern) throw new RangeError(`the catalogue has no pattern ${patternId}`)
      const begins = `${WANTED}${patternId}/`
      const id = `${begins}${[...used].filter((one) => one.startsWith(begins)).length}`
      used.add(id)
      const known = wanted.get(id)
      if (known) return known
      let n = 0
      const part = { ...newPart(pattern, catalogue, () => `${id}/${n++}`), id }
      wanted.set(id, part)
      return part
    },
  }
}

/** True for a part, or a frame, that the yard has yet to get. */
export function isWanted({ id }: { readonly id: string }): boolean {
  return id.startsWith(WANTED)
}
