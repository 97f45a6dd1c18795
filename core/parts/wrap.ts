import { BASE, above, byHand, type Level } from './level'
import type { Kind } from './kind'
import type { ResolvedPart } from './resolve'
import { insetRect, type Rect } from './rect'
import { fittingShape } from './fitting'
import type { PartShape } from './shape'
import { rails, type Solid, type SolidMaterial } from './solid'
import { dimensionMm } from './sizes'

/** Sizes that such a part always has. */
export const WRAP_SIZES = ['depth'] as const
/** How high it is drawn where it lies by itself, mm. */
const LYING_HIGH_MM = 160

/** What goes round the boxes against the cold: a sleeve of foam or felt, panels strapped on. */
export const WRAP: Kind<'wrap'> = {
  sizes: WRAP_SIZES,
  shape: lyingWrap,
  wayUp: () => 'any',
  usualPlace: (stack) => stack.length,
  attachedAt: 'around',
  tray: 'on-top',
}

function lyingWrap(part: ResolvedPart): PartShape {
  const thickMm = dimensionMm(part, 'depth')
  const round: Rect = { x0: -200, x1: 200, y0: -160, y1: 160 }
  const high = above(BASE, byHand(LYING_HIGH_MM))
  return fittingShape(part, rails(round, Math.min(thickMm, 60), BASE, high, insulationOf(part), 'wrap'), LYING_HIGH_MM)
}

/** Of what a panel or a wrap is, as it is drawn and as it conducts. */
export function insulationOf({ pattern }: Pick<ResolvedPart, 'pattern'>): SolidMaterial {
  return MADE_OF[pattern?.material ?? 'foam']
}

/** What the body of a part is of, by what it is made of. */
export const MADE_OF: Readonly<Record<NonNullable<ResolvedPart['pattern']>['material'], SolidMaterial>> = {
  wood: 'timber',
  polystyrene: 'polystyrene',
  foam: 'foam',
  plastic: 'plastic',
  metal: 'metal',
  masonry: 'masonry',
}

/** A wrap round a box that is so large in plan, between two levels. */
export function wrapBodies(wrap: ResolvedPart, round: Rect, from: Level, to: Level): Solid[] {
  const thickMm = dimensionMm(wrap, 'depth')
  return rails(insetRect(round, -thickMm), thickMm, from, to, insulationOf(wrap), wrap.part.id)
}
