import { HANGING_DIMENSIONS, isBox, isSlab, withSizes } from '../../parts'
import type { HangingPattern, Pattern } from '../../parts'
import { mapWithin, recordOf, roundTo, type Length } from '../../units'
import type { Edit } from '../edits/edit'
import { keepHanging, keepPattern } from './keep-pattern'

/** What makes a pattern of one's own out of one that is like it. */
export interface OwnOf {
  readonly id: string
  readonly name: string
  readonly sizes: Readonly<Record<string, Length>>
}

const labelOf = (name: string) => ({ british: name, northAmerican: name })

/** What a box of one's own hangs: frames and their number; null for none, undefined where it is no box. */
type OwnFrames = { readonly framePatternId: string; readonly count: number } | null | undefined

function contentsOf(base: Pattern, frames: OwnFrames): Pattern['normalContents'] {
  const { normalContents } = base
  if (!isBox({ pattern: base }) || frames === undefined) return normalContents
  if (frames === null) return undefined
  const isUsual = frames.framePatternId === normalContents?.framePatternId && frames.count === normalContents.count
  return isUsual ? normalContents : frames
}

/** Keeps a pattern of one's own, like another; `rValue` of a slab in m²K/W, null where none is given. */
export function keepOwnPattern(
  base: Pattern,
  { id, name, sizes, frames, rValue }: OwnOf & { readonly frames: OwnFrames; readonly rValue: number | null },
): Edit {
  const { twinId: _twin, normalContents: _usual, ...rest } = base
  const panel = isSlab({ pattern: base }) && rValue !== null ? { rValue: roundTo(rValue, 3) } : {}
  const own = { ...rest, ...panel, id, label: labelOf(name), own: true, normalContents: contentsOf(base, frames) }
  return keepPattern(mapWithin(withSizes(own, sizes), (_key, inner) => inner))
}

/** Keeps a frame or board of one's own, like another. */
export function keepOwnHanging(base: HangingPattern, { id, name, sizes }: OwnOf): Edit {
  const own = recordOf(HANGING_DIMENSIONS, (dimension) => sizes[dimension] ?? base[dimension])
  return keepHanging({ ...base, ...own, id, label: labelOf(name), own: true } satisfies HangingPattern)
}
