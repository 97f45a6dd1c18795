import type { AcrossVerdict } from '#core/rules'
import type { MarkShape } from './marks'

const SHAPES: Readonly<Record<AcrossVerdict, MarkShape>> = {
  collides: 'cross',
  glued: 'square-bar',
  squeezed: 'square-bar',
  narrow: 'disc-tick',
  passage: 'disc-tick',
  bridged: 'triangle-wave',
  'own-comb': 'triangle-wave',
  'touches-wall': 'square-bar',
  'at-wall': 'disc-tick',
  'fat-comb': 'triangle-wave',
  board: 'disc-tick',
  'to-draw': 'ring',
  wild: 'triangle-wave',
  'empty-place': 'triangle-wave',
}

/** The shape that stands for what bees do with a gap across a box. */
export function acrossMark(verdict: AcrossVerdict): MarkShape {
  return SHAPES[verdict]
}
