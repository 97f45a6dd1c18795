import { about } from '../units'
import { frameInBox } from '../stack'
import type { Context, MeasuredHive } from './context'
import { findingOf, type Finding } from './finding'
import { isFilledBox } from '../parts'

/**
 * Every kind of frame that hangs in a box against that box: frames that do not go in, and the void under short ones.
 */
export function checkFrames({ layout }: MeasuredHive, context: Context): Finding[] {
  return layout.parts.filter(isFilledBox).flatMap((box) => {
    // What hangs down into an open part is judged by the gap that it leaves there.
    const openBelow = layout.parts[box.index - 1]?.faces.upper.zones.some(({ surface }) => surface === 'open') ?? false
    const own = box.pattern?.normalContents?.framePatternId
    const frames = new Set(
      box.hung.flatMap(({ pattern }) => (pattern && (pattern.id !== own || box.part.measured) ? [pattern] : [])),
    )
    return [...frames].flatMap((frame) => {
      const fit = frameInBox(frame, box.resolved, context)
      if (fit.verdict === 'fits' || fit.reason === 'end-gap' || (openBelow && fit.reason === 'stands-below')) return []
      const severity = fit.marginal ? 'watch' : fit.verdict === 'does-not-fit' ? 'stop' : 'mend'
      return [
        findingOf('fit.frame', severity, [box.part.id], {
          key: `fit.frame:${box.part.id}:${frame.id}`,
          measured: about(fit.deciding.mm, fit.deciding.plusMinusMm),
          marginal: fit.marginal,
          facts: { reason: fit.reason, framePatternId: frame.id },
        }),
      ]
    })
  })
}
