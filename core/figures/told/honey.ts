import type { HONEY } from '../honey'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: what is in the comb, and what it weighs. */
export const HONEY_TOLD = {
  honeyDensity: {
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
    unit: '',
    label: 'share of a honey comb that is honey',
    usedIn: 'honey in a box',
    source: MEMORY,
  },
  fillLow: {
    unit: '',
    label: 'fill of a box called full, from',
    usedIn: 'honey in a box',
    source: COMMON,
  },
  fillTypical: {
    unit: '',
    label: 'fill of a box called full, typical',
    usedIn: 'honey in a box',
    source: COMMON,
  },
  fillHigh: {
    unit: '',
    label: 'fill of a box called full, at most',
    usedIn: 'honey in a box',
    source: COMMON,
  },
  waxRatio: {
    unit: 'kg',
    label: 'honey that a kilogram of comb wax can hold',
    usedIn: 'frames: wax',
    source: COMMON,
  },
  waxRatioLow: { unit: 'kg', label: 'the same, at least', usedIn: 'frames: wax', source: COMMON },
  waxRatioHigh: { unit: 'kg', label: 'the same, at most', usedIn: 'frames: wax', source: COMMON },
  sectionsShare: {
    unit: '',
    label: 'share of a rack of comb-honey sections that is honey',
    usedIn: 'weight of sections',
    source: MEMORY,
  },
  nectarLow: { unit: '', label: 'comb being filled, from', usedIn: 'weight in the flow', source: MEMORY },
  nectarTypical: { unit: '', label: 'comb being filled', usedIn: 'weight in the flow', source: MEMORY },
  nectarHigh: { unit: '', label: 'comb being filled, to', usedIn: 'weight in the flow', source: MEMORY },
  winterStoreLow: {
    unit: '',
    label: 'stores in the brood box in winter, share of its combs, from',
    usedIn: 'weight in winter',
    source: MEMORY,
  },
  winterStoreTypical: {
    unit: '',
    label: 'stores in the brood box in winter, share of its combs',
    usedIn: 'weight in winter',
    source: MEMORY,
  },
  winterStoreHigh: {
    unit: '',
    label: 'stores in the brood box in winter, share of its combs, to',
    usedIn: 'weight in winter',
    source: MEMORY,
  },
  broodLow: {
    unit: 'kg/dm²',
    label: 'brood comb with its pollen and honey, one side, from',
    usedIn: 'weight of brood',
    source: MEMORY,
  },
  broodTypical: {
    unit: 'kg/dm²',
    label: 'brood comb with its pollen and honey, one side',
    usedIn: 'weight of brood',
    source: MEMORY,
  },
  broodHigh: {
    unit: 'kg/dm²',
    label: 'brood comb with its pollen and honey, one side, to',
    usedIn: 'weight of brood',
    source: MEMORY,
  },
} as const satisfies Record<keyof typeof HONEY, Told>
