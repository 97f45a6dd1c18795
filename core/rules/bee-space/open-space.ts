import type { GapVerdict } from '../../stack'
import type { Rule } from '../rule'
import { takeOff } from '../remedies'
import { figureOf, gravestOfEach, partAt } from './at-part'

/** An open part that leaves so much room over or under frames that bees fill it with comb. */
export const OPEN_SPACE: Rule<
  'open-space',
  { readonly verdict: GapVerdict; readonly lowerId: string; readonly upperId: string }
> = {
  id: 'open-space',
  of: 'stack',
  find: (measured) =>
    gravestOfEach(
      measured.gaps.flatMap((gap) =>
        gap.place !== 'through-open' || gap.grade === 'good'
          ? []
          : [
              {
                severity: gap.grade,
                partIds: gap.throughIds,
                at: gap.throughIds.join('+'),
                measured: figureOf(gap),
                facts: { verdict: gap.verdict, lowerId: gap.lowerId, upperId: gap.upperId },
                ways: () => gap.throughIds.map((id) => takeOff(measured.assembled.hive, partAt(measured, id))),
              },
            ],
      ),
    ),
}
