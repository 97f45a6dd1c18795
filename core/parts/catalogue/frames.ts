import type { HangingPattern } from './pattern'
import { BS1300, COMMON, MEMORY, USDA, inches, label, massFromMemory, mm } from './sourced'

const langstroth = {
  kind: 'frame',
  topBarLength: inches('19', USDA),
  topBarWidth: inches('1 1/16', USDA),
  topBarThickness: inches('3/4', USDA),
  lugThickness: inches('3/8', USDA),
  lengthOverEndBars: inches('17 5/8', USDA),
  endBarThickness: inches('3/8', USDA),
  bottomBarThickness: inches('3/8', USDA),
  spacing: inches('1 3/8', USDA),
} as const

const national = {
  kind: 'frame',
  topBarLength: inches('17', BS1300),
  topBarWidth: mm(22, BS1300),
  topBarThickness: inches('3/8', BS1300),
  lugThickness: inches('3/8', BS1300),
  lengthOverEndBars: inches('14', BS1300),
  endBarThickness: inches('3/8', BS1300),
  bottomBarThickness: inches('3/8', BS1300),
} as const

const selfSpacing = mm(35, COMMON)
const wideEnds = mm(38, BS1300)
const narrowEnds = mm(35, COMMON)

/** A straight side bar with nothing to keep it apart: it takes no more than its own width. */
const straight = { spacing: mm(22, BS1300), spacedBy: 'nothing' } as const
const wideTopBar = { topBarWidth: mm(27, COMMON) } as const

const dummyBoard = {
  kind: 'dummy',
  label: label('dummy board', 'follower board'),
  spacing: mm(20, MEMORY),
  thickness: mm(9.5, MEMORY),
} as const
/** Fills two places: 70 mm of shoulders, 66 mm over its walls. */
const frameFeeder = {
  kind: 'feeder',
  label: label('frame feeder', 'in-hive frame feeder'),
  spacing: mm(70, MEMORY),
  thickness: mm(66, MEMORY),
} as const
const hungDivision = {
  kind: 'division',
  label: label('division, hung', 'division board, hung'),
  spacing: mm(9.5, MEMORY),
  thickness: mm(9.5, MEMORY),
} as const

const sixteenByTen = {
  ...national,
  topBarLength: inches('17 1/4', MEMORY),
  topBarWidth: mm(27, MEMORY),
  topBarThickness: inches('3/8', MEMORY),
  lugThickness: inches('3/8', MEMORY),
  lengthOverEndBars: inches('16', MEMORY),
} as const

