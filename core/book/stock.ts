import { catalogueOf, isFramePattern, isUndrawn } from '../parts'
import { partIdsOf, type Yard } from '../yard'
import { entriesOf } from './current'
import type { Entry, Fate } from './entries'
import { hasBroodSign } from './signs'

/** Frames of one make, by how far their comb is. */
export interface FrameStock {
  readonly patternId: string
  readonly onHives: number
  readonly inShed: number
  readonly drawn: number
  /** Sheets of wax or plastic that are not drawn yet. */
  readonly foundation: number
  /** Strips, or nothing at all. */
  readonly bare: number
  /** Combs that are to be renewed by the last look that said so, where the book is at hand. */
  readonly toRenew: number
  /** What was never said. */
  readonly unknown: number
}

/** Combs that a look found dark, mouldy, broken or full of drone cells. */
export function combsToRenew(entries: readonly Entry[]): ReadonlySet<string> {
  const faults = new Set<string>()
  for (const { body } of entriesOf(entries, 'look'))
    for (const { contentId, renew } of body.combs ?? []) if (renew) faults.add(contentId)
  return faults
}

/** Every frame that is in a yard, counted by make and by comb; those of lent boxes are with others. */
export function framesInStock(yard: Yard, renew: ReadonlySet<string> = new Set()): FrameStock[] {
  const { hanging } = catalogueOf(yard)
  const standing = new Set(yard.hives.flatMap(partIdsOf))
  const found = new Map<string, { -readonly [K in keyof FrameStock]: FrameStock[K] }>()
  for (const part of yard.parts.filter(({ lent }) => !lent))
    for (const content of part.contents) {
      if (!isFramePattern(hanging.get(content.patternId))) continue
      const { patternId, comb } = content
      let row = found.get(patternId)
      if (!row)
        found.set(
          patternId,
          (row = { patternId, onHives: 0, inShed: 0, drawn: 0, foundation: 0, bare: 0, toRenew: 0, unknown: 0 }),
        )
      if (renew.has(content.id)) row.toRenew++
      if (standing.has(part.id)) row.onHives++
      else row.inShed++
      if (comb === undefined) row.unknown++
      else if (!isUndrawn(content)) row.drawn++
      else if (comb === 'wax-foundation' || comb === 'plastic-foundation') row.foundation++
      else row.bare++
    }
  return [...found.values()]
}

/** What frames that are freed by wider spacing fill. */
export interface FreedFrames {
  readonly frames: number
  readonly boxes: number
  readonly left: number
}

/**
 * Boxes × (frames before − frames after), and how many boxes of the new count those fill: 100 boxes from 10 to 8 free
 * 200 frames, 25 boxes of 8 (common practice).
 * @throws RangeError where more frames hang after than before, or none
 */
export function freedBySpacing(boxes: number, before: number, after: number): FreedFrames {
  if (!(after > 0) || after > before || boxes < 0)
    throw new RangeError('frames are freed by hanging fewer, one at least')
  const frames = boxes * (before - after)
  return { frames, boxes: Math.floor(frames / after), left: frames % after }
}

/**
 * Whether combs of a hive may go to others after its colony died: none after signs in its brood or where it may have
 * been a disease, none while the cause is not known. Common practice.
 */
export function mayShareCombs({ of: cause }: Fate, signs: readonly string[]): 'yes' | 'cause-first' | 'never' {
  if (cause === 'disease' || hasBroodSign(signs)) return 'never'
  return cause === undefined || cause === 'not-known' ? 'cause-first' : 'yes'
}

/**
 * What was written in a yard because of which no kit should leave it before it was looked at: signs in the brood, a
 * colony that died of a disease or of what is not known, and that nobody has written as looked at or cleaned since.
 * Common practice; the law of the land may ask for more.
 */
export function holdsKitBack(entries: readonly Entry[]): readonly Entry[] {
  const clearedAt = new Map(entriesOf(entries, 'cleared').map(({ hiveId, at }) => [hiveId, at]))
  return [
    ...entriesOf(entries, 'look').filter(({ body }) => hasBroodSign(body.signs ?? [])),
    ...entriesOf(entries, 'fate').filter(({ body }) => body.fate === 'dead' && mayShareCombs(body, []) !== 'yes'),
  ].filter(({ hiveId, at }) => at >= (clearedAt.get(hiveId) ?? ''))
}
