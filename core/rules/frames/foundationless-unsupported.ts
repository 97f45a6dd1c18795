import { isFoundationless } from '../../parts'
import { exact } from '../../units'
import type { Rule } from '../rule'
import { inEachBox, isHeld, isToBeDrawn } from './filled-box'
import { wireFrames } from './remedies'

/** Comb without foundation that is too tall to hold itself. */
export const FOUNDATIONLESS_UNSUPPORTED: Rule<
  'frames.foundationless-unsupported',
  { readonly frames: number; readonly said: boolean }
> = {
  id: 'frames.foundationless-unsupported',
  of: 'box',
  find: inEachBox((filled, context) => {
    if (!isToBeDrawn(filled)) return undefined
    const tall = filled.across.places.filter((one) => isFoundationless(one.content) && !isHeld(one, context))
    if (tall.length === 0) return undefined
    return {
      severity: 'watch',
      partIds: [filled.box.part.id],
      measured: exact(Math.max(...tall.map(({ pattern }) => pattern.height.mm))),
      band: { minMm: 0, maxMm: context.figures.unsupportedCombMm },
      facts: { frames: tall.length, said: tall.some(({ content }) => content.support === 'none') },
      ways: () => [wireFrames(filled.box.resolved, new Set(tall.map(({ content }) => content.id)))],
    }
  }),
}
