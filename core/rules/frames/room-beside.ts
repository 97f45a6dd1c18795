import { about, comparableMm } from '../../units'
import type { Context } from '../context'
import type { Remedy } from '../remedy'
import type { Rule } from '../rule'
import { filledBoxes, type FilledBox } from './filled-box'
import type { JudgedAcrossGap } from './judge-across'
import { addDummy, addFrames, centreFrames, withSideRoom } from './remedies'

/** Room beside the last frame, at either wall; boxes alike are told together. */
export const ROOM_BESIDE: Rule<'bee-space.side', { readonly pitchMm: number; readonly isShared: boolean }> = {
  id: 'bee-space.side',
  of: 'box',
  find: (measured, context) => {
    const alike = new Map<string, { boxes: FilledBox[]; mm: number; severity: 'note' | 'watch' }>()
    for (const filled of filledBoxes(measured, context)) {
      const walls = filled.gaps.filter(isRoomBeside)
      if (walls.length === 0 || filled.across.overlapMm > 0) continue
      const mm = comparableMm(Math.max(...walls.map(({ apartMm }) => apartMm)))
      const severity = walls.some(({ grade }) => grade === 'watch') ? 'watch' : 'note'
      const known = alike.get(`${severity}${mm}`) ?? { boxes: [], mm, severity }
      known.boxes.push(filled)
      alike.set(`${severity}${mm}`, known)
    }
    return [...alike.values()].map(({ boxes, mm, severity }) => {
      const { across } = boxes[0]!
      return {
        severity,
        partIds: boxes.map((one) => one.box.part.id),
        measured: about(mm, across.slackPlusMinusMm),
        band: { minMm: 0, maxMm: context.figures.shoulderToWallMm },
        facts: { pitchMm: across.pitchMm, isShared: boxes.every((one) => one.across.spacing.slack !== 'one-side') },
        ways: () => inAllBoxes(boxes.map((one) => sideRoomRemedies(one, mm, context))),
      }
    })
  },
}

function isRoomBeside({ from, to, verdict }: JudgedAcrossGap): boolean {
  return (verdict === 'fat-comb' || verdict === 'own-comb') && (from === 'wall' || to === 'wall')
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
