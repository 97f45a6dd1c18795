import { crossedIn, ownFigure, SHIPPED_FIGURES, type FigureName } from '../../../figures'
import type { Yard } from '../../model/yard'
import { type Done, changedList, refuse } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

/** Overwrites a figure for a yard, or takes that back. */
export interface SetFigure {
  readonly kind: 'set-figure'
  readonly name: FigureName
  /** In the unit of its name; null takes one's own figure back. */
  readonly value: number | null
  readonly at?: number
}

/**
 * The figure that one's own crosses: a least over its most. Undefined where the pair makes sense, or did not before.
 */
function crossedBy(own: Yard['figures'], name: FigureName): FigureName | undefined {
  const figures = { ...SHIPPED_FIGURES, ...Object.fromEntries(own.map((one) => [one.name, one.value] as const)) }
  const crossed = crossedIn(figures, name)
  return crossed && (crossed.lower === name ? crossed.upper : crossed.lower)
}

/** Overwrites a figure of the trade for one yard, or takes that back. */
export function applyFigure(yard: Yard, { name, value, at }: SetFigure): Done {
  const after = value === null ? null : ownFigure(name, value)
  const done = changedList(yard.figures, (own) => own.name === name, after, at, name)
  const crossed = crossedBy(done.list, name)
  if (crossed) refuse('figures-cross', crossed)
  return {
    yard: { ...yard, figures: done.list },
    inverse: { kind: 'set-figure', name, value: done.before?.value ?? null, at: done.at },
  }
}

export const SET_FIGURE: EditKind<SetFigure> = {
  apply: applyFigure,
  cells: ({ name }) => [['yard', 'figure', name]],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ value }) => ({ doing: value === null ? 'taking-a-figure-back' : 'overwriting' }),
}
