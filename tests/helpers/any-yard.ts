import fc from 'fast-check'
import {
  CATALOGUE,
  DIMENSION_NAMES,
  HANGING_DIMENSIONS,
  HANGING_KINDS,
  PART_KINDS,
  sizeLimitOf,
  type DimensionName,
  BEE_SPACES,
  SPACED_BY,
  USES,
  type HangingDimension,
  type Pattern,
  type HangingPattern,
  BOX_SIZES,
  SLACK_PLACES,
  ABSORBER_FEATURES,
  ATTACHMENT_PLACES,
  COMB_HOLDS,
  COMB_STARTS,
  COMB_SUPPORTS,
  CONDITIONS,
  EDGES,
  ROLES,
  SPACING_SYSTEMS,
  HALVES,
  PARTLY,
  type Content,
  type Part,
} from '#core/parts'
import { FIGURE_NAMES, figureLimits, ownFigure } from '#core/figures'
import type { Length } from '#core/units'
import {
  BAND_PRESETS,
  BROOD_FORMS,
  CLIMATES,
  CROP_WAYS,
  EXCLUDER_PLACES,
  FLOOR_WAYS,
  STAGES,
  SUPER_STARTS,
  WINTER_SIZES,
  WINTER_DOORS,
  WINTER_TOPS,
  WRAPS,
  YAWS_DEG,
  TRAVEL_TASKS,
  type Hive,
  type Placement,
  type Yard,
} from '#core/yard'

const shipped = [...CATALOGUE.patterns.keys()]
const hanging = [...CATALOGUE.hanging.keys()]
const OWN = ['own-a', 'own-b']
const OWN_HUNG = ['hung-a']
const maybe = <T>(key: string, value: fc.Arbitrary<T>) =>
  fc.option(value, { nil: undefined }).map((one) => (one === undefined ? {} : { [key]: one }))
const merged = (...list: readonly fc.Arbitrary<object>[]) =>
  fc.tuple(...list).map((all) => Object.assign({}, ...all) as Record<string, unknown>)
const ANY_LENGTH: Length = { mm: 0, plusMinusMm: 0, source: { mark: 'own', text: 'any' } }
/** A size of this name, as far as there can be one, its ends among them. */
const lengthOf = (name: DimensionName | HangingDimension): fc.Arbitrary<Length> => {
  const { leastMm, mostMm } = sizeLimitOf(name)!
  const whole = { min: Math.max(Math.ceil(leastMm), -20), max: Math.min(Math.floor(mostMm), 700) }
  return fc
    .tuple(
      fc.oneof(fc.integer(whole), fc.constantFrom(leastMm, mostMm)),
      fc.constantFrom(0, 0.5, 100),
      maybe('otherMm', fc.oneof(fc.integer(whole), fc.constantFrom(leastMm, mostMm))),
      maybe('inches', fc.constantFrom('7 7/8', '1/4')),
    )
    .map(([mm, plusMinusMm, ...rest]) => Object.assign({ ...ANY_LENGTH, mm, plusMinusMm }, ...rest))
}
const loan = merged(
  fc.record({ name: fc.constantFrom('the club', 'Kiln Bank'), since: fc.constant('2026-04-01') }),
  maybe('backBy', fc.constant('2026-09-01')),
  maybe('yardId', fc.constant('kiln-bank')),
)
const reading = (id: string) =>
  fc
    .constantFrom(...DIMENSION_NAMES)
    .chain((dimension) => fc.tuple(fc.constant(dimension), lengthOf(dimension)))
    .map(([dimension, { source, ...size }]) => ({
      id,
      dimension,
      ...size,
      text: source.text,
      at: '2026-05-01T10:00:00Z',
    }))
const monthDay = fc
  .tuple(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 28 }))
  .map(([m, d]) => `${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`)
const label = fc.constantFrom(
  { british: 'own thing', northAmerican: 'own thing' },
  { british: '<b>', northAmerican: '𝔘' },
)

