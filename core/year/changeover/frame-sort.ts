import { isUndrawn, type Content, type Part } from '../../parts'
import { inOrder } from '../../yard'

/** One comb of a box that is to leave: its place from the left, and where it goes as far as a place is free for it. */
interface CombSorted {
  readonly content: Content
  readonly place: number
  readonly into?: { readonly partId: string; readonly place: number }
}

/** What is known of the combs of a box that is to leave, before anybody has looked. */
export interface FramesSorted {
  /** Brood first, then pollen, then food. */
  readonly moves: readonly CombSorted[]
  /** Drawn combs of which nobody has said what they hold: bees, brood or food may be on each. */
  readonly unknown: number
}

const ORDER = ['brood', 'pollen', 'nectar', 'capped-honey'] as const
const rankOf = ({ holds }: Content) => ORDER.findIndex((one) => one === holds)

/**
 * Where each comb of a box goes that is known to hold brood or food: into the boxes that stay, in the place of empty or
 * undrawn frames of the same make, brood as near to brood as it gets, food as far out. Common practice; what nobody has
 * spoken of is looked at by hand.
 */
export function sortFrames(leaving: Part, staying: readonly Part[]): FramesSorted {
  const free = staying.flatMap((part) =>
    inOrder(part)
      .map((content, i) => ({ partId: part.id, content, place: i + 1, fromBrood: distanceFromBrood(part, i) }))
      .filter(({ content }) => isUndrawn(content) || content.holds === 'empty'),
  )
  const held = inOrder(leaving).map((content, i) => ({ content, place: i + 1 }))
  const moves = held
    .filter(({ content }) => rankOf(content) >= 0)
    .sort((a, b) => rankOf(a.content) - rankOf(b.content) || a.place - b.place)
    .map(({ content, place }): CombSorted => {
      const fits = free.filter((one) => one.content.patternId === content.patternId)
      const near = content.holds === 'brood' ? 1 : -1
      const best = fits.sort((a, b) => near * (a.fromBrood - b.fromBrood))[0]
      if (!best) return { content, place }
      free.splice(free.indexOf(best), 1)
      return { content, place, into: { partId: best.partId, place: best.place } }
    })
  return { moves, unknown: held.filter(({ content }) => !isUndrawn(content) && content.holds === undefined).length }
}

/** Places to the nearest comb of brood; to the middle of the box where there is none. */
function distanceFromBrood(part: Part, at: number): number {
  const brood = inOrder(part).flatMap(({ holds }, i) => (holds === 'brood' ? [i] : []))
  const from = brood.length > 0 ? brood : [(part.contents.length - 1) / 2]
  return Math.min(...from.map((i) => Math.abs(i - at)))
}
