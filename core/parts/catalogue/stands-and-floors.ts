import type { Length } from '../../units'
import type { Pattern } from './pattern'
import { COMMON, MEMORY, RIM_WIDTH, inches, label, massFromMemory, mm } from './sourced'
import { FORMATS, HIVE_FORMATS, outsideOf } from './formats'

const RAIL = mm(22, MEMORY)
const NARROW_RAIL = mm(9.5, MEMORY)

function stand(
  id: string,
  british: string,
  depth: Length,
  material: 'wood' | 'masonry' | 'metal',
  kg: number,
  ratingKg: number,
  use?: 'low',
): Pattern {
  return {
    id: `stand-${id}`,
    kind: 'stand',
    ...(use ? { use } : {}),
    format: 'any',
    material,
    label: label(british),
    mass: massFromMemory(kg),
    ratingKg,
    dimensions: { outsideLength: mm(460, MEMORY), outsideWidth: mm(440, MEMORY), depth },
  }
}

/** Layers a stand is built up of; one alone is a stand too. */
export const STANDS: readonly Pattern[] = [
  stand('timber-200', 'timber stand', mm(200, MEMORY), 'wood', 5, 200),
  stand('metal-200', 'metal stand', mm(200, MEMORY), 'metal', 6, 200),
  stand('block-8in', 'hollow block', inches('8', COMMON), 'masonry', 15, 1000),
  stand('slab-4in', 'slab', inches('4', COMMON), 'masonry', 20, 1000),
  stand('frame-4in', 'timber frame', inches('4', COMMON), 'wood', 3, 200, 'low'),
]

/** Floors of both formats. */
export const FLOORS: readonly Pattern[] = FORMATS.flatMap((format): Pattern[] => {
  const { short, material, nesting } = HIVE_FORMATS[format]
  const base = { kind: 'floor', format, material } as const
  const outside = { ...outsideOf(format), rimWidth: RIM_WIDTH, ...(nesting ? { nesting } : {}) }
  return [
    {
      ...base,
      id: `floor-solid-${short}`,
      use: 'solid',
      surface: 'solid',
      mass: massFromMemory(3),
      label: label('solid floor', 'solid bottom board'),
      dimensions: { ...outside, boardThickness: mm(12, MEMORY), upperRecess: RAIL },
    },
    {
      ...base,
      id: `floor-mesh-${short}`,
      use: 'mesh',
      surface: 'mesh',
      mass: massFromMemory(3.5),
      label: label('mesh floor', 'screened bottom board'),
      dimensions: { ...outside, depth: mm(65, MEMORY), upperRecess: RAIL },
    },
    {
      ...base,
      id: `floor-insert-${short}`,
      use: 'insert',
      surface: 'mesh',
      slots: 'upper-and-lower',
      mass: massFromMemory(3.5),
      label: label('mesh floor with insert slots', 'screened bottom board with insert slots'),
      dimensions: { ...outside, depth: mm(65, MEMORY), upperRecess: RAIL },
    },
    {
      ...base,
      id: `floor-reversible-${short}`,
      use: 'reversible',
      surface: 'solid',
      reversible: true,
      mass: massFromMemory(3),
      label: label('reversible floor', 'reversible bottom board'),
      dimensions: { ...outside, boardThickness: mm(12, MEMORY), upperRecess: RAIL, lowerRecess: NARROW_RAIL },
    },
  ]
})

/** What goes round the boxes in winter. */
function wrap(id: string, british: string, material: 'foam' | 'plastic', thick: Length, kg: number): Pattern {
  return {
    id: `wrap-${id}`,
    kind: 'wrap',
    format: 'any',
    material,
    label: label(british),
    mass: massFromMemory(kg),
    dimensions: { depth: thick },
  }
}

/** What is no layer: fittings, inserts, ballast, wraps. */
export const FITTINGS: readonly Pattern[] = [
  wrap('foam', 'foam wrap', 'foam', inches('1', COMMON), 1),
  wrap('panels', 'foam panels round the boxes', 'foam', inches('2', COMMON), 2),
  wrap('sheet', 'thin sheet wrap', 'plastic', mm(3, COMMON), 0.8),
  {
    id: 'entrance-block',
    kind: 'entrance-fitting',
    use: 'narrow',
    format: 'any',
    material: 'wood',
    label: label('entrance block', 'entrance reducer'),
    dimensions: { openingWidth: mm(100, MEMORY), openingHeight: mm(8, COMMON) },
    mass: massFromMemory(0.2),
  },
  {
    id: 'mouse-guard',
    kind: 'entrance-fitting',
    use: 'guard',
    format: 'any',
    material: 'metal',
    label: label('mouse guard', 'mouse guard'),
    dimensions: { openingWidth: mm(300, MEMORY), openingHeight: mm(9, COMMON) },
    mass: massFromMemory(0.1),
  },
  {
    id: 'robbing-screen',
    kind: 'entrance-fitting',
    use: 'robbing',
    format: 'any',
    material: 'metal',
    label: label('robbing screen', 'robbing screen'),
    dimensions: { openingWidth: mm(50, MEMORY), openingHeight: mm(10, MEMORY) },
    mass: massFromMemory(0.3),
  },
  {
    id: 'entrance-mesh',
    kind: 'entrance-fitting',
    use: 'shut',
    format: 'any',
    material: 'metal',
    label: label('travel mesh', 'travel screen'),
    dimensions: { openingWidth: mm(300, MEMORY), openingHeight: mm(10, MEMORY) },
    mass: massFromMemory(0.1),
  },
  {
    id: 'floor-insert-board',
    kind: 'floor-insert',
    format: 'any',
    material: 'plastic',
    label: label('floor insert', 'sticky board'),
    dimensions: { depth: mm(4, MEMORY) },
    mass: massFromMemory(0.5),
  },
  {
    id: 'ballast-brick',
    kind: 'ballast',
    format: 'any',
    material: 'masonry',
    label: label('brick'),
    dimensions: { outsideLength: mm(215, MEMORY), outsideWidth: mm(102, MEMORY), depth: mm(65, MEMORY) },
    mass: massFromMemory(2.7),
  },
  {
    id: 'frame-rack',
    kind: 'rack',
    format: 'any',
    material: 'wood',
    label: label('frame rack'),
    dimensions: {
      outsideLength: mm(900, MEMORY),
      outsideWidth: mm(480, MEMORY),
      depth: mm(330, MEMORY),
      rimWidth: RIM_WIDTH,
    },
    mass: massFromMemory(6),
  },
]
