import { dimension, hangAcross, isFilledBox } from '../../parts'
import { isMarginal, limitDistance, outsideMm, type LimitDistance } from '../../stack'
import type { Rule } from '../rule'

/** End bars to the walls, for each kind of frame in each box. */
export const END_BAR: Rule<
  'bee-space.end-bar',
  { readonly framePatternId: string; readonly side: LimitDistance['side'] }
> = {
  id: 'bee-space.end-bar',
  of: 'box',
  find: ({ layout }, { band, figures }) =>
    layout.parts.filter(isFilledBox).flatMap((box) => {
      const insideLength = dimension(box, 'insideLength')
      const patterns = new Set(hangAcross(box.resolved).places.map(({ pattern }) => pattern))
      return [...patterns].flatMap((pattern) => {
        const mm = (insideLength.mm - pattern.lengthOverEndBars.mm) / 2
        const plusMinusMm = (insideLength.plusMinusMm + pattern.lengthOverEndBars.plusMinusMm) / 2
        const nearest = limitDistance(mm, band)
        const marginal = isMarginal(plusMinusMm, nearest)
        if (nearest.side === 'inside' && !marginal) return []
        const likelyPlusMinusMm = Math.hypot(insideLength.plusMinusMm, pattern.lengthOverEndBars.plusMinusMm) / 2
        return [
          {
            severity: marginal
              ? 'watch'
              : mm < 0
                ? 'stop'
                : outsideMm(mm, band) > figures.endBarMendMm
                  ? 'mend'
                  : 'watch',
            partIds: [box.part.id],
            at: `${box.part.id}:${pattern.id}`,
            measured: { mm, plusMinusMm, likelyPlusMinusMm },
            band,
            marginal,
            facts: { framePatternId: pattern.id, side: nearest.side },
          },
        ]
      })
    }),
}
