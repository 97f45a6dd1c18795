import { there } from '../../units'
import { rangeOf } from '../../figures'
import type { StackedPart } from '../../stack'
import { isBox, isFrame, STORES_SHARE } from '../../parts'
import { fullFrameHoneyKg, honeyKg, sumOf, times, ZERO, type Range } from '../../loads'
import type { CombSeen, Look } from './look'

/** Sealed stores of one box by a look, kg; how it is known. */
export interface BoxStores {
  readonly partId: string
  readonly kg: Range
}

/** A comb of which only is said that it has stores: an arc over brood, else up to all of it (from memory). */
const ARC_OVER_BROOD: Range = { low: STORES_SHARE.corner / 2, middle: STORES_SHARE.corner, high: STORES_SHARE.half }
const SOME: Range = { low: STORES_SHARE.corner, middle: STORES_SHARE.half, high: STORES_SHARE.full }

function shareOf({ stores, brood }: CombSeen): Range {
  if (stores) return { low: STORES_SHARE[stores], middle: STORES_SHARE[stores], high: STORES_SHARE[stores] }
  return brood && brood.length > 0 ? ARC_OVER_BROOD : SOME
}

/**
 * Sealed stores box by box as a look has them, kg: every comb that was pressed by its own share of a full comb of the
 * box that it hangs in; supers else by the share of their cells that is sealed. Combs that were only counted are spread
 * over the boxes of the colony: the lightest and the heaviest of them are the bounds. A box of which nothing was said
 * is left out. Honey of a full comb by the weight model; shares from memory.
 */
export function storesSeen(look: Look, stack: readonly StackedPart[]): BoxStores[] {
  const boxes = stack.filter((layer) => isBox(layer) && layer.hung.some(isFrame))
  const pressed = new Map(
    boxes.map(({ part }) => [part.id, (look.combs ?? []).filter((one) => one.boxId === part.id && speaks(one))]),
  )
  const nest = boxes.filter(({ placement }) => placement.role !== 'super')
  const isCounted = look.foodFrames?.sealed !== undefined
  const counted = isCounted ? spread(there(there(look.foodFrames).sealed), nest) : []
  return [
    ...(isCounted ? counted : nest.flatMap((box) => byCombs(box, pressed.get(box.part.id) ?? []))),
    ...boxes
      .filter(({ placement }) => placement.role === 'super')
      .flatMap((box) => {
        const combs = pressed.get(box.part.id) ?? []
        if (combs.length > 0) return byCombs(box, combs)
        if (look.superSealed === undefined) return []
        return [{ partId: box.part.id, kg: times(honeyKg([box.resolved]), look.superSealed) }]
      }),
  ]
}

const speaks = ({ food, stores }: CombSeen) => stores !== undefined || food?.includes('sealed') === true

function byCombs(box: StackedPart, combs: readonly CombSeen[]): BoxStores[] {
  if (combs.length === 0) return []
  const fill = rangeOf(box.figures, 'fillShare')
  const fullKg = fullFrameHoneyKg(box.resolved) / fill.middle
  const kg = sumOf(
    combs.map((comb) => {
      const share = shareOf(comb)
      return {
        low: share.low * fill.low * fullKg,
        middle: share.middle * fill.middle * fullKg,
        high: share.high * fill.high * fullKg,
      }
    }),
  )
  return [{ partId: box.part.id, kg }]
}

/** So many full combs, nobody knows in which boxes: as many of the lightest, of the heaviest, and of the mean. */
function spread(frames: number, boxes: readonly StackedPart[]): BoxStores[] {
  const combs = boxes.flatMap(({ hung, resolved }) => hung.filter(isFrame).map(() => fullFrameHoneyKg(resolved)))
  const [first] = boxes
  if (!first || combs.length === 0) return []
  const fill = rangeOf(first.figures, 'fillShare')
  const light = [...combs].sort((a, b) => a - b)
  const take = (sorted: readonly number[]) =>
    sorted.reduce((sum, kg, i) => sum + kg * Math.min(1, Math.max(0, frames - i)), 0)
  const mean = (light.reduce((sum, kg) => sum + kg, 0) / light.length) * Math.min(frames, light.length)
  const all: Range = {
    low: (take(light) * fill.low) / fill.middle,
    middle: mean,
    high: (take([...light].reverse()) * fill.high) / fill.middle,
  }
  const total = light.reduce((sum, kg) => sum + kg, 0)
  return boxes.map((box) => ({
    partId: box.part.id,
    kg: total > 0 ? times(all, (fullFrameHoneyKg(box.resolved) * box.hung.filter(isFrame).length) / total) : ZERO,
  }))
}
