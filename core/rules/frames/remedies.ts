import { there } from '../../units'
import {
  alternated,
  closedUp,
  hungAt,
  inOrder,
  isEdit,
  partEdit,
  PLACEHOLDER,
  pushedTogether,
  spacedBy,
  takenOut,
  withChange,
  withState,
} from '../../yard'
import {
  HALVES,
  type Content,
  type Part,
  hangAcross,
  isDummy,
  isFrame,
  isFramePattern,
  resolvePart,
  type ResolvedPart,
  isFoundationless,
} from '../../parts'
import { frameInBox } from '../../stack'
import type { Context } from '../context'
import type { Remedy, RemedyKind } from '../remedy'

function rehung(kind: RemedyKind, before: Part, part: Part, more: Partial<Remedy> = {}): Remedy {
  return { kind, partId: part.id, edit: partEdit(before, part), ...more }
}

/** Push the frames together, so that no place between them stays empty. */
export function pushTogether({ part }: ResolvedPart): Remedy {
  return rehung('push-together', part, pushedTogether(part))
}

/** Push the frames together and share the room between both walls. */
export function centreFrames({ part }: ResolvedPart): Remedy {
  return rehung('centre-frames', part, spacedBy(pushedTogether(part), { system: 'touching', slack: 'both-sides' }))
}

/** Let shoulders or ends touch, tight to one side. */
export function touchOneSide({ part }: ResolvedPart): Remedy {
  return rehung('touch-one-side', part, spacedBy(pushedTogether(part), { system: 'touching', slack: 'one-side' }))
}

/** Hang the frames in castellations with a slot for each place that the box is made for. */
export function castellate({ part }: ResolvedPart, count: number): Remedy {
  return rehung(
    'castellate',
    part,
    spacedBy({ ...part, contents: closedUp(inOrder(part)) }, { system: 'castellation', count, slack: 'one-side' }),
    { count },
  )
}

/** Leave out as few as it takes for the rest to fit, dummies and feeders first; none when nothing would be left. */
export function leaveOut(box: ResolvedPart, { catalogue }: Pick<Context, 'catalogue'>): Remedy[] {
  let part = box.part
  let out = 0
  while (part.contents.length > 1) {
    const ordered = inOrder(part)
    const spare =
      [...ordered].reverse().find(({ patternId }) => isDummy({ pattern: catalogue.hanging.get(patternId) })) ??
      overfull(resolvePart(part, catalogue)) ??
      there(ordered.at(-1))
    part = takenOut(part, new Set([spare.id]))
    out++
    const pushed = pushedTogether(part)
    if (hangAcross(resolvePart(pushed, catalogue)).overlapMm === 0)
      return [rehung('leave-out', box.part, pushed, { count: out })]
  }
  return []
}

/** The last thing in a room that has too many. */
function overfull(box: ResolvedPart) {
  const room = hangAcross(box).rooms.find(
    ({ places, y0, y1 }) => places.reduce((sum, { pattern }) => sum + pattern.spacing.mm, 0) > y1 - y0,
  )
  return room?.places.at(-1)?.content
}

/** Hang frames that need a guide between those that give one; none when that changes nothing. */
export function alternate({ part }: ResolvedPart, { catalogue }: Pick<Context, 'catalogue'>): Remedy[] {
  const mixed = alternated(part, isFoundationless, ({ patternId }) => isFramePattern(catalogue.hanging.get(patternId)))
  return foundationlessPairs(mixed) < foundationlessPairs(part) ? [rehung('alternate', part, mixed)] : []
}

/** How often two frames without foundation hang side by side. */
function foundationlessPairs(part: Pick<Part, 'contents'>): number {
  const ordered = inOrder(part)
  return ordered.filter((one, i) => i > 0 && isFoundationless(one) && isFoundationless(ordered[i - 1]!)).length
}

/** A dummy that goes in beside the last frame; none when no dummy fits. */
export function addDummy(box: ResolvedPart, context: Context): Remedy[] {
  const { slackMm, places } = hangAcross(box)
  const frame = places.find(isFrame)?.pattern
  if (!frame || places.some(isDummy)) return []
  const dummy = [...context.catalogue.hanging.values()].find(
    (pattern) =>
      isDummy({ pattern }) &&
      pattern.height.mm === frame.height.mm &&
      pattern.spacing.mm <= slackMm &&
      frameInBox(pattern, box, context).verdict !== 'does-not-fit',
  )
  if (!dummy) return []
  const ordered = closedUp(inOrder(box.part))
  const part = hungAt(
    { ...box.part, contents: ordered },
    { id: `${PLACEHOLDER}${box.part.id}/${dummy.id}`, patternId: dummy.id, place: ordered.length },
    ordered.length,
  )
  return [
    rehung('add-dummy', box.part, spacedBy(part, { system: 'touching', slack: 'one-side' }), { patternId: dummy.id }),
  ]
}

/** Frames that are offered at once at most: more than any box holds. */
const MOST_ADDED = 40

/** As many more of the same frames as go in and still have play; none where there is no room for one. */
export function addFrames(box: ResolvedPart, { figures }: Pick<Context, 'figures'>): Remedy[] {
  const { slackMm, places, rooms, spacing } = hangAcross(box)
  const frame = places.find(isFrame)?.pattern
  if (!frame || spacing.system !== 'touching') return []
  const each = Math.min(MOST_ADDED, Math.floor((slackMm - figures.beeTightMm) / frame.spacing.mm))
  if (each < 1) return []
  const count = each * rooms.length
  const isTold = box.part.contents.some(({ half }) => half)
  let contents: readonly Content[] = closedUp(inOrder(box.part))
  for (let n = 0; n < count; n++) {
    const half = isTold ? HALVES[n % rooms.length]! : undefined
    const at = contents.findLastIndex((one) => one.patternId === frame.id && (!half || one.half === half)) + 1
    const added: Content = { id: `${PLACEHOLDER}${box.part.id}/${frame.id}/${n}`, patternId: frame.id, place: at }
    contents = hungAt({ ...box.part, contents }, half ? { ...added, half } : added, at).contents
  }
  return [rehung('add-frames', box.part, { ...box.part, contents }, { count })]
}

/** The widest room that a remedy leaves between a wall and what hangs next to it, mm: found on the box that results. */
export function withSideRoom(
  remedy: Remedy,
  { part: before }: ResolvedPart,
  { catalogue }: Pick<Context, 'catalogue'>,
): Remedy {
  const part = isEdit(remedy.edit, 'change-part') ? withChange(before, remedy.edit) : before
  const across = hangAcross(resolvePart(part, catalogue))
  const sides = across.rooms.flatMap(({ places, y0, y1 }) => {
    const [first, last] = [places[0], places.at(-1)]
    return first && last
      ? [first.centreMm - first.pattern.spacing.mm / 2 - y0, y1 - last.centreMm - last.pattern.spacing.mm / 2]
      : [y1 - y0]
  })
  return { ...remedy, resultMm: Math.max(0, ...sides) }
}

/** Note wires in frames that have no support yet. */
export function wireFrames({ part }: ResolvedPart, ids: ReadonlySet<string>): Remedy {
  return rehung('wire-frames', part, withState(part, ids, { support: 'wires' }), { count: ids.size })
}
