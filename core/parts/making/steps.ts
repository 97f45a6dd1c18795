import type { Figures } from '../../figures'
import type { HangingPattern } from '../catalogue'
import { isFramePattern } from '../frame'
import type { ResolvedPart } from '../resolve'
import { isBuiltUp, type Corner } from './box-bill'
import { isNailed, type FoundationKind } from './frame-bill'

/** A step of building, by name; wording tells it with the mistake to avoid. */
export type BuildStep = FrameStep | BoxStep

/** A step of putting a frame together. */
export type FrameStep =
  | 'frame-check-bars'
  | 'frame-break-wedge'
  | 'frame-glue'
  | 'frame-end-bars-on'
  | 'frame-end-bars-same-way'
  | 'frame-nail-down'
  | 'frame-nail-sideways'
  | 'frame-pin-sideways'
  | 'frame-bottom-bars'
  | 'frame-bottom-bars-and-sheet'
  | 'frame-square'
  | 'frame-sheet-in-slots'
  | 'frame-loops'
  | 'frame-wedge-back'
  | 'frame-plastic-snaps'
  | 'frame-starter'
  | 'frame-dry'
  | 'dummy-board'

/** A step of putting a box together. */
export type BoxStep =
  | 'box-choose-boards'
  | 'box-rip'
  | 'box-cross-cut'
  | 'box-rest'
  | 'box-rabbet'
  | 'box-fingers'
  | 'box-hand-holds'
  | 'box-dry-fit'
  | 'box-glue-nail'
  | 'box-rails'
  | 'box-rests-up'
  | 'box-square'
  | 'box-paint'

/** The steps of a frame in order. Common practice. */
export function frameSteps(frame: HangingPattern, foundation: FoundationKind, figures: Figures): FrameStep[] {
  if (!isFramePattern(frame)) return ['frame-glue', 'dummy-board', 'frame-dry']
  const nailed = isNailed(frame, figures)
  const sheet: FrameStep[] =
    foundation === 'wax'
      ? ['frame-sheet-in-slots', 'frame-loops', 'frame-wedge-back']
      : foundation === 'plastic'
        ? ['frame-plastic-snaps']
        : ['frame-starter']
  const wedge: FrameStep[] = foundation === 'plastic' ? [] : ['frame-break-wedge']
  // Ends that keep the distance, and wide top bars, have no pointed shoulder to turn round.
  const shouldered = (frame.spacedBy ?? 'shoulders') === 'shoulders'
  return [
    'frame-check-bars',
    ...wedge,
    'frame-glue',
    'frame-end-bars-on',
    ...(shouldered ? ['frame-end-bars-same-way' as const] : []),
    ...(nailed ? ['frame-nail-down' as const, 'frame-nail-sideways' as const] : ['frame-pin-sideways' as const]),
    // A pinned frame takes its sheet between, before or after its two bottom bars, by its make.
    ...(nailed
      ? ['frame-bottom-bars' as const, 'frame-square' as const, ...sheet]
      : ['frame-square' as const, ...sheet, 'frame-bottom-bars-and-sheet' as const]),
    'frame-dry',
  ]
}

/** The steps of a box in order. Common practice. */
export function boxSteps(box: ResolvedPart, corner: Corner): BoxStep[] {
  const joint: BoxStep[] = isBuiltUp(box)
    ? ['box-rails']
    : corner === 'rabbet'
      ? ['box-rabbet']
      : corner === 'finger'
        ? ['box-fingers']
        : []
  const rest: BoxStep[] = isBuiltUp(box) ? [] : ['box-rest', 'box-hand-holds']
  return [
    'box-choose-boards',
    'box-rip',
    'box-cross-cut',
    ...joint,
    ...rest,
    'box-dry-fit',
    'box-glue-nail',
    'box-rests-up',
    'box-square',
    'box-paint',
  ]
}