const ownPattern = (id: string): fc.Arbitrary<Pattern> =>
  merged(
    fc.record({
      id: fc.constant(id),
      kind: fc.constantFrom(...PART_KINDS),
      label,
      format: fc.constantFrom('national', 'langstroth-10', 'any', 'no-such-format', 'toString'),
      material: fc.constantFrom('wood', 'metal', 'polystyrene', 'foam', 'masonry', 'plastic'),
    }),
    fc
      .subarray([...DIMENSION_NAMES])
      .chain((names) =>
        fc
          .tuple(...names.map(lengthOf))
          .map((lengths) => ({ dimensions: Object.fromEntries(names.map((name, i) => [name, lengths[i]])) })),
      ),
    maybe('surface', fc.constantFrom('solid', 'mesh', 'sheet', 'rods')),
    maybe('rimSide', fc.constantFrom('above', 'below', 'both', 'none')),
    maybe('reversible', fc.boolean()),
    maybe('usualRole', fc.constantFrom('brood', 'super')),
    maybe('roofForm', fc.constantFrom('telescoping', 'flush', 'gabled')),
    maybe('feederForm', fc.constantFrom('tray', 'rapid')),
    maybe('slots', fc.constantFrom('upper', 'upper-and-lower')),
    maybe('halves', fc.boolean()),
    maybe('sections', fc.boolean()),
    maybe('twinId', fc.constantFrom('box-national-brood', 'nothing')),
    maybe(
      'normalContents',
      merged(
        fc.record({ framePatternId: fc.constantFrom(...hanging, 'nothing'), count: fc.integer({ min: 1, max: 40 }) }),
        maybe('dummyPatternId', fc.constantFrom(...hanging, 'nothing')),
        maybe('slack', fc.constantFrom(...SLACK_PLACES)),
      ),
    ),
    maybe(
      'mass',
      fc.record({
        kg: fc.constantFrom(0, 500),
        plusMinusKg: fc.constant(0),
        source: fc.constant({ mark: 'own', text: '' }),
      }),
    ),
    maybe('ratingKg', fc.constantFrom(0, 5000)),
    maybe('rValue', fc.constantFrom(0.01, 5.6)),
    maybe('size', fc.constantFrom(...BOX_SIZES)),
    maybe('space', fc.constantFrom(...BEE_SPACES)),
    maybe('use', fc.constantFrom(...USES)),
    maybe('cleanComb', fc.boolean()),
    maybe('own', fc.constant(true)),
  ).map((pattern) => pattern as unknown as Pattern)

const ownHanging = (id: string): fc.Arbitrary<HangingPattern> =>
  merged(
    fc.record({
      id: fc.constant(id),
      kind: fc.constantFrom(...HANGING_KINDS),
      label,
      mass: fc.constant({ kg: 0.3, plusMinusKg: 0, source: { mark: 'own', text: '' } }),
    }),
    fc
      .tuple(...HANGING_DIMENSIONS.map(lengthOf))
      .map((lengths) => Object.fromEntries(HANGING_DIMENSIONS.map((name, i) => [name, lengths[i]]))),
    maybe('thickness', lengthOf('thickness')),
    maybe('cleanComb', fc.boolean()),
    maybe('own', fc.constant(true)),
    maybe('spacedBy', fc.constantFrom(...SPACED_BY)),
    maybe('litres', fc.constantFrom(0, 2.5, 30)),
  ).map((pattern) => pattern as unknown as HangingPattern)

