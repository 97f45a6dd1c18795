import { meaningOf } from '../../yard'
import {
  type HangingPattern,
  combsAcross,
  isFrame,
  type HungComb,
  isFoundationless,
  isUndrawn,
  type Content,
} from '../../parts'
import { comparableMm, about, exact } from '../../units'
import type { Context, MeasuredHive } from '../context'
import { bySeverity, fullCount } from '../../stack'
import { findingOf, type Finding } from '../finding'
import { filledBoxes, type FilledBox } from './filled-box'
import type { JudgedAcrossGap } from './judge-across'
import { alternate, pushTogether, touchOneSide, wireFrames } from './remedies'

/**
 * What the bees will make of the frames: comb that is not drawn yet, frames without foundation, empty places, gaps
 * between combs.
 */
export function checkComb(measured: MeasuredHive, context: Context): Finding[] {
  const findings: Finding[] = []
  for (const filled of filledBoxes(measured, context)) {
    if (filled.across.overlapMm > 0) continue
    if (filled.box.part.contents.some(isUndrawn))
      findings.push(...undrawnWide(filled), ...foundationlessPair(filled, context), ...unsupported(filled, context))
    if (filled.gaps.some(isBad)) findings.push(...emptyPlaces(filled, context), ...combGap(filled))
  }
  return findings
}

/** Worth a second look: the ordinary box has none of these. */
function isBad({ verdict }: JudgedAcrossGap): boolean {
  return (
    verdict !== 'passage' &&
    verdict !== 'at-wall' &&
    verdict !== 'touches-wall' &&
    verdict !== 'board' &&
    verdict !== 'fat-comb' &&
    verdict !== 'to-draw'
  )
}

function contentOf({ box }: FilledBox, { contentId }: HungComb): Content {
  return box.part.contents.find(({ id }) => id === contentId)!
}

/** Foundation is drawn at full count; only drawn comb is spread. */
function undrawnWide(filled: FilledBox): Finding[] {
  const { box, across, use, drawnAtMm } = filled
  const undrawn = combsAcross(across, use).filter((comb) => isUndrawn(contentOf(filled, comb)))
  const wide = undrawn.filter(({ pitchMm }) => comparableMm(pitchMm) > comparableMm(drawnAtMm))
  if (wide.length === 0) return []
  const madeSo = wide.every(
    ({ pattern, pitchMm }) =>
      pattern.spacedBy === 'wide-bars' && comparableMm(pitchMm) <= comparableMm(pattern.spacing.mm),
  )
  const frames = across.places.filter(isFrame).length
  return [
    findingOf('frames.undrawn-wide', madeSo ? 'note' : 'mend', [box.part.id], {
      measured: exact(Math.max(...wide.map(({ pitchMm }) => pitchMm))),
      band: { minMm: 0, maxMm: drawnAtMm },
      facts: { undrawn: wide.length, frames, full: fullCount(box.resolved), whole: undrawn.length === frames },
      ways: () => (madeSo ? [] : [touchOneSide(box.resolved)]),
    }),
  ]
}

/** Bees follow the comb beside them; with none there they cross from one frame into the other. */
function foundationlessPair(filled: FilledBox, context: Context): Finding[] {
  const { box, across, gaps } = filled
  const byId = new Map(box.part.contents.map((content) => [content.id, content]))
  const pairs = gaps.filter(
    ({ fromId, toId }) => fromId && toId && isFoundationless(byId.get(fromId)!) && isFoundationless(byId.get(toId)!),
  )
  if (pairs.length === 0) return []
  const frames = across.places.filter(isFrame)
  const bare = frames.filter(({ content }) => isFoundationless(content)).length
  // A whole box of them, none too tall for its support, is a school of its own.
  const school = bare === frames.length && frames.every(({ content, pattern }) => isHeld(content, pattern, context))
  return [
    findingOf('frames.foundationless-pair', school ? 'note' : 'mend', [box.part.id], {
      facts: { pairs: pairs.length, bare, school },
      ways: () => (school ? [] : alternate(box.resolved, context)),
    }),
  ]
}

/** Comb that is low enough to hold itself, or has a mid-bar or wires. */
function isHeld(content: Content, pattern: HangingPattern, { figures }: Context): boolean {
  return pattern.height.mm <= figures.unsupportedComb || (content.support ?? 'none') !== 'none'
}

function unsupported({ box, across }: FilledBox, context: Context): Finding[] {
  const { figures } = context
  const tall = across.places.filter(
    ({ content, pattern }) => isFoundationless(content) && !isHeld(content, pattern, context),
  )
  if (tall.length === 0) return []
  const said = tall.some(({ content }) => content.support === 'none')
  const mm = Math.max(...tall.map(({ pattern }) => pattern.height.mm))
  return [
    findingOf('frames.foundationless-unsupported', 'watch', [box.part.id], {
      measured: exact(mm),
      band: { minMm: 0, maxMm: figures.unsupportedComb },
      facts: { frames: tall.length, said },
      ways: () => [wireFrames(box.resolved, new Set(tall.map(({ content }) => content.id)))],
    }),
  ]
}

function emptyPlaces({ box, gaps }: FilledBox, { stage }: Context): Finding[] {
  const empty = gaps.reduce((sum, gap) => sum + gap.emptyPlaces, 0)
  if (empty === 0) return []
  return [
    findingOf('frames.empty-place', meaningOf(stage).buildsComb ? 'mend' : 'watch', [box.part.id], {
      facts: { places: empty, building: meaningOf(stage).buildsComb },
      ways: () => [pushTogether(box.resolved)],
    }),
  ]
}

/** The worst gap between two combs, or between a comb and a board, that bees will not keep as a passage. */
function combGap({ box, gaps, use }: FilledBox): Finding[] {
  const bad = gaps.filter(
    ({ verdict, from, to }) =>
      from !== 'wall' &&
      to !== 'wall' &&
      (verdict === 'glued' || verdict === 'squeezed' || verdict === 'bridged' || verdict === 'own-comb'),
  )
  const worst = bad.sort((a, b) => bySeverity({ severity: a.grade }, { severity: b.grade }) || b.mm - a.mm)[0]
  if (!worst || worst.grade === 'good') return []
  return [
    findingOf('frames.comb-gap', worst.grade, [box.part.id], {
      measured: about(worst.mm, worst.plusMinusMm),
      band: worst.band,
      facts: {
        verdict: worst.verdict,
        gaps: bad.length,
        brood: use === 'brood',
        board: worst.from === 'board' || worst.to === 'board',
      },
    }),
  ]
}
