import { isFilledBox } from '../../parts'
import { frameInBox, type FrameReason } from '../../stack'
import { about } from '../../units'
import type { Rule } from '../rule'

/** Every kind of frame that hangs in a box against that box: frames that do not go in, the void under short ones. */
export const DOES_NOT_FIT: Rule<'fit.frame', { readonly reason: FrameReason; readonly framePatternId: string }> = {
  id: 'fit.frame',
  of: 'box',
  find: ({ layout }, context) =>
    layout.parts.filter(isFilledBox).flatMap((box) => {
      // What hangs down into an open part is judged by the gap that it leaves there.
      const openBelow =
        layout.parts[box.index - 1]?.faces.upper.zones.some(({ surface }) => surface === 'open') ?? false
      const own = box.pattern?.normalContents?.framePatternId
      const frames = new Set(
        box.hung.flatMap(({ pattern }) => (pattern && (pattern.id !== own || box.part.measured) ? [pattern] : [])),
      )
      return [...frames].flatMap((frame) => {
        const fit = frameInBox(frame, box.resolved, context)
        if (fit.verdict === 'fits' || fit.reason === 'end-gap' || (openBelow && fit.reason === 'stands-below'))
          return []
        return [
          {
            severity: fit.marginal ? 'watch' : fit.verdict === 'does-not-fit' ? 'stop' : 'mend',
            partIds: [box.part.id],
            at: `${box.part.id}:${frame.id}`,
            measured: about(fit.deciding.mm, fit.deciding.plusMinusMm),
            marginal: fit.marginal,
            facts: { reason: fit.reason, framePatternId: frame.id },
          },
        ]
      })
    }),
}