/** Frames, dummy boards, frame feeders and divisions, by identity. */
export const HANGING: readonly HangingPattern[] = [
  {
    ...langstroth,
    id: 'frame-langstroth-deep',
    label: label('deep frame'),
    height: inches('9 1/8', USDA),
    mass: massFromMemory(0.42),
  },
  {
    ...langstroth,
    id: 'frame-langstroth-medium',
    label: label('medium frame'),
    height: inches('6 1/4', USDA),
    mass: massFromMemory(0.3),
  },
  {
    ...langstroth,
    id: 'frame-langstroth-shallow',
    label: label('shallow frame'),
    height: inches('5 3/8', USDA),
    mass: massFromMemory(0.3),
  },
  {
    ...langstroth,
    id: 'frame-langstroth-jumbo',
    label: label('jumbo frame'),
    height: inches('11 1/4', USDA),
    mass: massFromMemory(0.5),
  },
  {
    ...langstroth,
    id: 'frame-langstroth-deep-narrow',
    label: label('deep frame, narrow end bars'),
    height: inches('9 1/8', USDA),
    spacing: inches('1 1/4', COMMON),
    mass: massFromMemory(0.42),
  },
  {
    ...langstroth,
    id: 'frame-drain',
    label: label('drain frame'),
    height: inches('9 1/8', MEMORY),
    spacing: mm(52, MEMORY),
    spacedBy: 'wide-bars',
    mass: massFromMemory(1),
    cleanComb: true,
  },
  {
    ...national,
    id: 'frame-national-deep',
    label: label('National deep frame, self-spacing'),
    height: inches('8 1/2', BS1300),
    spacing: selfSpacing,
    mass: massFromMemory(0.42),
  },
  {
    ...national,
    id: 'frame-national-shallow',
    label: label('National shallow frame, wide ends'),
    height: inches('5 1/2', BS1300),
    spacing: wideEnds,
    spacedBy: 'ends',
    mass: massFromMemory(0.3),
  },
  {
    ...national,
    id: 'frame-national-14x12',
    label: label('14×12 frame, self-spacing'),
    height: inches('12', BS1300),
    spacing: selfSpacing,
    mass: massFromMemory(0.5),
  },
  {
    ...national,
    id: 'frame-national-deep-wide-ends',
    label: label('National deep frame, wide ends'),
    height: inches('8 1/2', BS1300),
    spacing: wideEnds,
    spacedBy: 'ends',
    mass: massFromMemory(0.42),
  },
  {
    ...national,
    id: 'frame-national-shallow-self-spacing',
    label: label('National shallow frame, self-spacing'),
    height: inches('5 1/2', BS1300),
    spacing: selfSpacing,
    mass: massFromMemory(0.3),
  },
  {
    ...national,
    id: 'frame-national-super-wide',
    label: label('National super frame, wide end bars'),
    topBarWidth: mm(27, BS1300),
    height: inches('5 1/2', BS1300),
    spacing: inches('1 5/8', COMMON),
    spacedBy: 'wide-bars',
    mass: massFromMemory(0.35),
  },
  {
    ...sixteenByTen,
    id: 'frame-16x10',
    label: label('16×10 frame'),
    height: inches('10', MEMORY),
    spacing: mm(35, MEMORY),
    mass: massFromMemory(0.5),
  },
  {
    ...langstroth,
    id: 'frame-langstroth-medium-narrow',
    label: label('medium frame, narrow end bars'),
    height: inches('6 1/4', USDA),
    spacing: inches('1 1/4', COMMON),
    mass: massFromMemory(0.3),
  },
  {
    ...national,
    ...straight,
    id: 'frame-national-deep-straight',
    label: label('National deep frame, straight bars'),
    height: inches('8 1/2', BS1300),
    mass: massFromMemory(0.42),
  },
  {
    ...national,
    ...straight,
    id: 'frame-national-shallow-straight',
    label: label('National shallow frame, straight bars'),
    height: inches('5 1/2', BS1300),
    mass: massFromMemory(0.3),
  },
  {
    ...national,
    ...straight,
    id: 'frame-national-14x12-straight',
    label: label('14×12 frame, straight bars'),
    height: inches('12', BS1300),
    mass: massFromMemory(0.5),
  },
  {
    ...national,
    id: 'frame-national-deep-narrow-ends',
    label: label('National deep frame, narrow ends'),
    height: inches('8 1/2', BS1300),
    spacing: narrowEnds,
    spacedBy: 'ends',
    mass: massFromMemory(0.42),
  },
  {
    ...national,
    id: 'frame-national-shallow-narrow-ends',
    label: label('National shallow frame, narrow ends'),
    height: inches('5 1/2', BS1300),
    spacing: narrowEnds,
    spacedBy: 'ends',
    mass: massFromMemory(0.3),
  },
  {
    ...national,
    ...wideTopBar,
    id: 'frame-national-deep-wide-bar',
    label: label('National deep frame, self-spacing, wide top bar'),
    height: inches('8 1/2', BS1300),
    spacing: selfSpacing,
    mass: massFromMemory(0.42),
  },
  {
    ...national,
    ...wideTopBar,
    id: 'frame-national-shallow-wide-bar',
    label: label('National shallow frame, self-spacing, wide top bar'),
    height: inches('5 1/2', BS1300),
    spacing: selfSpacing,
    mass: massFromMemory(0.3),
  },
  { ...national, ...dummyBoard, id: 'dummy-national-deep', height: inches('8 1/2', BS1300), mass: massFromMemory(0.5) },
  { ...national, ...dummyBoard, id: 'dummy-national-14x12', height: inches('12', BS1300), mass: massFromMemory(0.6) },
  {
    ...national,
    ...dummyBoard,
    id: 'dummy-national-shallow',
    height: inches('5 1/2', BS1300),
    mass: massFromMemory(0.35),
  },
  {
    ...langstroth,
    ...dummyBoard,
    id: 'dummy-langstroth-deep',
    height: inches('9 1/8', USDA),
    mass: massFromMemory(0.55),
  },
  {
    ...langstroth,
    ...dummyBoard,
    id: 'dummy-langstroth-medium',
    height: inches('6 1/4', USDA),
    mass: massFromMemory(0.4),
  },
  { ...sixteenByTen, ...dummyBoard, id: 'dummy-16x10', height: inches('10', MEMORY), mass: massFromMemory(0.55) },
  {
    ...langstroth,
    ...frameFeeder,
    id: 'frame-feeder-langstroth-deep',
    height: inches('9 1/8', USDA),
    litres: 4,
    mass: massFromMemory(0.7),
  },
  {
    ...national,
    ...frameFeeder,
    id: 'frame-feeder-national-deep',
    height: inches('8 1/2', BS1300),
    litres: 3,
    mass: massFromMemory(0.7),
  },
  {
    ...langstroth,
    ...hungDivision,
    id: 'division-langstroth-deep',
    height: inches('9 1/8', USDA),
    mass: massFromMemory(0.55),
  },
  {
    ...national,
    ...hungDivision,
    id: 'division-national-deep',
    height: inches('8 1/2', BS1300),
    mass: massFromMemory(0.5),
  },
]
