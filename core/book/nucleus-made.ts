import { there } from '../units'
import {
  catalogueOf,
  find,
  nucleusBoxes,
  type Catalogue,
  type Pattern,
  attachmentPlaceOf,
  isBox,
  isFrame,
  type Content,
  type Part,
  type Role,
} from '../parts'
import { hiveIn } from '../ask'
import { buildHive, inOrder, inPlaceOf, newPart, partEdit, withPast, type Edit, type Hive, type Yard } from '../yard'
import { formatToAdd } from '../year'
import { entriesOf } from './current'
import type { Entry } from './entries'

/** A comb of brood that a hive gives: where it hangs, and its place from the left. */
export interface BroodComb {
  readonly hiveId: string
  readonly partId: string
  readonly role: Role | undefined
  readonly content: Content
  readonly place: number
}

/**
 * The comb of brood that a hive gives: one with sealed brood by the last look that pressed combs, else one that is said
 * to hold brood; undefined where nobody has said which combs do. Common practice: sealed brood travels best.
 */
export function broodCombOf(yard: Yard, hive: Hive, own: readonly Entry[]): BroodComb | undefined {
  const look = entriesOf(own, 'look').findLast(({ body }) => body.combs?.some(({ brood }) => brood?.length))
  const sealed = new Set(look?.body.combs?.flatMap((one) => (one.brood?.includes('sealed') ? [one.contentId] : [])))
  const combs = hiveIn(yard, hive).assembled.stack.flatMap((layer): BroodComb[] => {
    if (!isBox(layer) || layer.placement.role === 'super') return []
    const frames = new Set(layer.hung.filter(isFrame).map(({ content }) => content.id))
    return inOrder(layer.part).flatMap((content, i) =>
      frames.has(content.id)
        ? [{ hiveId: hive.id, partId: layer.part.id, role: layer.placement.role, content, place: i + 1 }]
        : [],
    )
  })
  return combs.find(({ content }) => sealed.has(content.id)) ?? combs.find(({ content }) => content.holds === 'brood')
}

/** A nucleus as it stands once it is made, as one edit that can be undone. */
export interface NucleusMade {
  readonly hive: Hive
  readonly edit: Edit
}

/**
 * Makes a nucleus of combs of brood of the same make: a box for it on a floor with a feeder, crown and roof, its door
 * narrow; the combs hang in it with their past, and in their places hang fresh frames. Undefined where the combs do not
 * hang in such a box.
 */
export function makeNucleus(
  yard: Yard,
  combs: readonly BroodComb[],
  name: string,
  makeId: () => string,
): NucleusMade | undefined {
  const catalogue = catalogueOf(yard)
  const giver = yard.hives.find(({ id }) => id === combs[0]?.hiveId)
  const box =
    giver && nucleusBoxes(catalogue, formatToAdd(hiveIn(yard, giver).assembled.stack)).find((one) => !one.halves)
  if (!box || combs.some(({ content }) => content.patternId !== box.normalContents?.framePatternId)) return undefined
  const made = kitOfNucleus(box.id, box.format, name, catalogue, makeId)
  if (!made) return undefined
  const contents = inOrder(made.box)
  const roomy = contents.length > combs.length + 1
  if (!roomy) return undefined
  const parts = new Map(yard.parts.map((part) => [part.id, part]))
  const changed = new Map<string, Part>()
  const hung = contents.map((fresh, i) => {
    const comb = combs[i]
    const from = comb && (changed.get(comb.partId) ?? parts.get(comb.partId))
    if (!comb || !from) return fresh
    changed.set(comb.partId, {
      ...from,
      contents: from.contents.map((one) => (one.id === comb.content.id ? inPlaceOf(one, fresh) : one)),
    })
    return inPlaceOf(fresh, withPast(comb.content, from, comb.role))
  })
  const full = made.parts.map((part) => (part.id === made.box.id ? { ...part, contents: hung } : part))
  const edits: Edit[] = [
    ...[...changed].map(([id, part]) => partEdit(there(parts.get(id)), part)),
    {
      kind: 'add-hive',
      at: yard.hives.length,
      hive: made.hive,
      parts: full.map((part, i) => ({ at: yard.parts.length + i, part })),
    },
  ]
  return { hive: made.hive, edit: { kind: 'batch', edits } }
}

function kitOfNucleus(
  boxId: string,
  format: Pattern['format'],
  name: string,
  catalogue: Catalogue,
  makeId: () => string,
) {
  const wanted = (kind: 'floor' | 'feeder' | 'crown' | 'roof') => find(catalogue, { kind, format })?.id
  const [floor, feeder, crown, roof] = [wanted('floor'), wanted('feeder'), wanted('crown'), wanted('roof')]
  if (!floor || !crown || !roof) return undefined
  const stack: (readonly [string, Role?])[] = [
    [floor],
    [boxId, 'brood'],
    ...(feeder ? [[feeder] as const] : []),
    [crown],
    [roof],
  ]
  const built = buildHive({ name, stage: 'settling', stack }, catalogue, makeId)
  // Shut only while it travels: a colony that stands is let out, by a door that few can defend.
  const door = find(catalogue, { kind: 'entrance-fitting', use: 'narrow' })
  const narrow = door && newPart(door, catalogue, makeId)
  const place = door && attachmentPlaceOf(door)
  const box = built.parts[1]!
  return {
    box,
    hive: narrow && place ? { ...built.hive, attachments: [{ partId: narrow.id, place }] } : built.hive,
    parts: narrow && place ? [...built.parts, narrow] : built.parts,
  }
}
