import { COMMON, MEMORY, type Figure } from './figure'

/** What is in the comb, and what it weighs. */
export const HONEY = {
  honeyDensity: {
    value: 1.417,
    unit: 'kg/L',
    label: 'honey at 18 % water and 20 °C',
    usedIn: 'honey in a box',
    source: {
      mark: 'P',
      text:
        'Krell 1996, Value-added products from beekeeping, FAO Agricultural Services Bulletin ' +
        '124, after White 1975, from memory',
    },
  },
  honeyShare: {
    value: 0.92,
    unit: '',
    label: 'share of a honey comb that is honey',
    usedIn: 'honey in a box',
    source: MEMORY,
  },
  fillLow: {
    value: 0.75,
    unit: '',
    label: 'fill of a box called full, from',
    usedIn: 'honey in a box',
    source: COMMON,
  },
  fillTypical: {
    value: 0.88,
    unit: '',
    label: 'fill of a box called full, typical',
    usedIn: 'honey in a box',
    source: COMMON,
  },
  fillHigh: {
    value: 1,
    unit: '',
    label: 'fill of a box called full, at most',
    usedIn: 'honey in a box',
    source: COMMON,
  },
  waxRatio: {
    value: 25,
    unit: 'kg',
    label: 'honey that a kilogram of comb wax can hold',
    usedIn: 'frames: wax',
    source: COMMON,
  },
  waxRatioLow: { value: 22, unit: 'kg', label: 'the same, at least', usedIn: 'frames: wax', source: COMMON },
  waxRatioHigh: { value: 30, unit: 'kg', label: 'the same, at most', usedIn: 'frames: wax', source: COMMON },
  sectionsShare: {
    value: 0.43,
    unit: '',
    label: 'share of a rack of comb-honey sections that is honey',
    usedIn: 'weight of sections',
    source: MEMORY,
  },
  nectarLow: { value: 0.25, unit: '', label: 'comb being filled, from', usedIn: 'weight in the flow', source: MEMORY },
  nectarTypical: { value: 0.5, unit: '', label: 'comb being filled', usedIn: 'weight in the flow', source: MEMORY },
  nectarHigh: { value: 0.75, unit: '', label: 'comb being filled, to', usedIn: 'weight in the flow', source: MEMORY },
  winterStoreLow: {
    value: 0.3,
    unit: '',
    label: 'stores in the brood box in winter, share of its combs, from',
    usedIn: 'weight in winter',
    source: MEMORY,
  },
  winterStoreTypical: {
    value: 0.5,
    unit: '',
    label: 'stores in the brood box in winter, share of its combs',
    usedIn: 'weight in winter',
    source: MEMORY,
  },
  winterStoreHigh: {
    value: 0.7,
    unit: '',
    label: 'stores in the brood box in winter, share of its combs, to',
    usedIn: 'weight in winter',
    source: MEMORY,
  },
  broodLow: {
    value: 0.15,
    unit: 'kg/dm²',
    label: 'brood comb with its pollen and honey, one side, from',
    usedIn: 'weight of brood',
    source: MEMORY,
  },
  broodTypical: {
    value: 0.2,
    unit: 'kg/dm²',
    label: 'brood comb with its pollen and honey, one side',
    usedIn: 'weight of brood',
    source: MEMORY,
  },
  broodHigh: {
    value: 0.28,
    unit: 'kg/dm²',
    label: 'brood comb with its pollen and honey, one side, to',
    usedIn: 'weight of brood',
    source: MEMORY,
  },
} as const satisfies Record<string, Figure>
