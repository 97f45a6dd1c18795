import { COMMON, MEMORY, type Figure } from './figure'

/** Bees on the comb. */
export const BEES = {
  beesPerCm2: {
    value: 1.38,
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
  beeGrams: { value: 0.13, unit: 'g', label: 'a bee', usedIn: 'weight of bees', source: COMMON },
  coverLow: {
    value: 0.5,
    unit: '',
    label: 'brood combs covered by bees, from',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  coverTypical: {
    value: 0.75,
    unit: '',
    label: 'brood combs covered by bees',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  coverHigh: { value: 1, unit: '', label: 'brood combs covered by bees, to', usedIn: 'weight of bees', source: MEMORY },
  winterCoverLow: {
    value: 0.25,
    unit: '',
    label: 'brood combs covered by the winter cluster, from',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  winterCoverTypical: {
    value: 0.4,
    unit: '',
    label: 'brood combs covered by the winter cluster',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
  winterCoverHigh: {
    value: 0.6,
    unit: '',
    label: 'brood combs covered by the winter cluster, to',
    usedIn: 'weight of bees',
    source: MEMORY,
  },
} as const satisfies Record<string, Figure>
