import { FORMULA } from '../../formula'
import { dimensionMm, type PlacedPart } from '../../geometry'

const CONDUCTS = { wood: FORMULA.woodConducts.value, polystyrene: FORMULA.polystyreneConducts.value, foam: FORMULA.foamConducts.value } as const

function conducts({ pattern }: PlacedPart): number {
  const material = pattern?.material
  return material === 'polystyrene' || material === 'foam' ? CONDUCTS[material] : CONDUCTS.wood
}

/** Thermal resistance of the walls of a box, m²K/W: thickness / conductivity. Heat conduction; conductivities from memory. */
export function wallResistance(box: PlacedPart): number {
  const thickMm = (dimensionMm(box.resolved, 'outsideWidth') - dimensionMm(box.resolved, 'insideWidth')) / 2
  return thickMm / 1000 / conducts(box)
}

/** Thermal resistance of the slab or the chips over a box, m²K/W; boards and roof left out, since air gets between them. Heat conduction; conductivities from memory. */
export function coverResistance(cover: PlacedPart): number {
  const chips = cover.pattern?.kind === 'absorber'
  return dimensionMm(cover.resolved, chips ? 'fillDepth' : 'depth') / 1000 / (chips ? FORMULA.chipsConduct.value : conducts(cover))
}
