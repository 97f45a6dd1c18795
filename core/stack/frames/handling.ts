import {
  type Catalogue,
  hangAcross,
  isFramePattern,
  resolvePart,
  HALVES,
  type Content,
  type Half,
  type Part,
  type Role,
} from '../../parts'
import type { Judging } from '../bands'
import { hungAt, inHalf, inOrder, moved, putByHand, replaced, takenOut, withPast } from '../../yard'
import { firstEmptyPlace, hangProblem, takeProblem, type HangProblem } from './hang-problem'

/** A box after its frames were handled, or why that cannot be. */
export type Handled<T = { readonly part: Part }> =
  | ({ readonly ok: true } & T)
  | {
      readonly ok: false
      readonly problem: HangProblem
      /** The box that it is about. */
      readonly of: Part
    }

type Ids = ReadonlySet<string>
const outcome = (of: Part, problem: HangProblem | undefined, part: () => Part): Handled =>
  problem ? { ok: false, problem, of } : { ok: true, part: part() }

/** One more of a pattern hung in a box; what a format, a width or a count forbids is refused. */
export function hungBy(
  part: Part,
  patternId: string,
  at: Pick<Content, 'place' | 'half'>,
  id: string,
  context: Judging,
): Handled {
  const problem = hangProblem(resolvePart(part, context.catalogue), patternId, context)
  return outcome(part, problem, () => hungAt(part, { id, patternId, ...at }, at.place))
}

/** Frames taken out; a brood box keeps its last. */
export function takenFrom(part: Part, ids: Ids, role: Role | undefined, catalogue: Catalogue): Handled {
  return outcome(part, takeProblem(part, ids, role, catalogue), () => takenOut(part, ids))
}

/** Something else hung in the place of what is taken out. */
export function replacedBy(
  part: Part,
  ids: Ids,
  patternId: string,
  role: Role | undefined,
  context: Judging,
  makeId: () => string,
): Handled {
  const problem =
    takeProblem(part, ids, role, context.catalogue, patternId) ??
    hangProblem(resolvePart(takenOut(part, ids), context.catalogue), patternId, context)
  return outcome(part, problem, () => replaced(part, ids, patternId, makeId))
}

/** Frames hung in another box, in its first empty places; what they have held goes with them. */
export function passedOn(
  part: Part,
  other: Part,
  ids: Ids,
  role: Role | undefined,
  context: Judging,
): Handled<{ readonly part: Part; readonly other: Part }> {
  const taken = takenFrom(part, ids, role, context.catalogue)
  if (!taken.ok) return taken
  let target = other
  for (const content of inOrder(part).filter(({ id }) => ids.has(id))) {
    const problem = hangProblem(resolvePart(target, context.catalogue), content.patternId, context)
    if (problem) return { ok: false, problem, of: other }
    const free = firstEmptyPlace(target)
    target = hungAt(target, { ...withPast(content, part, role), ...free }, free.place)
  }
  return { ok: true, part: taken.part, other: target }
}

/** Whether a box has two halves, each with frames of its own. */
export const isDivided = (part: Part, catalogue: Catalogue): boolean =>
  hangAcross(resolvePart(part, catalogue)).rooms.length > 1

/** Frames of a divided box moved to the other half, next to the division; what hangs there moves on. */
export function halved(part: Part, ids: Ids, half: Half, catalogue: Catalogue): Part {
  const { places } = hangAcross(resolvePart(part, catalogue))
  return inHalf(part, ids, half, new Map(places.map(({ content, room }) => [content.id, HALVES[room]!])))
}

/** A frame one place on, or five millimetres where the box is spaced by hand; the same box where it is at the end. */
export function stepped(part: Part, id: string, by: 1 | -1, catalogue: Catalogue): Part {
  const now = part.contents.find((one) => one.id === id)
  if (!now) return part
  if (part.spacing?.system === 'by-hand') return nudged(part, id, by * catalogue.figures.nudgeMm, catalogue)
  const limit = Math.max(...part.contents.map(({ place }) => place))
  const place = now.place + by
  return place >= 0 && place <= limit ? moved(part, id, place) : part
}

function nudged(part: Part, id: string, byMm: number, catalogue: Catalogue): Part {
  const { places } = hangAcross(resolvePart(part, catalogue))
  const centres = places.map(({ content, centreMm }): [string, number] => [
    content.id,
    Math.round((centreMm + (content.id === id ? byMm : 0)) * 10) / 10,
  ])
  return putByHand(part, new Map(centres))
}

/** Those of what hangs in a box that are frames. */
export function framesAmong(part: Part, ids: Ids, catalogue: Catalogue): Ids {
  const isFrame = (patternId: string) => isFramePattern(catalogue.hanging.get(patternId))
  return new Set(part.contents.filter(({ id, patternId }) => ids.has(id) && isFrame(patternId)).map(({ id }) => id))
}
