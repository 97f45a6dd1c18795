import { dimensionMm, howManyFit, isFrame, type HangingPlace } from '../../parts'
import { partEdit, meaningOf } from '../../yard'
import { comparableMm, about, exact } from '../../units'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { filledBoxes, type FilledBox } from './filled-box'
import { fullCount } from '../../stack'
import type { JudgedAcrossGap } from './judge-across'
import { addDummy, addFrames, castellate, centreFrames, leaveOut, touchOneSide, withSideRoom } from './remedies'

/**
 * How the frames of each box are spaced: too many, no play, nothing to keep them apart, two systems, spread where they
 * should touch, wide for winter.
 */
export function checkFrameSpacing(measured: MeasuredHive, context: Context): Finding[] {
  const findings: Finding[] = []
  for (const filled of filledBoxes(measured, context)) {
    if (comparableMm(filled.across.overlapMm) > 0) findings.push(tooMany(filled, context))
    else if (isAlike(filled))
      findings.push(
        ...noSpacing(filled),
        ...noPlay(filled, context),
        ...spreadShoulders(filled),
        ...winterSpacing(filled, context),
      )
    else
      findings.push(
        ...noSpacing(filled),
        ...noPlay(filled, context),
        ...mixed(filled),
        ...spreadShoulders(filled),
        ...winterSpacing(filled, context),
      )
  }
  return findings
}

/** Frames of one pattern that touch, as in most boxes: nothing can be mixed. */
function isAlike({ across: { places, spacing } }: FilledBox): boolean {
  if (spacing.system === 'castellation') return false
  const first = places[0]?.pattern
  for (const { pattern } of places) if (pattern !== first && isFrame({ pattern })) return false
  return true
}

const framesOf = ({ across }: FilledBox): readonly HangingPlace[] => across.places.filter(isFrame)

function tooMany(filled: FilledBox, context: Context): Finding {
  const { box, across } = filled
  const frames = framesOf(filled)
  const widest = Math.max(0, ...frames.map(({ pattern }) => pattern.spacing.mm))
  const { system, count } = across.spacing
  const fits = system === 'castellation' && count ? count : widest > 0 ? howManyFit(box.resolved, widest) : 0
  const inSlots = system === 'castellation' && frames.length <= fits
  const slots = system === 'castellation' && frames.length > fits ? fits : 0
  const remedies = inSlots ? [touchOneSide(box.resolved)] : leaveOut(box.resolved, context)
  const leave = remedies[0]?.count ?? 0
  return findingOf('frames.too-many', 'stop', [box.part.id], {
    measured: exact(across.overlapMm),
    ways: () => remedies,
    facts: {
      frames: frames.length,
      others: across.places.length - frames.length,
      fits,
      leave,
      inSlots,
      slots,
      mostPitchMm: frames.length > 0 ? dimensionMm(box, 'insideWidth') / frames.length : 0,
      spacingMm: widest,
    },
  })
}

/** Straight bars with nothing between them are pushed comb to comb. */
function noSpacing(filled: FilledBox): Finding[] {
  if (
    filled.across.spacing.system !== 'touching' ||
    !filled.across.places.some(({ pattern }) => pattern.spacedBy === 'nothing')
  )
    return []
  const bare = framesOf(filled).filter(({ pattern }) => pattern.spacedBy === 'nothing')
  if (bare.length < 2) return []
  return [
    findingOf('frames.no-spacing', 'mend', [filled.box.part.id], {
      facts: { frames: bare.length },
      ways: () => [castellate(filled.box.resolved, fullCount(filled.box.resolved))],
    }),
  ]
}

/** Frames that touch all the way across leave nothing to lever against once propolis has built up. */
function noPlay({ box, across }: FilledBox, context: Context): Finding[] {
  const { system, slack } = across.spacing
  if ((system !== 'touching' && system !== 'spacer') || slack === 'spread' || across.places.length < 2) return []
  if (comparableMm(across.slackMm) >= context.figures.beeTight) return []
  const spared = leaveOutOne(box.resolved, context)
  return [
    findingOf('frames.no-play', 'watch', [box.part.id], {
      measured: about(across.slackMm, across.slackPlusMinusMm),
      band: { minMm: context.figures.beeTight, maxMm: across.pitchMm },
      facts: { frames: across.places.length },
      ways: () => spared,
    }),
  ]
}

function leaveOutOne(box: FilledBox['box']['resolved'], context: Context): Remedy[] {
  const last = box.part.contents.reduce((a, b) => (b.place > a.place ? b : a))
  const part = { ...box.part, contents: box.part.contents.filter((one) => one !== last) }
  const without = { ...box, part, hung: box.hung.filter(({ content }) => content !== last) }
  return [
    ...addDummy(without, context),
    { kind: 'leave-out', partId: part.id, count: 1, edit: partEdit(box.part, part) },
  ]
}

function mixed(filled: FilledBox): Finding[] {
  const { box, across } = filled
  const frames = framesOf(filled)
  const ways = new Set(frames.map(({ pattern }) => pattern.spacedBy ?? 'shoulders'))
  const widths = new Set(frames.map(({ pattern }) => comparableMm(pattern.spacing.mm)))
  const inSlots = across.spacing.system === 'castellation' && (ways.has('shoulders') || ways.has('ends'))
  const twoWidths = widths.size > 1 && across.spacing.system === 'touching'
  if (ways.size < 2 && !inSlots && !twoWidths) return []
  return [
    findingOf('frames.mixed', 'watch', [box.part.id], {
      facts: {
        how: ways.size > 1 ? 'systems' : inSlots ? 'in-slots' : 'widths',
        ways: [...ways],
        leastMm: Math.min(...widths),
        mostMm: Math.max(...widths),
      },
      ways: () => (inSlots && ways.size === 1 ? [touchOneSide(box.resolved)] : []),
    }),
  ]
}

