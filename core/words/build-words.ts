import {
  fixingAsSold,
  type BuildStep,
  type Corner,
  type Cut,
  type CutProblem,
  type Fixing,
  type FoundationKind,
  type FramePiece,
  type SawSetting,
  type SquareCheck,
  type SquareProblem,
} from '../parts/making'
import { showCut, showFigure, showLength } from '../units'
import type { Reader } from './names'

const PIECES: Record<FramePiece['name'], string> = {
  'top-bar': 'Top bar',
  'end-bar': 'End bar',
  'bottom-bar': 'Bottom bar',
  wedge: 'Wedge (comes with the top bar)',
  board: 'Board',
  side: 'Side',
  end: 'End',
  'end-board': 'End board, inner',
  rail: 'Rail',
}

export function pieceWord(name: FramePiece['name']): string {
  return PIECES[name]
}

const KINDS: Record<Fixing['kind'], string> = {
  nail: 'Nail',
  brad: 'Fine brad',
  'gimp-pin': 'Gimp pin',
  screw: 'Screw',
  'box-nail': 'Galvanised nail',
}
/** Fixings that are sold by their penny size where lengths are in inches. */
const NAILED: ReadonlySet<Fixing['kind']> = new Set(['nail', 'box-nail'])
const PLACES: Record<Fixing['place'], string> = {
  'top-bar-down': 'down through the top bar into each end bar',
  'end-bar-sideways': 'through the end bar, sideways into the top bar',
  'bottom-bar': 'up through the bottom bar into each end bar',
  wedge: 'through the wedge into the top bar',
  corner: 'at the corners',
  rail: 'through the sides into the rails',
  board: 'down through the top bar into the board',
}

export function fixingWord(
  { kind, lengthMm, place }: Fixing,
  { units }: Reader,
): { readonly what: string; readonly where: string } {
  return { what: `${KINDS[kind]}, ${fixingAsSold(lengthMm, NAILED.has(kind), units)}`, where: PLACES[place] }
}

export const CORNER_WORDS: Record<Corner, string> = {
  rabbet: 'ends rabbeted half through',
  butt: 'plain butt',
  finger: 'fingers',
}
export const FOUNDATION_WORDS: Record<FoundationKind, string> = {
  wax: 'wax',
  plastic: 'plastic',
  none: 'none, or a starter strip',
}

/** What is cut into a board: `frame rest 9.53 mm wide, 15.88 mm deep, along the upper edge`. */
export function cutInWords(cut: Cut, { units }: Reader): string {
  const mm = (value: number) => showCut(value, units)
  switch (cut.cut) {
    case 'frame-rest':
      return `frame rest along the upper edge inside, ${mm(cut.widthMm)} wide, ${mm(cut.depthMm)} deep`
    case 'rabbet':
      return `rabbet at both ends, ${mm(cut.widthMm)} wide, ${mm(cut.depthMm)} deep`
    case 'fingers':
      return `fingers at both ends, ${mm(cut.widthMm)} wide, ${mm(cut.depthMm)} deep`
    case 'hand-hold':
      return (
        `hand-hold outside, its middle ${mm(cut.centreBelowTopMm)} below the upper edge, ` +
        `${mm(cut.lengthMm)} long, ${mm(cut.depthMm)} deep`
      )
  }
}

/** One setting of the saw. */
export function sawInWords({ saw, for: name, fenceMm, heightMm }: SawSetting, { units }: Reader): string {
  const mm = (value: number) => showCut(value, units)
  const piece = PIECES[name].toLowerCase()
  switch (saw) {
    case 'rip':
      return `Rip: fence at ${mm(fenceMm)} (${piece})`
    case 'cross-cut':
      return `Cross-cut: stop at ${mm(fenceMm)} (${piece})`
    case 'rabbet':
      return `Rabbet (${piece}): fence at ${mm(fenceMm)}, blade ${mm(heightMm ?? 0)} high`
    case 'frame-rest':
      return `Frame rest (${piece}): fence at ${mm(fenceMm)} from the upper edge, blade ${mm(heightMm ?? 0)} high`
    case 'fingers':
      return `Fingers: pin and slot ${mm(fenceMm)} wide, cutter ${mm(heightMm ?? 0)} high`
  }
}

