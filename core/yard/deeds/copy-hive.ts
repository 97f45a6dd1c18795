import type { Edit } from '../edits/edit'
import { freeName, withOwnIdentities } from '../plan-file/import-plan'
import type { Hive, Yard } from '../model/yard'
import type { Part } from '../../parts'
import { planOfHive } from '../plan-file/plan'
import { addHive } from './add-hive'
import { together } from './together'

/** How copies are made: how many, what they are called (`*` is the hive's name, `#` the number), what comes along. */
export interface Copying {
  readonly count: number
  readonly names: string
  /** Whether what its parts have held, what was accepted, what is noted and its book comes along. */
  readonly withHistory: boolean
}

/** The names that copies get, each free in the yard: `Twill 2`, `Twill 3`. */
export function namesOfCopies(yard: Yard, hives: readonly Hive[], { count, names }: Copying): string[] {
  const taken = new Set(yard.hives.map(({ name }) => name))
  return hives.flatMap((hive) => {
    const made: string[] = []
    for (let n = 2; made.length < count; n++) {
      const written = names.replaceAll('*', hive.name).replaceAll('#', String(n)).trim() || hive.name
      const name = written.slice(0, 70)
      if (names.includes('#') && taken.has(name)) continue
      const free = freeName(name, taken)
      taken.add(free)
      made.push(free)
    }
    return made
  })
}

/**
 * Copies hives, each beside the one it is copied from. A copy has no visit under way: nobody has opened it.
 * @param makeId makes identities of their own for its parts and frames
 */
export function copyHives(yard: Yard, hives: readonly Hive[], copying: Copying, makeId: () => string): Edit {
  const names = namesOfCopies(yard, hives, copying)
  let added = 0
  const edits = hives.flatMap((hive, h) => {
    const alone = { ...yard, ...planOfHive(yard, hive).yards[0]! }
    const at = yard.hives.findIndex(({ id }) => id === hive.id) + 1
    return Array.from({ length: copying.count }, (_, n) => {
      const twin = withOwnIdentities(alone, yard.name, makeId)
      const made = copying.withHistory ? withoutVisit(twin.hives[0]!) : asNew(twin.hives[0]!)
      const parts = copying.withHistory ? twin.parts : twin.parts.map(unheld)
      const before = hives.slice(0, h).filter((other) => yard.hives.indexOf(other) < at).length * copying.count
      const name = names[h * copying.count + n]!
      const book = copying.withHistory ? { yardId: yard.id, hiveId: hive.id } : undefined
      const edit = addHive(yard, { ...made, name }, parts, at + before + n, yard.parts.length + added, book)
      added += parts.length
      return edit
    })
  })
  return together(...edits)
}

function withoutVisit({ visit: _underWay, ...hive }: Hive): Hive {
  return hive
}
function asNew(hive: Hive): Hive {
  return { ...withoutVisit(hive), note: '', accepted: [] }
}
function unheld(part: Part): Part {
  return { ...part, hasHeld: [] }
}
