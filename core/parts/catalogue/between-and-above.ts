import { FORMATS, HIVE_FORMATS, outsideOf, type Format } from './formats'
import type { Pattern } from './pattern'
import type { Length } from '../../units'
import { COMMON, FLUSH, MEMORY, RIM_WIDTH, inches, label, massFromMemory, mm } from './sourced'

/** What the parts of a format have in common: the ring of its boxes, the side of their rims. */
function commonOf(format: Format) {
  const { short, material, nesting, space } = HIVE_FORMATS[format]
  // Where bee space is below the frames, rims are drawn below too.
  const isBottom = space === 'below'
  return {
    short,
    base: { format, material } as const,
    outside: outsideOf(format),
    lips: nesting ? { nesting } : {},
    rimSide: isBottom ? 'below' : 'above',
    crownRim: mm(isBottom ? 7 : 9.5, MEMORY),
  } as const
}

/** Excluders of a format. */
function excludersOf(format: Format): Pattern[] {
  const { short, base, outside, lips, rimSide } = commonOf(format)
  return [
    {
      ...base,
      id: `excluder-sheet-${short}`,
      kind: 'excluder',
      surface: 'sheet',
      material: 'metal',
      mass: massFromMemory(0.4),
      label: label('bare-sheet excluder', 'bare-sheet queen excluder'),
      dimensions: { ...outside, depth: mm(1, COMMON), upperRecess: FLUSH, lowerRecess: FLUSH },
    },
    {
      ...base,
      id: `excluder-framed-${short}`,
      kind: 'excluder',
      surface: 'rods',
      rimSide,
      mass: massFromMemory(1.5),
      label: label('framed excluder', 'framed queen excluder'),
      dimensions: { ...outside, ...lips, boardThickness: mm(5, MEMORY), rimDepth: mm(7, MEMORY), rimWidth: RIM_WIDTH },
    },
  ]
}

