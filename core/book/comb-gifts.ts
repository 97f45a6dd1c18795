import { foodNeedOf } from '../year'
import { storesByModelKg } from '../rules'
import { isUndrawn, isBox, type Content, type Part, type Role } from '../parts'
import { hiveIn, type HiveIn } from '../ask'
import { inPlaceOf, partEdit, withPast, type Edit, type Hive, type Yard } from '../yard'
import { fullFrameHoneyKg } from '../loads'

/** A comb of food that goes from a hive whose colony is dead into another, in the place of an empty or undrawn one. */
export interface CombGift {
  readonly contentId: string
  readonly fromPartId: string
  readonly toHiveId: string
  readonly toPartId: string
  readonly replaces: string
}

interface Place {
  readonly partId: string
  readonly role: Role | undefined
  readonly content: Content
}

/** The frames of a hive in the boxes that its colony lives in, or in all of them. */
function framesIn(yard: Yard, hive: Hive, withSupers: boolean): Place[] {
  return hiveIn(yard, hive).assembled.stack.flatMap((layer) =>
    isBox(layer) && (withSupers || layer.placement.role !== 'super')
      ? layer.part.contents.map((content) => ({ partId: layer.part.id, role: layer.placement.role, content }))
      : [],
  )
}

/** Its stores by its book, else as its combs were said to be. */
const storesOf = ({ assembled, context: { stores, stage } }: HiveIn) =>
  stores?.kg ?? storesByModelKg(assembled, { stage })

/**
 * Where the combs of sealed food of a dead colony go: always to the hive that is then shortest of food, by its need
 * less what is there, into a place where an empty or undrawn frame of the same make hangs. Whether they may go at all
 * is asked of `mayShareCombs` first. Common practice.
 */
export function combGifts(yard: Yard, dead: Hive, others: readonly Hive[]): CombGift[] {
  const needy = others.map((hive) => {
    const known = hiveIn(yard, hive)
    const need = known.context.need ?? foodNeedOf(known.context)
    return {
      hive,
      shortKg: (need.low + need.high) / 2 - storesOf(known).middle,
      free: framesIn(yard, hive, false).filter(({ content }) => isUndrawn(content) || content.holds === 'empty'),
    }
  })
  const kgOf = new Map(
    hiveIn(yard, dead)
      .assembled.stack.filter((layer) => isBox(layer))
      .map(({ part, resolved }) => [part.id, fullFrameHoneyKg(resolved)]),
  )
  return framesIn(yard, dead, true)
    .filter(({ content }) => content.holds === 'capped-honey')
    .flatMap(({ partId, content }): CombGift[] => {
      const to = needy
        .filter(({ shortKg, free }) => shortKg > 0 && free.some((one) => one.content.patternId === content.patternId))
        .reduce<(typeof needy)[number] | undefined>((a, b) => (a && a.shortKg >= b.shortKg ? a : b), undefined)
      const place = to?.free.find((one) => one.content.patternId === content.patternId)
      if (!to || !place) return []
      to.free = to.free.filter((one) => one !== place)
      to.shortKg -= kgOf.get(partId) ?? 0
      const replaces = place.content.id
      return [{ contentId: content.id, fromPartId: partId, toHiveId: to.hive.id, toPartId: place.partId, replaces }]
    })
}

/** Hangs combs where they go, each with its past, and what hung there in their place; one edit that can be undone. */
export function giftEdit(yard: Yard, gifts: readonly CombGift[]): Edit {
  const before = new Map(yard.parts.map((part) => [part.id, part]))
  const now = new Map(before)
  const roles = new Map(yard.hives.flatMap(({ stack }) => stack.map(({ partId, role }) => [partId, role] as const)))
  const put = (part: Part, old: string, fresh: Content): Part => ({
    ...part,
    contents: part.contents.map((one) => (one.id === old ? inPlaceOf(one, fresh) : one)),
  })
  for (const { contentId, fromPartId, toPartId, replaces } of gifts) {
    const [from, to] = [now.get(fromPartId), now.get(toPartId)]
    const given = from?.contents.find(({ id }) => id === contentId)
    const freed = to?.contents.find(({ id }) => id === replaces)
    if (!from || !to || !given || !freed) continue
    now.set(fromPartId, put(from, contentId, withPast(freed, to, roles.get(toPartId))))
    now.set(toPartId, put(to, replaces, withPast(given, from, roles.get(fromPartId))))
  }
  const edits = [...now].flatMap(([id, part]) => {
    const old = before.get(id)
    return old && old !== part ? [partEdit(old, part)] : []
  })
  return { kind: 'batch', edits }
}
