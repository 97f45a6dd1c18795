import { there } from '../units'
import type { Content, FrameState, Half, Part, Role, Spacing } from '../parts'

/** What hangs in a part, in order across it. */
export function inOrder({ contents }: Pick<Part, 'contents'>): Content[] {
  return [...contents].sort((a, b) => a.place - b.place)
}

/** The same things pushed together in their order: no place between them is left empty. */
export function closedUp(contents: readonly Content[]): Content[] {
  return contents.map((content, place) => (content.place === place ? content : { ...content, place }))
}

/** Frames shared out evenly close up by themselves when one is taken out. */
function closesUp({ spacing }: Part): boolean {
  return (
    spacing !== undefined &&
    (spacing.system === 'by-hand' || spacing.slack === 'spread') &&
    spacing.system !== 'castellation'
  )
}

/** A frame as it leaves its box: a comb takes its past with it, and leaves what belongs to its place. */
export function withPast(hanging: Content, { hasHeld }: Part, role: Role | undefined): Content {
  const content = unplaced(hanging)
  if (content.comb !== undefined && content.comb !== 'drawn') return content
  const past = new Set([
    ...(content.hasHeld ?? []),
    ...hasHeld,
    ...(role === undefined ? [] : [role === 'brood' ? ('brood' as const) : ('honey' as const)]),
  ])
  return past.size === 0
    ? content
    : { ...content, hasHeld: (['honey', 'brood'] as const).filter((one) => past.has(one)) }
}

/** True where the box, or a comb that came into it, has held brood. */
export function hasHeldBrood({ hasHeld, contents }: Pick<Part, 'hasHeld' | 'contents'>): boolean {
  return hasHeld.includes('brood') || contents.some((content) => content.hasHeld?.includes('brood'))
}

/** The part with other contents, in order of place. */
function withContents(part: Part, contents: readonly Content[]): Part {
  const ordered = [...contents].sort((a, b) => a.place - b.place)
  return { ...part, contents: closesUp(part) ? closedUp(ordered) : ordered }
}

/** Takes things out; the places that they leave stay empty. */
export function takenOut(part: Part, ids: ReadonlySet<string>): Part {
  return withContents(
    part,
    part.contents.filter(({ id }) => !ids.has(id)),
  )
}

/** Pushes everything together. */
export function pushedTogether(part: Part): Part {
  return withContents(
    part,
    closedUp(inOrder(part)).map(({ atMm: _at, ...content }) => content),
  )
}

/** What hangs, without what belongs to its place: for another box. */
function unplaced({ atMm: _at, half: _half, ...content }: Content): Content {
  return content
}

/** One thing where another hangs, in its half. */
export function inPlaceOf({ place, half }: Content, content: Content): Content {
  return { ...unplaced(content), place, ...(half ? { half } : {}) }
}

/** The half that each place belongs to, where the halves of a box are told; a place left empty is of the one before. */
function halfAt({ contents }: Pick<Part, 'contents'>, place: number): Half | undefined {
  const known = inOrder({ contents }).filter(({ half }) => half)
  return (known.find((one) => one.place === place) ?? known.findLast((one) => one.place < place) ?? known[0])?.half
}

/**
 * Moves some to the other half of a divided box, next to its division.
 * @param halves where each hangs now
 */
export function inHalf(part: Part, ids: ReadonlySet<string>, half: Half, halves: ReadonlyMap<string, Half>): Part {
  const told = inOrder(part).map((content): Content => ({ ...content, half: halves.get(content.id) ?? 'near' }))
  const crossing = told.filter(({ id, half: now }) => ids.has(id) && now !== half)
  let next: Part = { ...part, contents: told }
  for (const content of half === 'far' ? crossing.reverse() : crossing) {
    const left = takenOut(next, new Set([content.id]))
    const near = left.contents.filter((one) => one.half === 'near').map(({ place }) => place)
    const far = left.contents.filter((one) => one.half === 'far').map(({ place }) => place)
    const beside = half === 'far' && far.length > 0 ? Math.min(...far) : Math.max(-1, ...near) + 1
    next = hungAt(left, { ...content, half }, beside)
  }
  return next
}

/**
 * Hangs one in at a place: an empty place is filled; else it goes in before what hangs there, and the rest move on
 * as far as the next empty place.
 */
export function hungAt(part: Part, content: Content, place: number): Part {
  const taken = new Map(inOrder(part).map((one) => [one.place, one]))
  const shifted: Content[] = []
  const half = content.half ?? halfAt(part, place)
  const first: Content = { ...unplaced(content), ...(half ? { half } : {}) }
  for (let at = place, moving: Content | undefined = first; moving; at++) {
    const next: Content | undefined = taken.get(at)
    taken.delete(at)
    shifted.push({ ...moving, place: at })
    moving = next
  }
  return withContents(
    part,
    [...taken.values(), ...shifted].map(({ atMm: _at, ...one }) => one),
  )
}

