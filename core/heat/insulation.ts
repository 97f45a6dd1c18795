import type { FigureName, Figures } from '../figures'
import type { Pattern } from '../parts'

/** What insulation is made of, as it is typed: how it conducts, and as what it is drawn and weighed. */
export const INSULATIONS = ['foam', 'polyurethane', 'polystyrene', 'wool', 'straw', 'wood'] as const
/** What keeps warmth in above or round a hive, by its material and thickness. */
export type Insulation = (typeof INSULATIONS)[number]

const OF: Readonly<Record<Insulation, readonly [conducts: FigureName, drawnAs: Pattern['material']]>> = {
  foam: ['foamConductsWPerMK', 'foam'],
  polyurethane: ['polyurethaneConductsWPerMK', 'foam'],
  polystyrene: ['polystyreneConductsWPerMK', 'polystyrene'],
  wool: ['woolConductsWPerMK', 'foam'],
  straw: ['strawConductsWPerMK', 'foam'],
  wood: ['woodConductsWPerMK', 'wood'],
}

/** Resistance of so much of a material, m²·K/W: thickness / conductivity (EN ISO 6946, Eq. 3). */
export function insulationR(of: Insulation, thickMm: number, figures: Figures): number {
  return thickMm / 1000 / figures[OF[of][0]]
}

/** What a part of such insulation is drawn and weighed as. */
export function insulationMaterial(of: Insulation): Pattern['material'] {
  return OF[of][1]
}
