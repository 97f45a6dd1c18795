import {
  type Catalogue,
  hangAcross,
  howManyFit,
  isBox,
  isFramePattern,
  resolvePart,
  type ResolvedPart,
  type Content,
  type Part,
  type Role,
} from '../../parts'
import type { Judging } from '../bands'
import { frameInBox, type FrameReason } from '../fit/frame-in-box'
import { hungAt, inOrder } from '../../yard'

/** Why something cannot be hung, taken out or put in another's place, with the figures to say it. */
export type HangProblem =
  | {
      readonly problem: 'another-format'
      readonly patternId: string
      readonly reason: FrameReason
      readonly mm: number
    }
  | { readonly problem: 'too-many'; readonly patternId: string; readonly missingMm: number; readonly fits: number }
  | { readonly problem: 'only-brood-frame'; readonly patternId: string | null }
  | { readonly problem: 'no-frames-here' }

/** Whether one more of a pattern goes into a box, and if not, why. */
export function hangProblem(box: ResolvedPart, patternId: string, context: Judging): HangProblem | undefined {
  const pattern = context.catalogue.hanging.get(patternId)
  if (!pattern || !isBox(box) || box.pattern.sections) return { problem: 'no-frames-here' }
  const fit = frameInBox(pattern, box, context)
  if (fit.verdict === 'does-not-fit')
    return { problem: 'another-format', patternId, reason: fit.reason, mm: fit.deciding.mm }
  const free = firstEmptyPlace(box.part)
  const after = resolvePart(hungAt(box.part, { id: 'trial', patternId, ...free }, free.place), context.catalogue)
  const { overlapMm } = hangAcross(after)
  return overlapMm > 0
    ? { problem: 'too-many', patternId, missingMm: overlapMm, fits: howManyFit(box, pattern.spacing.mm) }
    : undefined
}

/** The first place with nothing in it; in a box whose halves are told, at the end of the one with less in it. */
export function firstEmptyPlace(part: Part): Pick<Content, 'place' | 'half'> {
  const ordered = inOrder(part)
  const near = ordered.filter(({ half }) => half === 'near')
  const far = ordered.filter(({ half }) => half === 'far')
  if (near.length < far.length) return { place: (near.at(-1)?.place ?? -1) + 1, half: 'near' }
  const gap = ordered.findIndex(({ place }, i) => place > i)
  const place = gap < 0 || near.length > 0 ? (ordered.at(-1)?.place ?? -1) + 1 : gap
  return near.length > 0 ? { place, half: 'far' } : { place }
}

/**
 * Whether these frames may be taken out, or something else put in their place: a brood box keeps its last frame, and
 * the last with brood.
 */
export function takeProblem(
  part: Part,
  ids: ReadonlySet<string>,
  role: Role | undefined,
  catalogue: Catalogue,
  patternId: string | null = null,
): HangProblem | undefined {
  if (role !== 'brood' || (patternId !== null && isFramePattern(catalogue.hanging.get(patternId)))) return undefined
  const isFrame = (content: Content) => isFramePattern(catalogue.hanging.get(content.patternId))
  const frames = part.contents.filter(isFrame)
  const left = frames.filter(({ id }) => !ids.has(id))
  const brood = frames.filter(({ holds }) => holds === 'brood')
  const lastFrame = frames.length > 0 && left.length === 0
  const lastBrood = brood.length > 0 && brood.every(({ id }) => ids.has(id))
  return lastFrame || lastBrood ? { problem: 'only-brood-frame', patternId } : undefined
}
