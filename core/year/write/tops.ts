import { isAsWanted, need, type PartKind, type Wanted } from '../../parts'
import { type Way, meaningOf } from '../../yard'
import type { Pool } from './pool'
import { keepsWarm } from './stages'
import { type Writing, type PlannedLayer, layer } from './writing'

export function excluderOf(writing: Writing): PlannedLayer {
  const { format, pool, catalogue } = writing
  const wanted = { kind: 'excluder', format } as const
  return layer(writing, pool.take(need(catalogue, { ...wanted, surface: 'rods' }), wanted))
}

/** Crown, winter top, feeder and roof. */
export function tops(writing: Writing): PlannedLayer[] {
  const { stage, way, format, pool, catalogue } = writing
  const get = <K extends PartKind>(wanted: Wanted<K>, will: Wanted<K> = wanted) =>
    pool.take(need(catalogue, { ...wanted, format }), { ...will, format })
  const warm = keepsWarm(stage)
  const feeder = way.feeds && meaningOf(stage).feederStands ? get({ kind: 'feeder', feederForm: 'tray' }) : undefined
  // A screen with anything on it is no air: the roof is carried apart.
  if (meaningOf(stage).isOnTheRoad) return [layer(writing, get({ kind: 'crown', use: 'travel' }))]
  const crown = way.winterParts?.crown
    ? pool.take(...chosen(writing, { kind: 'crown', format, use: 'cover' }, 'crown'))
    : pool.take(
        need(catalogue, { kind: 'crown', format, use: 'cover' }),
        { kind: 'crown', format },
        (_, pattern) => pattern?.surface !== 'mesh',
      )
  const hole = !warm ? undefined : HOLE_IN_WINTER[way.winterTop]
  const set = hole && crown.hole && crown.hole !== hole ? { ...crown, hole } : crown
  const top =
    !warm || way.winterTop === 'bare'
      ? []
      : [
          layer(
            writing,
            way.winterTop === 'absorbing'
              ? get({ kind: 'absorber' })
              : pool.take(...chosen(writing, { kind: 'slab', format }, 'slab')),
          ),
        ]
  const vent = warm && way.winterTop === 'vented' ? [layer(writing, get({ kind: 'eke', use: 'vent' }))] : []
  const roof = get({ kind: 'roof', roofForm: 'telescoping' }, { kind: 'roof' })
  return [...(feeder ? [layer(writing, feeder)] : []), layer(writing, set), ...vent, ...top, layer(writing, roof)]
}

/**
 * A part of a kind: the one as made that the way names, and nothing else, where the catalogue has it; else any.
 */
export function chosen<K extends PartKind>(
  { way, catalogue }: Pick<Writing, 'way' | 'catalogue'>,
  wanted: Wanted<K>,
  what: keyof NonNullable<Way['winterParts']>,
): Parameters<Pool['take']> {
  const named = catalogue.patterns.get(way.winterParts?.[what] ?? '')
  return isAsWanted(named, wanted) ? [named] : [need(catalogue, wanted), wanted]
}

/** The hole of the crown by the winter top: shut where it is to hold the warmth, open where damp is to go up. */
const HOLE_IN_WINTER: Readonly<Partial<Record<Way['winterTop'], 'open' | 'closed'>>> = {
  condensing: 'closed',
  absorbing: 'open',
  vented: 'open',
}