/** A step of building: what to do, and the mistake to avoid. */
export function stepInWords(step: BuildStep): { readonly text: string; readonly note: string } {
  const [text, note] = STEPS[step]
  return { text, note }
}

const STEPS: Record<BuildStep, readonly [text: string, note: string]> = {
  'frame-check-bars': [
    'Lay out one set of bars and look them over.',
    'A twisted top bar makes a twisted comb: put it aside.',
  ],
  'frame-break-wedge': [
    'Break the wedge off the top bar and trim the rough edge off both.',
    'A wedge that is lost or left rough does not hold the sheet: keep it with its bar.',
  ],
  'frame-glue': [
    'Put a dab of wood glue on every joint.',
    'Without glue a frame full of honey pulls off its nails in the extractor.',
  ],
  'frame-end-bars-on': [
    'Push both end bars onto the top bar until the shoulders are tight.',
    'Slots for the sheet face inwards on both, or it cannot be put in.',
  ],
  'frame-end-bars-same-way': [
    'See that both end bars stand the same way round: pointed shoulder and flat shoulder on ' +
      'opposite sides of the frame, like all the others.',
    'One turned round meets its neighbour point to point, and the box no longer closes up.',
  ],
  'frame-nail-down': [
    'Two nails down through the top bar into each end bar.',
    'Start them a little in from the edge; the bar splits at its rim.',
  ],
  'frame-nail-sideways': [
    'One nail through each end bar, sideways under the lug into the top bar.',
    'This is the nail that holds when the frame is levered up: do not leave it out.',
  ],
  'frame-pin-sideways': [
    'One pin or two through each end bar, sideways into the top bar: one in a glued joint ' +
      'that is tight, two in any other.',
    'Keep all pins to one side of the middle, so that they miss the slot of the sheet.',
  ],
  'frame-bottom-bars': [
    'Fix the bottom bar or bars to the end bars, flush below.',
    'Nails on the side away from the slot only: one in the slot stops the sheet.',
  ],
  'frame-bottom-bars-and-sheet': [
    'Pin both bottom bars, one on each side of the sheet. By the make of the frame both go on ' +
      'after it, or one before; with a gap wide enough for the sheet, both before.',
    'Look at one frame first: a bar that is on too early stops the sheet, and pins through the sheet buckle it.',
  ],
  'frame-square': [
    'Hold it to a square, or lay it in a box, before the glue sets.',
    'A frame out of square rocks on its rests and rubs the wall.',
  ],
  'frame-sheet-in-slots': [
    'Slide the sheet of foundation into the slots of the end bars.',
    'Cold wax breaks: have it at room temperature, and handle it by the edges.',
  ],
  'frame-loops': [
    'Bend the loops of the wires flat under the top bar, on the side where the wedge goes.',
    'Loops left straight keep the wedge from seating, and the sheet sags.',
  ],
  'frame-wedge-back': [
    'Press the wedge back over the loops and fix it.',
    'All brads on the one side, slanting into the top bar; straight through they come out where the knife runs.',
  ],
  'frame-plastic-snaps': [
    'Slide the plastic sheet into the groove of the top bar and snap it into the bottom bar.',
    'A sheet without a coat of wax is left alone by the bees.',
  ],
  'frame-starter': [
    'Glue a strip of wax or a thin wooden strip into the groove of the top bar.',
    'Without a straight line to start from, comb is built across the frames.',
  ],
  'frame-dry': ['Stand the frames in a box until the glue is hard.', 'Lifted wet, the joints creep.'],
  'dummy-board': [
    'Nail the board up under the top bar, in the middle of it.',
    'A board that touches the wall cannot be lifted out: leave a bee space at each end.',
  ],
  'box-choose-boards': [
    'Choose dry boards, and turn the heart side outwards.',
    'The other way round the corners open as the board cups.',
  ],
  'box-rip': [
    'Rip all boards to the depth of the box at one setting of the fence.',
    'A box a millimetre low is a bee space lost: measure the first board before cutting the rest.',
  ],
  'box-cross-cut': [
    'Cross-cut against a stop, sides first, then ends.',
    'Boards that differ in length make a box out of square.',
  ],
  'box-rest': [
    'Cut the frame rest along the upper edge of both ends, inside.',
    'Cut on the outside it is good for nothing: mark the inner face of both ends first.',
  ],
  'box-rabbet': ['Rabbet both ends of the end boards, on the inner face.', 'Rabbet and rest are on the same face.'],
  'box-fingers': [
    'Cut the fingers, sides beginning with a finger and ends with a gap at the upper edge.',
    'Begin both from the upper edge, or it will not be level.',
  ],
  'box-hand-holds': [
    'Cut the hand-holds into the outer face.',
    'Hand-holds go outside, and with the rests up: check twice before the first cut.',
  ],
  'box-rails': [
    'Fix the rails outside the inner end board, the upper one level with the rim, the lower one with the lower edge.',
    'The inner board stops short of the rim: its upper edge carries the lugs.',
  ],
  'box-dry-fit': ['Put the box together dry and hang a frame in it.', 'What does not fit dry does not fit glued.'],
  'box-glue-nail': [
    'Glue the corners and nail or screw them, beginning at the upper edge.',
    'Drill first near the rim, or the end grain splits.',
  ],
  'box-rests-up': [
    'See that both rests are up and both hand-holds are outside.',
    'One end upside down is found out when the first frame falls through.',
  ],
  'box-square': [
    'Measure both diagonals before the glue sets, and push the longer one in until they are alike.',
    'Once set it stays as it is.',
  ],
  'box-paint': [
    'Paint or oil the outside only, with something that breathes and has no insecticide or fungicide in it; no ' +
      'treated ' +
      'timber. Dry before bees go in.',
    'Inside stays bare: bees coat it themselves.',
  ],
}

