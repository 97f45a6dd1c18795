/** A step of the way from one spacing to another. */
export interface SpacingStep {
  readonly step:
    'draw-full' | 'take-out' | 'space' | 'shift-to-middle' | 'watch-flow' | 'close-up' | 'hang-in' | 'before-winter'
  readonly frames: number
  readonly pitchMm: number
}

/**
 * The way from so many frames to another spacing: foundation is drawn at full count, then frames come out, the rest
 * are spaced and the less drawn go to the middle; closing up goes the other way round. Common practice.
 */
export function stepsTo(
  option: { readonly count: number; readonly pitchMm: number },
  now: { readonly count: number; readonly undrawn: number; readonly full: number },
): SpacingStep[] {
  const { count, pitchMm } = option
  const step = (name: SpacingStep['step'], frames: number): SpacingStep => ({ step: name, frames, pitchMm })
  if (count === now.count) return []
  if (count > now.count)
    return [
      step('close-up', now.count),
      step('hang-in', count - now.count),
      ...(count === now.full ? [] : [step('before-winter', now.full)]),
    ]
  const draw = now.undrawn > 0 ? [step('draw-full', now.full)] : []
  return [
    ...draw,
    step('take-out', now.count - count),
    step('space', count),
    step('shift-to-middle', 2),
    step('watch-flow', count),
    step('before-winter', now.full),
  ]
}