const content = merged(
  fc.record({ patternId: fc.constantFrom(...hanging, ...OWN_HUNG, 'nothing'), place: fc.integer({ min: 0, max: 20 }) }),
  maybe('comb', fc.constantFrom(...COMB_STARTS)),
  maybe('support', fc.constantFrom(...COMB_SUPPORTS)),
  maybe('holds', fc.constantFrom(...COMB_HOLDS)),
  maybe('stores', fc.constantFrom(...PARTLY)),
  maybe('half', fc.constantFrom(...HALVES)),
  maybe('turned', fc.boolean()),
  maybe('hasHeld', fc.subarray(['honey', 'brood'])),
  maybe('atMm', fc.integer({ min: -1500, max: 1500 })),
)
const part = merged(
  fc.record({
    patternId: fc.oneof(
      { weight: 5, arbitrary: fc.constantFrom(...shipped) },
      { weight: 2, arbitrary: fc.constantFrom(...OWN, 'nothing') },
    ),
    contents: fc.array(content, { maxLength: 13 }),
    hasHeld: fc.subarray(['honey', 'brood']),
  }),
  maybe(
    'spacing',
    merged(
      fc.record({ system: fc.constantFrom(...SPACING_SYSTEMS), slack: fc.constantFrom(...SLACK_PLACES) }),
      maybe('count', fc.integer({ min: 1, max: 40 })),
      maybe('tightTo', fc.constantFrom('near', 'far')),
    ),
  ),
  maybe(
    'measured',
    fc
      .subarray([...DIMENSION_NAMES], { maxLength: 3 })
      .chain((names) =>
        fc
          .tuple(...names.map(lengthOf))
          .map((lengths) => Object.fromEntries(names.map((name, i) => [name, lengths[i]]))),
      ),
  ),
  maybe('hole', fc.constantFrom('open', 'closed')),
  maybe('condition', fc.constantFrom(...CONDITIONS)),
  maybe('lacks', fc.subarray([...ABSORBER_FEATURES])),
  maybe('name', fc.constantFrom('old box', 'Großmutters')),
  maybe('borrowed', loan),
  maybe('readings', fc.tuple(reading('r0'), reading('r1'))),
)
const how = merged(
  fc.record({
    turnedOver: fc.boolean(),
    yawDeg: fc.constantFrom(...YAWS_DEG),
    offsetMm: fc.record({ x: fc.constantFrom(0, 0, 40, -600), y: fc.constantFrom(0, 0, 600) }),
  }),
  maybe('role', fc.constantFrom(...ROLES)),
  maybe('offBy', fc.constant('2026-09-20')),
)
const way = merged(
  maybe('broodForm', fc.constantFrom(...BROOD_FORMS)),
  maybe('excluder', fc.constantFrom(...EXCLUDER_PLACES)),
  maybe('supers', fc.integer({ min: 0, max: 8 })),
  maybe('superSize', fc.constantFrom(...BOX_SIZES)),
  maybe('framesLess', fc.integer({ min: 0, max: 2 })),
  maybe('superStart', fc.constantFrom(...SUPER_STARTS)),
  maybe('floor', fc.constantFrom(...FLOOR_WAYS)),
  maybe('winterTop', fc.constantFrom(...WINTER_TOPS)),
  maybe('winterSize', fc.constantFrom(...WINTER_SIZES)),
  maybe('wrap', fc.constantFrom(...WRAPS)),
  maybe('winterDoor', fc.constantFrom(...WINTER_DOORS)),
  maybe(
    'winterParts',
    merged(
      maybe('slab', fc.constantFrom('own-a', 'slab-national', 'nothing')),
      maybe('wrap', fc.constantFrom('own-b', 'nothing')),
      maybe('crown', fc.constantFrom('own-b', 'crown-film-national')),
    ),
  ),
  maybe('crops', fc.constantFrom(...CROP_WAYS)),
  maybe('feeds', fc.boolean()),
)
const calendar = merged(
  fc.record({
    climate: fc.constantFrom(...CLIMATES),
    firstPollen: monthDay,
    flowStart: monthDay,
    flowEnd: monthDay,
    firstFrost: fc.option(monthDay),
    lastFrost: fc.option(monthDay),
  }),
  maybe('secondFlow', fc.record({ start: monthDay, end: monthDay })),
  maybe(
    'moved',
    fc
      .subarray([...STAGES])
      .chain((stages) =>
        fc
          .tuple(...stages.map(() => monthDay))
          .map((days) => Object.fromEntries(stages.map((stage, i) => [stage, days[i]]))),
      ),
  ),
)
const yardSeason = merged(
  maybe('calendar', calendar),
  maybe('way', way),
  maybe('winterMeansCelsius', fc.array(fc.integer({ min: -40, max: 40 }), { minLength: 6, maxLength: 6 })),
)

