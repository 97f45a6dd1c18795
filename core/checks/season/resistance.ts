import type { Figures } from '../../figures'
import { dimensionMm, isAbsorber } from '../../parts'
import type { PlacedPart } from '../../geometry'

function conducts({ pattern, resolved: { figures } }: PlacedPart): number {
  return pattern?.material === 'polystyrene'
    ? figures.polystyreneConducts
    : pattern?.material === 'foam'
      ? figures.foamConducts
      : figures.woodConducts
}

/**
 * Thermal resistance of the walls of a box, m²K/W: thickness / conductivity. Heat conduction; conductivities from
 * memory.
 */
export function wallResistance(box: PlacedPart): number {
  const thickMm = (dimensionMm(box.resolved, 'outsideWidth') - dimensionMm(box.resolved, 'insideWidth')) / 2
  return thickMm / 1000 / conducts(box)
}

/** What a slab of foam of so many mm resists, m²K/W. Heat conduction; conductivity from memory. */
export function foamResistance(thickMm: number, { foamConducts }: Figures): number {
  return thickMm / 1000 / foamConducts
}

/**
 * Thermal resistance of the slab or the chips over a box, m²K/W, by its maker where he gives it; boards and roof left
 * out, since air gets between them. Heat conduction; conductivities from memory.
 */
export function coverResistance(cover: PlacedPart): number {
  if (cover.pattern?.rValue !== undefined) return cover.pattern.rValue
  const chips = isAbsorber(cover)
  return (
    dimensionMm(cover.resolved, chips ? 'fillDepth' : 'depth') /
    1000 /
    (chips ? cover.resolved.figures.chipsConduct : conducts(cover))
  )
}
