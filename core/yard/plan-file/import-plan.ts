import { mapWithin, there } from '../../units'
import { withoutLoan } from '../edits/without-loan'
import { partIdsOf, type Hive, type Yard } from '../model/yard'
import type { Part } from '../../parts'

/** The same yard with every identity replaced by a new one, so that it can stand beside the first. */
export function withOwnIdentities(yard: Yard, name: string, makeId: () => string): Yard {
  const fresh = new Map<string, string>()
  const own = (id: string) => {
    if (!fresh.has(id)) fresh.set(id, makeId())
    return there(fresh.get(id))
  }
  // A loan is of the part itself, not of a copy of it.
  const ownPart = (part: Part): Part => ({
    ...withoutLoan(part),
    id: own(part.id),
    contents: part.contents.map((content) => ({ ...content, id: own(content.id) })),
  })
  /** Plans by hand and visits name parts deep inside; fingerprints name them within a text. */
  const renamed = <T>(value: T): T =>
    mapWithin(value, (_key, inner) => {
      if (typeof inner !== 'string') return inner
      const words = () => inner.split(' ').map((word) => wordRenamed(word, fresh))
      return fresh.get(inner) ?? (inner.includes(' ') ? words().join(' ') : inner)
    })
  const ownHive = (hive: Hive): Hive => ({
    ...hive,
    id: own(hive.id),
    stack: hive.stack.map((placement) => ({ ...placement, partId: own(placement.partId) })),
    attachments: hive.attachments.map((attachment) => ({ ...attachment, partId: own(attachment.partId) })),
    accepted: hive.accepted.map((acceptance) => ({
      ...acceptance,
      findingKey: partIdsOf(hive).reduce((key, id) => key.replaceAll(id, own(id)), acceptance.findingKey),
    })),
  })
  const hives = yard.hives.map(ownHive)
  return {
    ...yard,
    id: own(yard.id),
    name,
    parts: yard.parts.map(ownPart),
    hives: hives.map((hive) => ({
      ...hive,
      ...(hive.season ? { season: renamed(hive.season) } : {}),
      ...(hive.visit ? { visit: renamed(hive.visit) } : {}),
    })),
  }
}

/** A word of a fingerprint: `+id`, `id^:role`. */
function wordRenamed(word: string, fresh: ReadonlyMap<string, string>): string {
  const [, plus, id, rest] = there(/^(\+?)(.*?)(\^?(?::[a-z]+)?)$/.exec(word))
  return `${plus}${fresh.get(there(id)) ?? id}${rest}`
}

/** A name that no other has: `Sallow Quay (2)`. */
export function freeName(name: string, taken: ReadonlySet<string>): string {
  if (!taken.has(name)) return name
  for (let n = 2; ; n++) if (!taken.has(`${name} (${n})`)) return `${name} (${n})`
}
