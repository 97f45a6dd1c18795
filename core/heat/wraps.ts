import { isWrapped, type Layout, type PlacedPart } from '../stack'
import { dimensionMm, insulationOf, isWrap } from '../parts'
import { layerOf, type HeatLayer } from './layers'

/** What is wrapped round a part, from the inside outwards: by the R that is given for it, else by what it is of. */
export function wrapsRound(part: PlacedPart, { attached, figures }: Layout): HeatLayer[] {
  return attached
    .filter(isWrap)
    .filter(({ attachment }) => isWrapped(attachment, part))
    .map((wrap) => {
      const thickMm = dimensionMm(wrap, 'depth')
      const given = wrap.pattern.rValue
      return given ? { of: 'given', thickMm, m2KPerW: given } : layerOf(insulationOf(wrap), thickMm, figures)
    })
}
