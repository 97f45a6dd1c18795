import { rangeOf, type Figures } from '../../figures'
import { type HungComb, combAreaDm2, isUndrawn, type Content, type Role } from '../../parts'
import { honeyOfCombKg, waxKg } from './honey'
import { times, ZERO, type Range } from './range'

export const FULLNESSES = ['as-said', 'empty', 'drawn', 'in-flow', 'full', 'winter'] as const
/** What a hive is weighed as: frame by frame as said, or all of it in one state. */
export type Fullness = (typeof FULLNESSES)[number]

/** What is in one comb, as far as its weight goes. */
export type CombLoad = 'nothing' | 'drawn' | 'honey' | 'nectar' | 'brood' | 'winter-stores'

/** What a comb holds, by what was said of it, by the state asked for, and by what its box is for. Common practice. */
export function combLoad(
  content: Content,
  fullness: Fullness,
  role: Role,
  meanwhile: Exclude<Fullness, 'as-said'>,
  broodless = false,
): CombLoad {
  if (fullness === 'as-said') {
    if (isUndrawn(content)) return 'nothing'
    switch (content.holds) {
      case 'capped-honey':
        return 'honey'
      case 'nectar':
        return 'nectar'
      case 'pollen':
        return 'brood'
      // Brood that was noted in summer has hatched by winter: nobody has said what the comb holds now.
      case 'brood':
        return broodless ? combLoad({ ...content, comb: 'drawn' }, meanwhile, role, meanwhile) : 'brood'
      case 'empty':
        return 'drawn'
      case undefined:
        return combLoad(content, meanwhile, role, meanwhile)
    }
  }
  switch (fullness) {
    case 'empty':
      return 'nothing'
    case 'drawn':
      return 'drawn'
    case 'in-flow':
      return role === 'brood' ? 'brood' : isUndrawn(content) ? 'nothing' : role === 'food' ? 'honey' : 'nectar'
    case 'full':
      return role === 'brood' ? 'brood' : 'honey'
    // A super that is left on is food: it may be full, and is lifted as if it were.
    case 'winter':
      return role === 'brood' ? 'winter-stores' : 'honey'
  }
}

/** Masses of what is in one comb, kg. */
export interface CombMass {
  readonly wax: Range
  readonly honey: Range
  readonly brood: Range
}

/** `fill` stands for how full a comb called full is; that of common practice unless a weigh-in says otherwise. */
export function combMass(
  { pattern, nearMm, farMm }: Pick<HungComb, 'pattern' | 'nearMm' | 'farMm'>,
  load: CombLoad,
  figures: Figures,
  fill: Range = rangeOf(figures, 'fillShare'),
): CombMass {
  if (load === 'nothing') return { wax: ZERO, honey: ZERO, brood: ZERO }
  const areaDm2 = combAreaDm2(pattern)
  const thicknessMm = load === 'brood' ? figures.broodCombMm : nearMm + farMm
  const capacityKg = honeyOfCombKg(areaDm2, thicknessMm, figures)
  const wax = waxKg(capacityKg, figures)
  switch (load) {
    case 'drawn':
      return { wax, honey: ZERO, brood: ZERO }
    case 'honey':
      return { wax, honey: times(fill, capacityKg), brood: ZERO }
    case 'nectar':
      return { wax, honey: times(rangeOf(figures, 'nectarShare'), capacityKg), brood: ZERO }
    case 'winter-stores':
      return { wax, honey: times(rangeOf(figures, 'winterStoreShare'), capacityKg), brood: ZERO }
    case 'brood':
      return { wax, honey: ZERO, brood: times(rangeOf(figures, 'broodKgPerDm2'), areaDm2) }
  }
}

/**
 * Bees on a comb that they cover on both sides, kg: 2 × area × 1.38 bees/cm² × 0.13 g, times the share that is
 * covered (Burgett & Burikam 1985, from memory; the share from memory).
 */
export function beesOnCombKg(areaDm2: number, winter: boolean, figures: Figures): Range {
  const coveredKg = (2 * areaDm2 * 100 * figures.beesPerCm2 * figures.beeGrams) / 1000
  return times(rangeOf(figures, winter ? 'winterCoverShare' : 'coverShare'), coveredKg)
}
