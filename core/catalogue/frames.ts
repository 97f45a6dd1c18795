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

const sixteenByTen = {
  ...national,
  topBarLength: inches('17 1/4', MEMORY),
  topBarWidth: mm(27, MEMORY),
  topBarThickness: inches('3/8', MEMORY),
  lugThickness: inches('3/8', MEMORY),
  lengthOverEndBars: inches('16', MEMORY),
} as const

/** Frames and dummy boards, by identity. */
export const HANGING: readonly HangingPattern[] = [
  { ...langstroth, id: 'frame-langstroth-deep', label: label('deep frame'), height: inches('9 1/8', USDA), mass: massFromMemory(0.42) },
  { ...langstroth, id: 'frame-langstroth-medium', label: label('medium frame'), height: inches('6 1/4', USDA), mass: massFromMemory(0.3) },
  { ...langstroth, id: 'frame-langstroth-shallow', label: label('shallow frame'), height: inches('5 3/8', USDA), mass: massFromMemory(0.3) },
  { ...langstroth, id: 'frame-langstroth-jumbo', label: label('jumbo frame'), height: inches('11 1/4', USDA), mass: massFromMemory(0.5) },
  { ...langstroth, id: 'frame-langstroth-deep-narrow', label: label('deep frame, narrow end bars'), height: inches('9 1/8', USDA), spacing: inches('1 1/4', COMMON), mass: massFromMemory(0.42) },
  { ...langstroth, id: 'frame-drain', label: label('drain frame'), height: inches('9 1/8', MEMORY), spacing: mm(52, MEMORY), mass: massFromMemory(1), cleanComb: true },
  { ...national, id: 'frame-national-deep', label: label('National deep frame, self-spacing'), height: inches('8 1/2', BS1300), spacing: selfSpacing, mass: massFromMemory(0.42) },
  { ...national, id: 'frame-national-shallow', label: label('National shallow frame, wide ends'), height: inches('5 1/2', BS1300), spacing: wideEnds, mass: massFromMemory(0.3) },
  { ...national, id: 'frame-national-14x12', label: label('14×12 frame, self-spacing'), height: inches('12', BS1300), spacing: selfSpacing, mass: massFromMemory(0.5) },
  { ...national, id: 'frame-national-deep-wide-ends', label: label('National deep frame, wide ends'), height: inches('8 1/2', BS1300), spacing: wideEnds, mass: massFromMemory(0.42) },
  { ...national, id: 'frame-national-shallow-self-spacing', label: label('National shallow frame, self-spacing'), height: inches('5 1/2', BS1300), spacing: selfSpacing, mass: massFromMemory(0.3) },
  { ...national, id: 'frame-national-super-wide', label: label('National super frame, 1 5/8 in end bars'), topBarWidth: mm(27, BS1300), height: inches('5 1/2', BS1300), spacing: inches('1 5/8', COMMON), mass: massFromMemory(0.35) },
  { ...sixteenByTen, id: 'frame-16x10', label: label('16×10 frame'), height: inches('10', MEMORY), spacing: mm(35, MEMORY), mass: massFromMemory(0.5) },
  { ...national, id: 'dummy-national-deep', kind: 'dummy', label: label('dummy board', 'follower board'), height: inches('8 1/2', BS1300), spacing: mm(20, MEMORY), mass: massFromMemory(0.5) },
  { ...national, id: 'dummy-national-14x12', kind: 'dummy', label: label('dummy board', 'follower board'), height: inches('12', BS1300), spacing: mm(20, MEMORY), mass: massFromMemory(0.6) },
]
