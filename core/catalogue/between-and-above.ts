import { FORMATS, OUTSIDE, RIM_WIDTH, SHORT_NAME, type Format } from './footprints'
import type { Pattern } from './pattern'
import type { Length } from '../units'
import { COMMON, FLUSH, MEMORY, label, massFromMemory, mm } from './sourced'

const CROWN_RIM = { 'langstroth-10': mm(9.5, MEMORY), national: mm(7, MEMORY) }
/** Drawn the way each format's bee space asks for. */
const RIM_SIDE = { 'langstroth-10': 'above', national: 'below' } as const

function forFormat(format: Format): Pattern[] {
  const outside = OUTSIDE[format]
  const short = SHORT_NAME[format]
  const base = { format, material: 'wood' } as const
  const plusFourteen = (length: Length) => mm(length.mm + 14, MEMORY)
  const roofInside = { insideLength: plusFourteen(outside.outsideLength), insideWidth: plusFourteen(outside.outsideWidth) }
  return [
    {
      ...base, id: `excluder-sheet-${short}`, kind: 'excluder', surface: 'sheet', material: 'metal', mass: massFromMemory(0.4),
      label: label('bare-sheet excluder', 'bare-sheet queen excluder'),
      dimensions: { ...outside, depth: mm(1, COMMON), upperRecess: FLUSH, lowerRecess: FLUSH },
    },
    {
      ...base, id: `excluder-framed-${short}`, kind: 'excluder', surface: 'rods', rimSide: RIM_SIDE[format], mass: massFromMemory(1.5),
      label: label('framed excluder', 'framed queen excluder'),
      dimensions: { ...outside, boardThickness: mm(5, MEMORY), rimDepth: mm(7, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base, id: `eke-${short}`, kind: 'eke', mass: massFromMemory(0.6), label: label('eke', 'shim'),
      dimensions: { ...outside, depth: mm(76, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base, id: `eke-shallow-${short}`, kind: 'eke', mass: massFromMemory(0.4), label: label('shallow eke', 'shallow shim'),
      dimensions: { ...outside, depth: mm(50, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base, id: `feeder-tray-${short}`, kind: 'feeder', feederForm: 'tray', mass: massFromMemory(2), label: label('tray feeder', 'top feeder'),
      dimensions: { ...outside, depth: mm(100, MEMORY), lowerRecess: mm(7, MEMORY), upperRecess: FLUSH, rimWidth: RIM_WIDTH },
    },
    {
      ...base, id: `crown-${short}`, kind: 'crown', rimSide: RIM_SIDE[format], mass: massFromMemory(1.2), label: label('crown board', 'inner cover'),
      dimensions: { ...outside, boardThickness: mm(9, MEMORY), rimDepth: CROWN_RIM[format], rimWidth: RIM_WIDTH, holeLength: mm(95, MEMORY), holeWidth: mm(32, MEMORY) },
    },
    {
      ...base, id: `absorber-${short}`, kind: 'absorber', mass: massFromMemory(2.5), label: label('quilt', 'moisture quilt'),
      dimensions: { ...outside, depth: mm(90, MEMORY), lowerRecess: FLUSH, upperRecess: mm(40, MEMORY), fillDepth: mm(50, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base, id: `slab-${short}`, kind: 'slab', material: 'foam', mass: massFromMemory(0.3), label: label('insulation slab', 'insulation board'),
      dimensions: { ...outside, depth: mm(50, MEMORY), lowerRecess: FLUSH, upperRecess: FLUSH },
    },
    {
      ...base, id: `roof-telescoping-${short}`, kind: 'roof', roofForm: 'telescoping', mass: massFromMemory(3.5), label: label('telescoping roof', 'telescoping outer cover'),
      dimensions: { ...roofInside, deckThickness: mm(20, MEMORY), skirtDepth: mm(90, MEMORY), lowerRecess: FLUSH, rimWidth: mm(12, MEMORY) },
    },
    {
      ...base, id: `roof-flush-${short}`, kind: 'roof', roofForm: 'flush', mass: massFromMemory(2), label: label('flush roof', 'flush outer cover'),
      dimensions: { ...outside, deckThickness: mm(20, MEMORY), lowerRecess: FLUSH },
    },
    {
      ...base, id: `roof-flush-risers-${short}`, kind: 'roof', roofForm: 'flush', mass: massFromMemory(2.2), label: label('flush roof on risers', 'flush outer cover on risers'),
      dimensions: { ...outside, deckThickness: mm(20, MEMORY), lowerRecess: mm(9.5, MEMORY), rimWidth: RIM_WIDTH },
    },
    {
      ...base, id: `roof-gabled-${short}`, kind: 'roof', roofForm: 'gabled', mass: massFromMemory(5), label: label('gabled roof', 'gabled outer cover'),
      dimensions: { ...roofInside, deckThickness: mm(12, MEMORY), skirtDepth: mm(90, MEMORY), gableHeight: mm(80, MEMORY), lowerRecess: FLUSH, rimWidth: mm(12, MEMORY) },
    },
  ]
}

/** Stands inside an eke, over the hole of a crown. */
const RAPID_FEEDER: Pattern = {
  id: 'feeder-rapid', kind: 'feeder', feederForm: 'rapid', format: 'any', material: 'plastic', mass: massFromMemory(0.5),
  label: label('rapid feeder', 'round top feeder'),
  dimensions: { outsideLength: mm(220, MEMORY), outsideWidth: mm(220, MEMORY), depth: mm(90, MEMORY), lowerRecess: FLUSH, upperRecess: FLUSH },
}

/** What stands between the boxes and above them. */
export const BETWEEN_AND_ABOVE: readonly Pattern[] = [...FORMATS.flatMap(forFormat), RAPID_FEEDER]