/** A yard of any kind that the schema takes, small enough to be gone through. */
export const anyYard: fc.Arbitrary<Yard> = fc
  .record({
    parts: fc.array(part, { minLength: 1, maxLength: 14 }),
    hows: fc.array(how, { minLength: 14, maxLength: 14 }),
    where: fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 14, maxLength: 14 }),
    stage: fc.constantFrom(...STAGES),
    band: fc.constantFrom(...BAND_PRESETS),
    season: yardSeason,
    hiveWay: way,
    planned: fc.array(fc.tuple(fc.nat(14), fc.nat(200)), { maxLength: 12 }),
    plannedStage: fc.constantFrom(...STAGES),
    moving: fc.array(fc.tuple(fc.nat(14), fc.constantFrom('hive', 'van', 1, 2), fc.constantFrom('hive', 'van', 1, 3)), {
      maxLength: 5,
    }),
    patterns: fc.tuple(ownPattern('own-a'), ownPattern('own-b')),
    hung: ownHanging('hung-a'),
    overrides: fc.array(
      fc
        .constantFrom(...DIMENSION_NAMES)
        .chain((name) => fc.tuple(fc.constantFrom(...shipped), fc.constant(name), lengthOf(name))),
      {
        maxLength: 3,
      },
    ),
    figures: fc.subarray(FIGURE_NAMES, { maxLength: 2 }),
    lent: fc.array(fc.option(loan, { nil: undefined }), { minLength: 14, maxLength: 14 }),
    winterBeesKg: maybe('winterBeesKg', fc.constantFrom(0.05, 1.4, 10)),
    accepted: fc.array(
      fc.record({
        findingKey: fc.constant('k'),
        measuredMm: fc.constantFrom(null, 6.35),
        reason: fc.constant('known'),
      }),
      { maxLength: 1 },
    ),
    task: fc.constantFrom(...TRAVEL_TASKS),
    has: fc.record({
      patterns: fc.boolean(),
      byHand: fc.boolean(),
      visit: fc.boolean(),
      round: fc.boolean(),
      leftOut: fc.boolean(),
    }),
    places: fc.array(fc.constantFrom(...ATTACHMENT_PLACES), { minLength: 14, maxLength: 14 }),
    edge: fc.constantFrom(...EDGES),
  })
  .map((made) => {
    const parts = made.parts.map(
      (one, i) =>
        ({
          ...one,
          id: `p${i}`,
          ...(made.where[i] === 4 && made.lent[i] ? { lent: made.lent[i] } : {}),
          contents: (one.contents as object[]).map((each, n) => ({ ...each, id: `p${i}/${n}` }) as unknown as Content),
        }) as unknown as Part,
    )
    const placed = (at: number): Placement[] =>
      parts.flatMap(({ id }, i) =>
        made.where[i] === at ? [{ ...made.hows[i], partId: id } as unknown as Placement] : [],
      )
    const layers = made.planned.map(([i, n]) => ({
      placement: {
        ...made.hows[i % 14],
        partId: n % 3 === 0 ? `want:${shipped[n % shipped.length]}/0` : `p${i % 16}`,
      } as unknown as Placement,
      patternId: n % 5 === 0 ? 'own-a' : shipped[n % shipped.length]!,
      ...(n % 4 === 0 ? { hole: n % 8 === 0 ? ('open' as const) : ('closed' as const) } : {}),
    }))
    const stack = placed(0)
    const round = made.has.round ? { round: stack.map(({ partId }) => partId) } : {}
    const first: Hive = {
      id: 'h0',
      name: 'Twill',
      stage: made.stage,
      note: '',
      stack,
      attachments: parts.flatMap(({ id }, i) =>
        made.where[i] === 2 ? [{ partId: id, place: made.places[i]!, edge: made.edge, ...round }] : [],
      ),
      accepted: made.accepted,
      season: {
        way: made.hiveWay,
        ...made.winterBeesKg,
        ...(made.has.byHand
          ? {
              byHand: {
                [made.plannedStage]: {
                  layers,
                  attachments: layers.slice(0, 2).map(({ placement, patternId }) => ({
                    partId: placement.partId,
                    place: made.places[0]!,
                    edge: made.edge,
                    ...round,
                    patternId,
                  })),
                  writtenFrom: 'x',
                },
              },
            }
          : {}),
      },
      ...(made.has.visit
        ? {
            visit: {
              id: 'v',
              toStage: made.plannedStage,
              startedOn: '2026-10-01',
              done: 0,
              steps: made.moving.map(([i, from, to]) => ({
                partId: `p${i}`,
                patternId: shipped[i]!,
                from,
                to,
                kg: 4,
                turned: false,
                ...(from === 'van' ? { part: { id: `p${i}`, patternId: shipped[i]!, contents: [], hasHeld: [] } } : {}),
                ...(i % 5 === 0 ? { attachment: { partId: `p${i}`, place: made.places[0]!, edge: made.edge } } : {}),
                ...(i % 3 === 0 ? { sortInto: stack.map(({ partId }) => partId) } : {}),
                ...(i % 7 === 0 ? { task: made.task } : {}),
                ...(to === 'hive'
                  ? { placement: { ...made.hows[i % 14], partId: `p${i}` } as unknown as Placement }
                  : {}),
              })),
              ...(made.has.leftOut ? { leftOut: ['p0'] } : {}),
            },
          }
        : {}),
    } as Hive
    const own = made.overrides.map(([id, name, one]) => [`${id}.${name}`, one] as const)
    const overrides = [...new Map<string, Length>(own)].map(([key, length]) => ({ key, length }))
    return {
      id: 'yard',
      name: 'Any',
      note: '',
      band: made.band,
      prolific: false,
      season: made.season,
      overrides,
      figures: made.figures.map((name) => ownFigure(name, figureLimits(name).least * 120)),
      patterns: made.has.patterns ? made.patterns : [],
      hanging: made.has.patterns ? [made.hung] : [],
      hives: [
        first,
        { id: 'h1', name: 'Serge', stage: 'flow', note: '', stack: placed(1), attachments: [], accepted: [] },
      ],
      parts,
    } as Yard
  })
