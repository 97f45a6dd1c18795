import { comparableMm, exact } from '../../units'
import { oneOf, type Rule } from '../rule'
import { topOf } from './top'

/**
 * Damp air leaves an absorbing top through its vents and down inside the skirt of the roof: it has to have room there.
 */
export const ABSORBER_ROOFED_IN: Rule<
  'season.absorber-roofed-in',
  { readonly leastMm: number; readonly fullInDays: number | null }
> = {
  id: 'season.absorber-roofed-in',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, context) => {
    const { absorber, fullInDays } = topOf(measured, context)
    if (!absorber || absorber.part.lacks?.includes('vent-holes')) return []
    const roof = measured.layout.parts.find(
      ({ index, faces, hangsToMm }) => index > absorber.index && faces.skirtMm > 0 && hangsToMm < absorber.topMm,
    )
    const [outer, inner] = [absorber.faces.upper.edge?.outside, roof?.faces.lower.edge?.outside]
    if (!roof || !outer || !inner) return []
    const leastMm = context.figures.beeTightMm
    const [alongMm, acrossMm] = [inner.x1 - inner.x0 - outer.x1 + outer.x0, inner.y1 - inner.y0 - outer.y1 + outer.y0]
    const mm = Math.max(alongMm / 2, acrossMm / 2)
    return oneOf(
      comparableMm(mm) < leastMm &&
        mm >= 0 && {
          severity: 'mend',
          partIds: [roof.part.id, absorber.part.id],
          measured: exact(mm),
          facts: { leastMm, fullInDays },
        },
    )
  },
}
