import { figureOfKey } from '../../../figures'
import type { Length } from '../../../units'
import type { Yard } from '../../model/yard'
import { type Done, changedList } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'
import { applyFigure } from './set-figure'

/** Overwrites a size of a pattern for a yard, or takes that back. */
export interface SetOverride {
  readonly kind: 'set-override'
  readonly key: string
  readonly length: Length | null
  readonly at?: number
}

function apply(yard: Yard, { key, length, at }: SetOverride): Done {
  const name = figureOfKey(key)
  // Before version 8 a figure was overwritten so too: its number stood where a length stands, in its own unit.
  if (name) return applyFigure(yard, { kind: 'set-figure', name, value: length && length.mm })
  const done = changedList(yard.overrides, (override) => override.key === key, length && { key, length }, at, key)
  return {
    yard: { ...yard, overrides: done.list },
    inverse: { kind: 'set-override', key, length: done.before?.length ?? null, at: done.at },
  }
}

export const SET_OVERRIDE: EditKind<SetOverride> = {
  apply,
  cells: ({ key }) => {
    const name = figureOfKey(key)
    return [name ? ['yard', 'figure', name] : ['yard', 'override', key]]
  },
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ length }) => ({ doing: length ? 'overwriting' : 'taking-a-figure-back' }),
}
