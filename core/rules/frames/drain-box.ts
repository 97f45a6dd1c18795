import type { FilledBox } from './filled-box'

/** Wide bars that hold clean comb: frames that open and drain where they hang. */
export function isDrainBox({ across }: Pick<FilledBox, 'across'>): boolean {
  return across.places.some(({ pattern }) => pattern.cleanComb && pattern.spacedBy === 'wide-bars')
}

/** How far apart frames stand that are to touch, mm. */
export function drainApartMm({ across, gaps }: FilledBox): number {
  const widthOf = new Map(across.places.map(({ content, pattern }) => [content.id, pattern.spacing.mm]))
  return gaps.reduce((most, { fromId, toId, pitchMm, emptyPlaces }) => {
    const touchingMm = ((widthOf.get(fromId ?? '') ?? 0) + (widthOf.get(toId ?? '') ?? 0)) / 2
    return pitchMm === 0 ? most : Math.max(most, pitchMm - touchingMm, emptyPlaces * touchingMm)
  }, 0)
}
