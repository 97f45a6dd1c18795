import { dimensionMm, type PlacedPart } from '../../geometry'
import { isCold } from '../../hive'
import type { Context, Measured } from '../context'
import { findingOf, type Finding } from '../finding'
import { closeHole, openHole } from '../remedies'

/** Thinnest slab, and least chips, mm (common practice). */
const LEAST_MM = 25

const insulates = ({ pattern }: PlacedPart) => pattern?.kind === 'slab'
const absorbs = ({ pattern }: PlacedPart) => pattern?.kind === 'absorber'

/** What is wrong with a winter top of each kind: closed and warm, absorbing, or bare (common practice). */
export function checkWinterTop({ layout }: Measured, { stage }: Context): Finding[] {
  if (!isCold(stage)) return []
  const { parts } = layout
  const crown = parts.find(({ pattern }) => pattern?.kind === 'crown')
  const slab = parts.find(insulates)
  const absorber = parts.find(absorbs)
  const found: Finding[] = []
  if (slab) {
    if (crown && crown.index < slab.index && crown.part.hole === 'open' && !absorber) found.push(findingOf('season.winter-hole', 'mend', [crown.part.id, slab.part.id], { remedies: [closeHole(crown)] }))
    const thickMm = dimensionMm(slab.resolved, 'depth')
    if (thickMm < LEAST_MM) found.push(findingOf('season.thin-slab', 'watch', [slab.part.id], { measured: exact(thickMm), facts: { leastMm: LEAST_MM } }))
  }
  if (absorber) {
    const chipsMm = dimensionMm(absorber.resolved, 'fillDepth')
    if (chipsMm < LEAST_MM) found.push(findingOf('season.thin-chips', 'mend', [absorber.part.id], { measured: exact(chipsMm), facts: { leastMm: LEAST_MM } }))
    if (crown && crown.index < absorber.index && crown.part.hole === 'closed') found.push(findingOf('season.absorber-shut-off', 'mend', [crown.part.id, absorber.part.id], { remedies: [openHole(crown)] }))
  }
  if (!slab && !absorber && crown) found.push(findingOf('season.bare-top', 'note', [crown.part.id]))
  return found
}

function exact(mm: number) {
  return { mm, plusMinusMm: 0, likelyPlusMinusMm: 0 }
}
