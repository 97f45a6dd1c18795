import type { Source } from '../units'
import { COMMON, MEMORY, figure } from './figure'

const BEES_ON_COMB: Source = {
  mark: 'P',
  text: 'Burgett & Burikam 1985, J. Econ. Entomol. 78, as in Delaplane et al. 2013, J. Apic. Res. 52(1), from memory',
}

/** Bees on the comb. */
export const BEES = {
  beesPerCm2: figure(1.38, 'bees/cm²', 'bees on a comb covered by them', 'weight of bees', BEES_ON_COMB),
  beeGrams: figure(0.13, 'g', 'a bee', 'weight of bees', COMMON),
  coverShareLow: figure(0.5, '', 'brood combs covered by bees, from', 'weight of bees', MEMORY),
  coverShareTypical: figure(0.75, '', 'brood combs covered by bees', 'weight of bees', MEMORY),
  coverShareHigh: figure(1, '', 'brood combs covered by bees, to', 'weight of bees', MEMORY),
  winterCoverShareLow: figure(0.25, '', 'brood combs covered by the winter cluster, from', 'weight of bees', MEMORY),
  winterCoverShareTypical: figure(0.4, '', 'brood combs covered by the winter cluster', 'weight of bees', MEMORY),
  winterCoverShareHigh: figure(0.6, '', 'brood combs covered by the winter cluster, to', 'weight of bees', MEMORY),
  clusterLitresPerKg: figure(
    10,
    'L/kg',
    'room that a winter cluster takes where no comb says it',
    'winter: room of the bees',
    MEMORY,
  ),
  beesCountedOffShare: figure(
    0.2,
    '',
    'bees that were counted may be off by',
    'inspections, the winter cluster',
    MEMORY,
  ),
  spareSeams: figure(
    2,
    'seams',
    'seams left to a cluster beside its own where room is taken from it',
    'winter: room of the bees',
    MEMORY,
  ),
} as const
