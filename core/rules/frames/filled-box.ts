import { comparableMm, once } from '../../units'
import { fullCount, type PlacedPart } from '../../stack'
import {
  dimensionMm,
  gapsAcross,
  hangAcross,
  isFilledBox,
  isFrame,
  isUndrawn,
  type Across,
  type HangingPlace,
  type ResolvedPart,
  type CombUse,
  type Role,
} from '../../parts'
import type { Context, MeasuredHive } from '../context'
import { oneOf, type Found, type Rule } from '../rule'
import { judgeAcross, type JudgedAcrossGap } from './judge-across'

/** A box with its frames as they hang, and what the bees will do with every gap across it. */
export interface FilledBox {
  readonly box: PlacedPart
  readonly across: Across
  readonly use: CombUse
  readonly gaps: readonly JudgedAcrossGap[]
  /** Widest pitch at which foundation is drawn straight: the inside width shared by the full count. */
  readonly drawnAtMm: number
}

/** What the comb of a box is for, where its frames do not say. */
export function useOf(role: Role | undefined): CombUse {
  return role === 'brood' ? 'brood' : 'honey'
}

/** The widest pitch at which foundation is drawn straight, mm (common practice: at full count). */
function drawnAtMm(box: ResolvedPart, { figures }: Pick<Context, 'figures'>): number {
  const roomMm = dimensionMm(box, 'insideWidth') - (box.pattern?.halves ? dimensionMm(box, 'divisionThickness') : 0)
  return roomMm / fullCount(box) + figures.drawnAtExtraMm
}

/** Every gap across a box, judged. */
export function gapsOfBox(
  box: ResolvedPart,
  use: CombUse,
  context: Pick<Context, 'figures' | 'stage'>,
): JudgedAcrossGap[] {
  const across = hangAcross(box)
  const most = drawnAtMm(box, context)
  return gapsAcross(across, use).map((gap) => judgeAcross(gap, across, most, context))
}

const known = new WeakMap<MeasuredHive, readonly FilledBox[]>()

/** The boxes of a hive that hold frames, each looked at once. */
export function filledBoxes(measured: MeasuredHive, context: Context): readonly FilledBox[] {
  let found = known.get(measured)
  if (!found)
    known.set(measured, (found = measured.layout.parts.filter(isFilledBox).map((box) => filledBox(box, context))))
  return found
}

type Judged = Pick<FilledBox, 'across' | 'use' | 'gaps' | 'drawnAtMm'> & Pick<Context, 'figures' | 'stage'>
const lookedAt = once((_box: ResolvedPart): { last?: Judged } => ({}))

/** A box that has not changed since it was last looked at is not judged again. */
function filledBox(box: PlacedPart, { figures, stage }: Context): FilledBox {
  const use = useOf(box.placement.role)
  const looked = lookedAt(box)
  let { last } = looked
  if (!last || last.use !== use || last.stage !== stage || last.figures !== figures) {
    last = {
      across: hangAcross(box.resolved),
      use,
      gaps: gapsOfBox(box.resolved, use, { figures, stage }),
      drawnAtMm: drawnAtMm(box.resolved, { figures }),
      figures,
      stage,
    }
    looked.last = last
  }
  return { box, across: last.across, use, gaps: last.gaps, drawnAtMm: last.drawnAtMm }
}

/** The frames of a box, without its dummies and feeders. */
export const framesOf = ({ across }: FilledBox): readonly HangingPlace[] => across.places.filter(isFrame)

/** What is found of each box by itself. */
export const inEachBox =
  <F>(find: (filled: FilledBox, context: Context) => Found<F> | undefined): Rule<string, F>['find'] =>
  (measured, context) =>
    filledBoxes(measured, context).flatMap((filled) => oneOf(find(filled, context)))

/** True where what hangs in a box goes into it: how it is spaced is asked only then. */
export const thatGoesIn = ({ across }: FilledBox): boolean => comparableMm(across.overlapMm) <= 0

/** A box that holds frames in which bees have comb to draw. */
export const isToBeDrawn = ({ box, across }: FilledBox): boolean =>
  across.overlapMm <= 0 && box.part.contents.some(isUndrawn)

/** Comb that is low enough to hold itself, or has a mid-bar or wires. */
export const isHeld = ({ content, pattern }: HangingPlace, { figures }: Context): boolean =>
  pattern.height.mm <= figures.unsupportedCombMm || (content.support ?? 'none') !== 'none'
