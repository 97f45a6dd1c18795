import { dimensionMm, hangAcross, type ResolvedPart } from '../../parts'

/** How many frames the box is made for: foundation is drawn at this count. */
export function fullCount(box: ResolvedPart): number {
  const normal = box.pattern?.normalContents?.count
  if (normal) return normal
  const { pitchMm } = hangAcross(box)
  return pitchMm > 0 ? Math.max(1, Math.floor((dimensionMm(box, 'insideWidth') + 1e-9) / pitchMm)) : 1
}