/** Why a cut list cannot be made, naming the field and what would be right. */
export function cutProblemInWords(problem: CutProblem, { units }: Reader): string {
  const mm = (value: number) => showCut(value, units)
  switch (problem.problem) {
    case 'negative':
      return `Kerf is below zero: type how wide the saw cuts, such as ${mm(3)}.`
    case 'wider-than-piece':
      return (
        `Kerf is ${mm(problem.mm)}, as wide as the smallest piece (${mm(problem.limitMm)}): type ` +
        `how wide the saw cuts, such as ${mm(3)}.`
      )
    case 'shorter-than-piece':
      return problem.field === 'width'
        ? `Board width is ${mm(problem.mm)}, but the widest piece is ${mm(problem.limitMm)}: take a ` +
            'wider board, or glue two up.'
        : `Board length is ${mm(problem.mm)}, but the longest piece is ${mm(problem.limitMm)}: take a longer board.`
    case 'not-a-board':
      return `Board ${problem.field} is no size of a board: it takes ${mm(problem.limitMm)} at least.`
    case 'too-many':
      return (
        `There are ${problem.mm} pieces: a cut list takes ${problem.limitMm} at most, so make ` +
        'fewer boxes at a time.'
      )
  }
}

/** What the two diagonals say. */
export function squareInWords(check: SquareCheck, { units }: Reader): string {
  const mm = (value: number) => showCut(Math.abs(value), units)
  const sides =
    Math.abs(check.sidesOffMm) > 3
      ? ` Both diagonals are ${mm(check.sidesOffMm)} ` +
        `${check.sidesOffMm > 0 ? 'longer' : 'shorter'} than this box’s: measure the sides ` +
        'too.'
      : ''
  if (Math.abs(check.skewMm) < 0.05) return `Square.${sides}`
  const clears = check.clears
    ? `A frame still clears: ${mm(check.endGapMm)} at the tightest end bar.`
    : 'A frame no longer clears: ' +
      `${check.endGapMm <= 0 ? 'an end bar meets the wall' : 'the frames do not go in across'}.`
  return (
    `Out of square by ${Math.abs(check.offDeg).toFixed(2)}°: one end stands ` +
    `${mm(check.skewMm)} to the side. Push the longer diagonal in by ` +
    `${mm(check.correctMm)}. ${clears}${sides}`
  )
}

export function squareProblemInWords({ problem, field, leastMm, mostMm }: SquareProblem, { units }: Reader): string {
  const name = field === 'first' ? 'First diagonal' : 'Second diagonal'
  return problem === 'not-a-length'
    ? `${name} is not a length: type one such as ${showLength(652, units)}.`
    : `${name} belongs to no box with these sides: with the other one it lies between ` +
        `${showFigure(leastMm, units)} and ${showLength(mostMm, units)}.`
}
