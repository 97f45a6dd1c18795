import { SHIPPED_FIGURES, figureNamed, crossedIn } from '../../../figures'
import type { Length } from '../../../units'
import type { Yard } from '../../model/yard'
import { type Done, changedList, refuse } from '../applying'
import { type EditKind, keepers, inNoPlan, WHOLE_YARD } from '../kind'

export interface SetOverride {
  readonly kind: 'set-override'
  readonly key: string
  readonly length: Length | null
  readonly at?: number
}

/**
 * The figure that one's own crosses: a least over its most. Undefined where the pair makes sense, or did not before.
 */
function crossedBy(overrides: Yard['overrides'], key: string): string | undefined {
  const own = figureNamed(key)
  const figures = {
    ...SHIPPED_FIGURES,
    ...Object.fromEntries(
      overrides.flatMap((one) => {
        const name = figureNamed(one.key)
        return name ? [[name, one.length.mm] as const] : []
      }),
    ),
  }
  const crossed = own && crossedIn(figures, own)
  return crossed && (crossed.lower === own ? crossed.upper : crossed.lower)
}

function apply(yard: Yard, { key, length, at }: SetOverride): Done {
  const done = changedList(yard.overrides, (override) => override.key === key, length && { key, length }, at, key)
  const crossed = figureNamed(key) ? crossedBy(done.list, key) : undefined
  if (crossed) refuse('figures-cross', crossed)
  return {
    yard: { ...yard, overrides: done.list },
    inverse: { kind: 'set-override', key, length: done.before?.length ?? null, at: done.at },
  }
}

export const SET_OVERRIDE: EditKind<SetOverride> = {
  apply,
  cells: ({ key }) => [['yard', 'override', key]],
  hives: () => [WHOLE_YARD],
  helper: keepers,
  isPlannable: inNoPlan,
  does: ({ length }) => ({ doing: length ? 'overwriting' : 'taking-a-figure-back' }),
}
