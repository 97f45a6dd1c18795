import type { Layout } from '../stack'
import { dimensionMm, isAbsorber } from '../parts'
import type { ColdestTime } from './usual'
import { enclosureOf } from './enclosure'
import { stateOf } from './state'
import { cavityOf } from './cavity'

/**
 * Water that the chips of an absorbing top can take up, kg: their volume over the room × their density × their share;
 * undefined where there are none. From memory.
 */
export function chipsTakeUpKg({ parts, figures }: Pick<Layout, 'parts' | 'figures'>): number | undefined {
  const cavity = cavityOf(parts)
  const absorber = cavity?.over.find((part) => isAbsorber(part))
  if (!cavity || !absorber) return undefined
  const { x0, x1, y0, y1 } = cavity.inside
  const m3 = ((x1 - x0) * (y1 - y0) * dimensionMm(absorber.resolved, 'fillDepth')) / 1e9
  return m3 * figures.chipsDensityKgPerM3 * figures.chipsTakeUpKgPerKg
}

/**
 * Days after which the chips of an absorbing top are full in the coldest month, if all the water of its cluster
 * goes up and none of it gets out; undefined where there are none. From memory.
 */
export function chipsFullInDays(layout: Layout, { outsideCelsius, beesKg }: ColdestTime): number | undefined {
  const takeUpKg = chipsTakeUpKg(layout)
  if (takeUpKg === undefined) return undefined
  const shell = { enclosure: enclosureOf(layout), openings: [] }
  return takeUpKg / stateOf(shell, { outsideCelsius, beesKg, inside: { warm: 'cluster' } }, layout.figures).waterKgADay
}
