import type { Layout } from '../stack'
import { cavityOf, type Stand } from './cavity'
import { enclosureOf } from './enclosure'
import { openingsOf } from './openings'
import type { Shell } from './state'

/** A board divides the stack and another colony stands over it. */
export function hasUpperColony({ parts }: Layout): boolean {
  return cavityOf(parts, 'upper') !== undefined
}

/** Walls and ways for air of a colony, with those of the one on the other side of a board. */
export function shellOf(layout: Layout, stand: Stand = 'lower'): Shell {
  const of = (one: Stand) => ({ enclosure: enclosureOf(layout, one), openings: openingsOf(layout, one) })
  return hasUpperColony(layout) ? { ...of(stand), beside: of(stand === 'lower' ? 'upper' : 'lower') } : of(stand)
}
