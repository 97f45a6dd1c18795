import type { Source } from '../units'
import { COMMON, MEMORY, figure } from './figure'

const DENSITY_OF_HONEY: Source = {
  mark: 'P',
  text: 'Krell 1996, Value-added products from beekeeping, FAO Bulletin 124, after White 1975, from memory',
}

/** What is in the comb, and what it weighs. */
export const HONEY = {
  honeyDensityKgPerLitre: figure(1.417, 'kg/L', 'honey at 18 % water and 20 °C', 'honey in a box', DENSITY_OF_HONEY),
  honeyShare: figure(0.92, '', 'share of a honey comb that is honey', 'honey in a box', MEMORY),
  fillShareLow: figure(0.75, '', 'fill of a box called full, from', 'honey in a box', COMMON),
  fillShareTypical: figure(0.88, '', 'fill of a box called full, typical', 'honey in a box', COMMON),
  fillShareHigh: figure(1, '', 'fill of a box called full, at most', 'honey in a box', COMMON),
  waxHoldsKgPerKg: figure(25, 'kg/kg', 'honey that a kilogram of comb wax can hold', 'frames: wax', COMMON),
  waxHoldsKgPerKgLow: figure(22, 'kg/kg', 'the same, at least', 'frames: wax', COMMON),
  waxHoldsKgPerKgHigh: figure(30, 'kg/kg', 'the same, at most', 'frames: wax', COMMON),
  sectionsShare: figure(0.43, '', 'share of a rack of comb-honey sections that is honey', 'weight of sections', MEMORY),
  nectarShareLow: figure(0.25, '', 'comb being filled, from', 'weight in the flow', MEMORY),
  nectarShareTypical: figure(0.5, '', 'comb being filled', 'weight in the flow', MEMORY),
  nectarShareHigh: figure(0.75, '', 'comb being filled, to', 'weight in the flow', MEMORY),
  winterStoreShareLow: figure(
    0.3,
    '',
    'stores in the brood box in winter, share of its combs, from',
    'weight in winter',
    MEMORY,
  ),
  winterStoreShareTypical: figure(
    0.5,
    '',
    'stores in the brood box in winter, share of its combs',
    'weight in winter',
    MEMORY,
  ),
  winterStoreShareHigh: figure(
    0.7,
    '',
    'stores in the brood box in winter, share of its combs, to',
    'weight in winter',
    MEMORY,
  ),
  broodKgPerDm2Low: figure(
    0.15,
    'kg/dm²',
    'brood comb with its pollen and honey, one side, from',
    'weight of brood',
    MEMORY,
  ),
  broodKgPerDm2Typical: figure(
    0.2,
    'kg/dm²',
    'brood comb with its pollen and honey, one side',
    'weight of brood',
    MEMORY,
  ),
  broodKgPerDm2High: figure(
    0.28,
    'kg/dm²',
    'brood comb with its pollen and honey, one side, to',
    'weight of brood',
    MEMORY,
  ),
} as const