/** Self-spacing frames are made to touch: spread out, they rock and the comb between them grows uneven. */
function spreadShoulders(filled: FilledBox): Finding[] {
  const { box, across, use } = filled
  const { system, slack } = across.spacing
  const spread = slack === 'spread' && (system === 'touching' || (system === 'by-hand' && use === 'brood'))
  if (!spread) return []
  const frames = framesOf(filled).filter(({ pattern }) => pattern.spacedBy !== 'nothing')
  const wide = frames[0] && comparableMm(across.pitchMm) > comparableMm(frames[0].pattern.spacing.mm)
  if (frames.length < 2 || !wide) return []
  return [
    findingOf('frames.spread-shoulders', 'watch', [box.part.id], {
      measured: exact(across.pitchMm),
      band: { minMm: frames[0]!.pattern.spacing.mm, maxMm: frames[0]!.pattern.spacing.mm },
      ways: () => [touchOneSide(box.resolved), centreFrames(box.resolved)],
    }),
  ]
}

/** What is spread for honey is closed up again before bees have to keep it warm. */
function winterSpacing(filled: FilledBox, { stage }: Context): Finding[] {
  const { box, across, drawnAtMm } = filled
  const role = box.placement.role ?? 'super'
  const { closesUp } = meaningOf(stage)
  if (closesUp === 'no' || (role === 'super' && closesUp === 'now')) return []
  if (
    comparableMm(across.pitchMm) <= comparableMm(drawnAtMm) ||
    framesOf(filled).every(({ pattern }) => pattern.spacedBy === 'wide-bars')
  )
    return []
  return [
    findingOf('frames.winter-spacing', 'watch', [box.part.id], {
      measured: exact(across.pitchMm),
      band: { minMm: 0, maxMm: drawnAtMm },
      facts: { stage },
      // Nobody opens a hive in the cold for it: it would cost the cluster more than the gaps do.
      ways: () => (closesUp === 'too-late' ? [] : [touchOneSide(box.resolved)]),
    }),
  ]
}

function isRoomBeside({ from, to, verdict }: JudgedAcrossGap): boolean {
  return (verdict === 'fat-comb' || verdict === 'own-comb') && (from === 'wall' || to === 'wall')
}

/** Room beside the last frame, at either wall; boxes alike are told together. */
export function checkSideRoom(measured: MeasuredHive, context: Context): Finding[] {
  const alike = new Map<string, { boxes: FilledBox[]; mm: number; severity: 'note' | 'watch' }>()
  for (const filled of filledBoxes(measured, context)) {
    if (!filled.gaps.some(isRoomBeside)) continue
    const walls = filled.gaps.filter(isRoomBeside)
    if (filled.across.overlapMm > 0) continue
    const mm = comparableMm(Math.max(...walls.map(({ apartMm }) => apartMm)))
    const severity = walls.some(({ grade }) => grade === 'watch') ? 'watch' : 'note'
    const known = alike.get(`${severity}${mm}`) ?? { boxes: [], mm, severity }
    known.boxes.push(filled)
    alike.set(`${severity}${mm}`, known)
  }
  return [...alike.values()].map(({ boxes, mm, severity }) => {
    const { across } = boxes[0]!
    const plusMinusMm = across.slackPlusMinusMm
    return findingOf(
      'bee-space.side',
      severity,
      boxes.map((one) => one.box.part.id),
      {
        measured: about(mm, plusMinusMm),
        band: { minMm: 0, maxMm: context.figures.shoulderToWall },
        facts: { pitchMm: across.pitchMm, isShared: boxes.every((one) => one.across.spacing.slack !== 'one-side') },
        ways: () => inAllBoxes(boxes.map((one) => sideRoomRemedies(one, mm, context))),
      },
    )
  })
}

/** What a way out does, whichever box it is done in. */
const deedOf = ({ kind, count }: Remedy) => `${kind} ${count ?? ''}`

/** What helps in every one of these boxes, done in all of them at once. */
function inAllBoxes(ofEach: readonly (readonly Remedy[])[]): Remedy[] {
  const [first = [], ...others] = ofEach
  if (others.length === 0) return [...first]
  return first.flatMap((remedy): Remedy[] => {
    const same = others.map((ways) => ways.find((one) => deedOf(one) === deedOf(remedy)))
    if (same.some((one) => one === undefined)) return []
    const all = [remedy, ...same.filter((one) => one !== undefined)]
    const worst = Math.max(...all.map(({ resultMm = 0 }) => resultMm))
    return [
      { ...remedy, edit: { kind: 'batch', edits: all.map(({ edit }) => edit) }, boxes: all.length, resultMm: worst },
    ]
  })
}

/**
 * One more frame where one goes in, a dummy where that leaves no room for another comb, the room shared between both
 * walls where no comb goes in either half. Each with the room that it leaves.
 */
function sideRoomRemedies({ box: { resolved }, across }: FilledBox, mm: number, context: Context): Remedy[] {
  const left = (remedies: Remedy[]) => remedies.map((remedy) => withSideRoom(remedy, resolved, context))
  const dummy = left(addDummy(resolved, context)).filter(
    ({ resultMm = 0 }) => comparableMm(resultMm) <= comparableMm(across.pitchMm),
  )
  const shared =
    across.spacing.slack === 'one-side' &&
    across.spacing.system === 'touching' &&
    comparableMm(mm / 2) <= across.pitchMm
      ? [centreFrames(resolved)]
      : []
  return [...left(addFrames(resolved, context)), ...dummy, ...left(shared)].filter(({ resultMm = 0 }) => resultMm < mm)
}
