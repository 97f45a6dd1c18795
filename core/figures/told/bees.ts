import type { BEES } from '../bees'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: bees on the comb. */
export const BEES_TOLD = {
  beesPerCm2: {
    unit: 'bees/cm²',
    label: 'bees on a comb covered by them',
    usedIn: 'weight of bees',
    source: {
      mark: 'P',
      text:
        'Burgett & Burikam 1985, J. Econ. Entomol. 78, as used by Delaplane et al. 2013, J. Apic. ' +
        'Res. 52(1), from memory',
    },
  },
  beeGrams: { unit: 'g', label: 'a bee', usedIn: 'weight of bees', source: COMMON },
  coverLow: {
    unit: '',
    label: 'brood combs covered by bees, from',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  coverTypical: {
    unit: '',
    label: 'brood combs covered by bees',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  coverHigh: { unit: '', label: 'brood combs covered by bees, to', usedIn: 'weight of bees', source: MEMORY },
  winterCoverLow: {
    unit: '',
    label: 'brood combs covered by the winter cluster, from',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  winterCoverTypical: {
    unit: '',
    label: 'brood combs covered by the winter cluster',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  winterCoverHigh: {
    unit: '',
    label: 'brood combs covered by the winter cluster, to',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  clusterLitresPerKg: {
    unit: 'L/kg',
    label: 'room that a winter cluster takes where no comb says it',
    usedIn: 'winter: room of the bees',
    source: MEMORY,
  },
  spareSeams: {
    unit: '',
    label: 'seams left to a cluster beside its own where room is taken from it',
    usedIn: 'winter: room of the bees',
    source: MEMORY,
  },
} as const satisfies Record<keyof typeof BEES, Told>
