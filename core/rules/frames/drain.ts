import { comparableMm, exact } from '../../units'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding } from '../finding'
import { filledBoxes, type FilledBox } from './filled-box'
import { centreFrames } from './remedies'

/** Frames that drain in place are pushed together and centred, above the brood. */
export function checkDrainFrames(measured: MeasuredHive, context: Context): Finding[] {
  return filledBoxes(measured, context).flatMap((filled) =>
    isDrainBox(filled) && filled.across.overlapMm === 0 ? [...inBrood(filled), ...hungWell(filled, context)] : [],
  )
}

/** Wide bars that hold clean comb: frames that open and drain where they hang. */
export function isDrainBox({ across }: Pick<FilledBox, 'across'>): boolean {
  return across.places.some(({ pattern }) => pattern.cleanComb && pattern.spacedBy === 'wide-bars')
}

function inBrood({ box }: FilledBox): Finding[] {
  return box.placement.role === 'brood' ? [findingOf('frames.drain-in-brood', 'mend', [box.part.id])] : []
}

function hungWell({ box, across, gaps }: FilledBox, { figures }: Context): Finding[] {
  const widthOf = new Map(across.places.map(({ content, pattern }) => [content.id, pattern.spacing.mm]))
  const apart = gaps.reduce((most, { fromId, toId, pitchMm, emptyPlaces }) => {
    const touchingMm = ((widthOf.get(fromId ?? '') ?? 0) + (widthOf.get(toId ?? '') ?? 0)) / 2
    return pitchMm === 0 ? most : Math.max(most, pitchMm - touchingMm, emptyPlaces * touchingMm)
  }, 0)
  if (comparableMm(apart) > 0)
    return [
      findingOf('frames.drain-loose', 'mend', [box.part.id], {
        measured: exact(apart),
        band: { minMm: 0, maxMm: 0 },
        ways: () => [centreFrames(box.resolved)],
      }),
    ]
  const [near, far] = [gaps[0]?.apartMm ?? 0, gaps.at(-1)?.apartMm ?? 0]
  if (comparableMm(Math.abs(near - far)) <= figures.drainOffCentre) return []
  return [
    findingOf('frames.drain-off-centre', 'watch', [box.part.id], {
      measured: exact(Math.max(near, far)),
      band: { minMm: 0, maxMm: (near + far + figures.drainOffCentre) / 2 },
      facts: { playMm: near + far },
      ways: () => [{ ...centreFrames(box.resolved), resultMm: (near + far) / 2 }],
    }),
  ]
}