/** The same thing at the place of another, as it hangs there: the half goes with the place. */
function atPlaceOf({ place, half }: Content, content: Content): Content {
  return { ...content, place, ...(half ? { half } : {}) }
}

/** Moves one to the place of another; those between move up, empty places stay where they are. */
export function moved(part: Part, id: string, place: number): Part {
  const ordered = inOrder(part)
  const from = ordered.find((one) => one.id === id)
  if (!from || from.place === place) return part
  if (!ordered.some((one) => one.place === place)) {
    const half = halfAt(takenOut(part, new Set([id])), place)
    return withContents(
      part,
      ordered.map((one) => (one === from ? { ...one, place, ...(half ? { half } : {}) } : one)),
    )
  }
  const [low, high] = [Math.min(from.place, place), Math.max(from.place, place)]
  const between = ordered.filter((one) => one.place >= low && one.place <= high)
  const rest = between.filter((one) => one !== from)
  const order = place > from.place ? [...rest, from] : [from, ...rest]
  const placed = new Map(order.map((one, i) => [one.id, between[i]!]))
  return withContents(
    part,
    ordered.map((one) => (placed.has(one.id) ? atPlaceOf(there(placed.get(one.id)), one) : one)),
  )
}

/** Another pattern in the same place: a new thing, with nothing known of its comb. */
export function replaced(part: Part, ids: ReadonlySet<string>, patternId: string, makeId: () => string): Part {
  return withContents(
    part,
    part.contents.map((content) =>
      ids.has(content.id) ? inPlaceOf(content, { id: makeId(), patternId, place: content.place }) : content,
    ),
  )
}

/** Turns frames round, end for end. */
export function turnedRound(part: Part, ids: ReadonlySet<string>): Part {
  return withContents(
    part,
    part.contents.map((content) => {
      if (!ids.has(content.id)) return content
      const { turned, ...rest } = content
      return turned ? rest : { ...rest, turned: true }
    }),
  )
}

/** Says what is known of the comb in some frames; comb that is not drawn holds nothing. */
export function withState(part: Part, ids: ReadonlySet<string>, change: FrameState): Part {
  return withContents(
    part,
    part.contents.map((content) => {
      if (!ids.has(content.id)) return content
      const { holds, ...changed } = { ...content, ...change }
      const drawn =
        change.holds !== undefined && change.comb === undefined ? { ...changed, comb: 'drawn' as const } : changed
      return holds !== undefined && (drawn.comb === undefined || drawn.comb === 'drawn') ? { ...drawn, holds } : drawn
    }),
  )
}

/** Spaces the frames another way; what was placed by hand is given up unless it stays by hand. */
export function spacedBy(part: Part, spacing: Spacing): Part {
  const contents =
    spacing.system === 'by-hand' ? part.contents : part.contents.map(({ atMm: _at, ...content }) => content)
  return withContents({ ...part, spacing, contents }, contents)
}

/** Puts frames by hand: the middle of each, mm from the middle of the box; their order follows. */
export function putByHand(part: Part, atMm: ReadonlyMap<string, number>): Part {
  const at = (content: Content) => atMm.get(content.id) ?? content.atMm ?? 0
  const ordered = [...part.contents]
    .sort((a, b) => at(a) - at(b))
    .map((content, place) => ({ ...content, place, atMm: at(content) }))
  return { ...part, spacing: { system: 'by-hand', slack: 'spread' }, contents: ordered }
}

/**
 * Hangs frames that bees have to start by themselves between frames that guide them: guide, empty, guide, empty…
 * Dummies and feeders keep their places.
 */
export function alternated(
  part: Part,
  needsGuide: (content: Content) => boolean,
  isFrame: (content: Content) => boolean,
): Part {
  const ordered = inOrder(part)
  const frames = ordered.filter(isFrame)
  const empties = frames.filter(needsGuide)
  const guides = frames.filter((frame) => !needsGuide(frame))
  const mixed: Content[] = []
  const share = guides.length / (empties.length + 1)
  let owed = 0
  for (const empty of empties) {
    for (owed += Math.max(1, share); owed >= 1 && guides.length > 0; owed -= 1) mixed.push(there(guides.shift()))
    mixed.push(empty)
  }
  mixed.push(...guides)
  const placeOf = new Map(mixed.map((content, i) => [content.id, frames[i]!]))
  return withContents(
    part,
    ordered.map((content) => atPlaceOf(placeOf.get(content.id) ?? content, content)),
  )
}
