import { findAll, isFeeder } from '../../parts'
import { goesThrough, type PlacedPart } from '../../stack'
import { exact } from '../../units'
import { add } from '../remedies'
import type { Rule } from '../rule'

/** A feeder inside a rim that stands above it, so that what goes over it does not close. */
export const FEEDER_PROUD: Rule<'order.feeder-proud'> = {
  id: 'order.feeder-proud',
  of: 'stack',
  find: ({ layout: { parts }, assembled }, { catalogue }) =>
    parts.filter(isFeeder).flatMap((feeder) => {
      const closing = feeder.faces.nested ? parts.slice(feeder.index + 1).find(closesAbove) : undefined
      const proudMm = closing ? feeder.topMm - closing.bottomMm : 0
      if (!closing || proudMm <= 0) return []
      return [
        {
          severity: 'stop',
          partIds: [feeder.part.id, closing.part.id],
          measured: exact(proudMm),
          ways: () =>
            findAll(catalogue, { kind: 'eke', format: closing.pattern?.format })
              .slice(0, 1)
              .map((eke) => add(assembled.hive, closing.index, eke, catalogue)),
        },
      ]
    }),
}

function closesAbove({ faces }: PlacedPart): boolean {
  const surface = faces.lower.zones[0]?.surface
  return surface === undefined || !goesThrough(surface)
}