/** What goes between boxes and gives room. */
function ekesOf(format: Format): Pattern[] {
  const { short, base, outside, lips } = commonOf(format)
  return [
    {
      ...base,
      id: `eke-${short}`,
      kind: 'eke',
      use: 'food',
      mass: massFromMemory(0.6),
      label: label('eke', 'shim'),
      dimensions: { ...outside, ...lips, depth: mm(76, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base,
      id: `eke-shallow-${short}`,
      kind: 'eke',
      use: 'food',
      mass: massFromMemory(0.4),
      label: label('shallow eke', 'shallow shim'),
      dimensions: { ...outside, ...lips, depth: mm(50, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base,
      id: `vent-rim-${short}`,
      kind: 'eke',
      use: 'vent',
      mass: massFromMemory(0.3),
      label: label('vent rim', 'vent shim'),
      dimensions: {
        ...outside,
        ...lips,
        depth: mm(25, MEMORY),
        rimWidth: RIM_WIDTH,
        openingHeight: inches('5/8', COMMON),
        openingWidth: mm(60, MEMORY),
      },
    },
    {
      ...base,
      id: `battens-${short}`,
      kind: 'eke',
      use: 'battens',
      mass: massFromMemory(0.4),
      label: label('battens for the road', 'spacer strips for the road'),
      dimensions: { ...outside, ...lips, depth: mm(25, MEMORY), rimWidth: RIM_WIDTH },
    },
  ]
}

/** What gives food over the bees. */
function feedersOf(format: Format): Pattern[] {
  const { short, base, outside, lips } = commonOf(format)
  return [
    {
      ...base,
      id: `feeder-tray-${short}`,
      kind: 'feeder',
      feederForm: 'tray',
      mass: massFromMemory(2),
      label: label('tray feeder', 'top feeder'),
      dimensions: {
        ...outside,
        ...lips,
        depth: mm(100, MEMORY),
        lowerRecess: mm(7, MEMORY),
        upperRecess: FLUSH,
        rimWidth: RIM_WIDTH,
      },
    },
  ]
}

/** Crowns. */
function coversOf(format: Format): Pattern[] {
  const { short, base, outside, lips, rimSide, crownRim } = commonOf(format)
  return [
    {
      ...base,
      id: `crown-${short}`,
      kind: 'crown',
      use: 'cover',
      rimSide,
      mass: massFromMemory(1.2),
      label: label('crown board', 'inner cover'),
      dimensions: {
        ...outside,
        ...lips,
        boardThickness: mm(9, MEMORY),
        rimDepth: crownRim,
        rimWidth: RIM_WIDTH,
        holeLength: mm(95, MEMORY),
        holeWidth: mm(32, MEMORY),
      },
    },
    {
      ...base,
      id: `crown-acrylic-${short}`,
      kind: 'crown',
      use: 'cover',
      material: 'plastic',
      rimSide,
      mass: massFromMemory(1.5),
      label: label('acrylic crown', 'acrylic inner cover'),
      dimensions: { ...outside, ...lips, boardThickness: mm(4, MEMORY), rimDepth: crownRim, rimWidth: RIM_WIDTH },
    },
    {
      ...base,
      id: `crown-film-${short}`,
      kind: 'crown',
      use: 'cover',
      material: 'plastic',
      rimSide: 'none',
      mass: massFromMemory(0.1),
      label: label('film in place of a crown', 'film in place of an inner cover'),
      dimensions: { ...outside, ...lips, boardThickness: mm(0.2, COMMON), rimDepth: FLUSH, rimWidth: FLUSH },
    },
    {
      ...base,
      id: `travel-screen-${short}`,
      kind: 'crown',
      use: 'travel',
      surface: 'mesh',
      rimSide,
      mass: massFromMemory(1),
      label: label('travel screen for the top', 'screened inner cover'),
      dimensions: { ...outside, ...lips, boardThickness: mm(9, MEMORY), rimDepth: crownRim, rimWidth: RIM_WIDTH },
    },
  ]
}

/** What keeps the warmth above the crown. */
function winterTopsOf(format: Format): Pattern[] {
  const { short, base, outside, lips } = commonOf(format)
  return [
    {
      ...base,
      id: `absorber-${short}`,
      kind: 'absorber',
      mass: massFromMemory(2.5),
      label: label('quilt', 'moisture quilt'),
      dimensions: {
        ...outside,
        ...lips,
        depth: mm(90, MEMORY),
        lowerRecess: FLUSH,
        upperRecess: mm(40, MEMORY),
        fillDepth: mm(50, MEMORY),
        rimWidth: RIM_WIDTH,
      },
    },
    {
      ...base,
      id: `slab-${short}`,
      kind: 'slab',
      material: 'foam',
      mass: massFromMemory(0.3),
      label: label('insulation slab', 'insulation board'),
      dimensions: { ...outside, ...lips, depth: mm(50, MEMORY), lowerRecess: FLUSH, upperRecess: FLUSH },
    },
    {
      ...base,
      id: `slab-box-${short}`,
      kind: 'slab',
      material: 'foam',
      mass: massFromMemory(3),
      label: label('empty box filled with insulation'),
      dimensions: {
        ...outside,
        ...lips,
        depth: mm(150, MEMORY),
        lowerRecess: FLUSH,
        upperRecess: FLUSH,
        rimWidth: RIM_WIDTH,
      },
    },
  ]
}

/** Roofs of a format. */
function roofsOf(format: Format): Pattern[] {
  const { short, base, outside, lips } = commonOf(format)
  const plusFourteen = (length: Length) => mm(length.mm + 14, MEMORY)
  const roofInside = {
    insideLength: plusFourteen(outside.outsideLength),
    insideWidth: plusFourteen(outside.outsideWidth),
  }
  return [
    {
      ...base,
      id: `roof-telescoping-${short}`,
      kind: 'roof',
      roofForm: 'telescoping',
      mass: massFromMemory(3.5),
      label: label('deep roof', 'telescoping cover'),
      dimensions: {
        ...roofInside,
        deckThickness: mm(20, MEMORY),
        skirtDepth: mm(90, MEMORY),
        lowerRecess: FLUSH,
        rimWidth: mm(12, MEMORY),
      },
    },
    {
      ...base,
      id: `roof-flush-${short}`,
      kind: 'roof',
      roofForm: 'flush',
      mass: massFromMemory(2),
      label: label('flush roof', 'migratory cover'),
      dimensions: { ...outside, ...lips, deckThickness: mm(20, MEMORY), lowerRecess: FLUSH },
    },
    {
      ...base,
      id: `roof-flush-risers-${short}`,
      kind: 'roof',
      roofForm: 'flush',
      mass: massFromMemory(2.2),
      label: label('flush roof on risers', 'migratory cover on risers'),
      dimensions: { ...outside, deckThickness: mm(20, MEMORY), lowerRecess: mm(9.5, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base,
      id: `roof-gabled-${short}`,
      kind: 'roof',
      roofForm: 'gabled',
      mass: massFromMemory(5),
      label: label('gabled roof', 'gabled outer cover'),
      dimensions: {
        ...roofInside,
        deckThickness: mm(12, MEMORY),
        skirtDepth: mm(90, MEMORY),
        gableHeight: mm(80, MEMORY),
        lowerRecess: FLUSH,
        rimWidth: mm(12, MEMORY),
      },
    },
  ]
}

function forFormat(format: Format): Pattern[] {
  return [excludersOf, ekesOf, feedersOf, coversOf, winterTopsOf, roofsOf].flatMap((partsOf) => partsOf(format))
}

/** Pairs of formats that an adapter board joins, either one on top. */
const ADAPTED = FORMATS.flatMap((upper) => HIVE_FORMATS[upper].adaptedTo.map((lower) => [upper, lower] as const))

/**
 * A plywood board as large as the larger of its two formats, open as far as the smaller; turned over, it joins them the
 * other way round.
 */
function adapter([upper, lower]: readonly [Format, Format], rimSide: 'none' | 'above' | 'below' | 'both'): Pattern {
  const [a, b] = [HIVE_FORMATS[upper], HIVE_FORMATS[lower]]
  const greater = (x: Length, y: Length) => mm(Math.max(x.mm, y.mm), MEMORY)
  const lesser = (x: Length, y: Length) => mm(Math.min(x.mm, y.mm), MEMORY)
  const rims = { none: 'flat', above: 'rim above', below: 'rim below', both: 'rims on both faces' }[rimSide]
  return {
    id: `adapter-${a.short}-${b.short}-${rimSide}`,
    kind: 'adapter',
    format: 'any',
    material: 'wood',
    rimSide,
    mass: massFromMemory(1.2),
    label: label(`adapter ${a.name} on ${b.name}, ${rims}`),
    dimensions: {
      outsideLength: greater(a.outsideLength, b.outsideLength),
      outsideWidth: greater(a.outsideWidth, b.outsideWidth),
      insideLength: lesser(a.insideLength, b.insideLength),
      insideWidth: lesser(a.insideWidth, b.insideWidth),
      upperLength: a.outsideLength,
      upperWidth: a.outsideWidth,
      lowerLength: b.outsideLength,
      lowerWidth: b.outsideWidth,
      boardThickness: mm(9.5, MEMORY),
      rimDepth: mm(7, MEMORY),
      rimWidth: RIM_WIDTH,
    },
  }
}

/** A board between two colonies with an entrance of its own for the upper one. */
function divisionBoard(format: Format): Pattern {
  return {
    id: `division-${HIVE_FORMATS[format].short}`,
    kind: 'division',
    format,
    material: 'wood',
    rimSide: 'both',
    mass: massFromMemory(1.4),
    label: label('division board with an entrance', 'division board with an entrance'),
    dimensions: {
      ...outsideOf(format),
      boardThickness: mm(9.5, MEMORY),
      rimDepth: mm(7, MEMORY),
      rimWidth: RIM_WIDTH,
      openingWidth: mm(60, MEMORY),
      openingHeight: mm(7, MEMORY),
    },
  }
}

/** Stands inside an eke, over the hole of a crown. */
const RAPID_FEEDER: Pattern = {
  id: 'feeder-rapid',
  kind: 'feeder',
  feederForm: 'rapid',
  format: 'any',
  material: 'plastic',
  mass: massFromMemory(0.5),
  label: label('rapid feeder', 'round top feeder'),
  dimensions: {
    outsideLength: mm(220, MEMORY),
    outsideWidth: mm(220, MEMORY),
    depth: mm(90, MEMORY),
    lowerRecess: FLUSH,
    upperRecess: FLUSH,
  },
}

/** What stands between the boxes and above them. */
export const BETWEEN_AND_ABOVE: readonly Pattern[] = [
  ...FORMATS.flatMap(forFormat),
  ...FORMATS.filter((format) => HIVE_FORMATS[format].hasDivisionBoard).map(divisionBoard),
  ...ADAPTED.flatMap((pair) => (['none', 'above', 'below', 'both'] as const).map((rims) => adapter(pair, rims))),
  RAPID_FEEDER,
]
