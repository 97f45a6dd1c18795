import { resolvePart } from '../../parts'
import { partEdit } from '../../yard'
import { about, comparableMm } from '../../units'
import type { Context } from '../context'
import type { Remedy } from '../remedy'
import type { Rule } from '../rule'
import { inEachBox, thatGoesIn, type FilledBox } from './filled-box'
import { addDummy } from './remedies'

/** Frames that touch all the way across leave nothing to lever against once propolis has built up. */
export const NO_PLAY: Rule<'frames.no-play', { readonly frames: number }> = {
  id: 'frames.no-play',
  of: 'box',
  find: inEachBox((filled, context) => {
    const { box, across } = filled
    const { system, slack } = across.spacing
    if (!thatGoesIn(filled) || (system !== 'touching' && system !== 'spacer') || slack === 'spread') return undefined
    if (across.places.length < 2 || comparableMm(across.slackMm) >= context.figures.beeTightMm) return undefined
    const spared = leaveOutOne(box.resolved, context)
    return {
      severity: 'watch',
      partIds: [box.part.id],
      measured: about(across.slackMm, across.slackPlusMinusMm),
      band: { minMm: context.figures.beeTightMm, maxMm: across.pitchMm },
      facts: { frames: across.places.length },
      ways: () => spared,
    }
  }),
}

function leaveOutOne(box: FilledBox['box']['resolved'], context: Context): Remedy[] {
  const last = box.part.contents.reduce((a, b) => (b.place > a.place ? b : a))
  const part = { ...box.part, contents: box.part.contents.filter((one) => one !== last) }
  return [
    ...addDummy(resolvePart(part, context.catalogue), context),
    { kind: 'leave-out', partId: part.id, count: 1, edit: partEdit(box.part, part) },
  ]
}
