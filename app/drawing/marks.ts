import type { JudgedGap, GapVerdict } from '#core/stack'

/** The shape that stands for a verdict, so that none is told by colour alone. */
export type MarkShape = 'square-bar' | 'disc-tick' | 'triangle-wave' | 'cross' | 'ring' | 'sandglass'

const SHAPES: Readonly<Record<GapVerdict, MarkShape>> = {
  meets: 'cross',
  glued: 'square-bar',
  squeezed: 'square-bar',
  'bee-space': 'disc-tick',
  bridged: 'triangle-wave',
  comb: 'triangle-wave',
  'floor-low': 'square-bar',
  'floor-open': 'disc-tick',
  'floor-deep': 'triangle-wave',
  filled: 'triangle-wave',
  'open-for-now': 'sandglass',
  'out-of-reach': 'ring',
}

export function markOf({ verdict }: Pick<JudgedGap, 'verdict'>): MarkShape {
  return SHAPES[verdict]
}
