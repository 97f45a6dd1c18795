import { STORES_ON, type CombSeen } from './look/look'

/** What a press on a comb says of it. */
export type CombBrush = 'bees' | NonNullable<CombSeen['brood']>[number] | 'stores' | 'nectar' | 'pollen' | 'renew'

const COVERS = ['full', 'half', 'none'] as const
const FOOD = { nectar: 'nectar', pollen: 'pollen' } as const
function toggled<T>(list: readonly T[] | undefined, one: T): readonly T[] | undefined {
  const next = list?.includes(one) ? list.filter((other) => other !== one) : [...(list ?? []), one]
  return next.length > 0 ? next : undefined
}

/** Stores go from a corner over half to full, and off again. */
function withStores(seen: CombSeen): CombSeen {
  const { stores, food, ...rest } = seen
  const isOld = stores === undefined && food?.includes('sealed') === true
  const next = STORES_ON[isOld ? 0 : stores === undefined ? 0 : STORES_ON.indexOf(stores) + 1]
  const others = (food ?? []).filter((one) => one !== 'sealed')
  const nextFood = next ? [...others, 'sealed' as const] : others
  return { ...rest, ...(nextFood.length > 0 ? { food: nextFood } : {}), ...(next ? { stores: next } : {}) }
}

/** A comb after one more press: what is said goes on to the next, and off again. */
export function withBrush(seen: CombSeen, brush: CombBrush): CombSeen {
  if (brush === 'bees') {
    const at = seen.bees === undefined ? 0 : COVERS.indexOf(seen.bees) + 1
    const { bees: _before, ...rest } = seen
    const next = COVERS[at]
    return next ? { ...rest, bees: next } : rest
  }
  if (brush === 'renew') {
    const { renew, ...others } = seen
    return renew ? others : { ...others, renew: 'dark' }
  }
  if (brush === 'stores') return withStores(seen)
  const { brood, food, ...rest } = seen
  const isFood = brush === 'nectar' || brush === 'pollen'
  const nextFood = isFood ? toggled(food, FOOD[brush]) : food
  const nextBrood = isFood ? brood : toggled(brood, brush)
  return { ...rest, ...(nextBrood ? { brood: nextBrood } : {}), ...(nextFood ? { food: nextFood } : {}) }
}

/** Whether anything is said of a comb. */
export function saysSomething({ bees, brood, food, renew }: CombSeen): boolean {
  return [bees, brood, food, renew].some((one) => one !== undefined)
}
