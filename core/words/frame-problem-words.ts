import { type Catalogue, inWords } from '../parts'
import type { Ask } from '../ask'
import type { HangProblem, SpacingStep } from '../stack'
import { showLength } from '../units'
import { frameFitInWords } from './fit-words'
import { counted, type Reader } from './names'

/** Why something was not hung or taken out, and what would be right. */
export function hangProblemInWords(
  problem: HangProblem,
  boxName: string,
  catalogue: Catalogue,
  reader: Reader,
): string {
  const nameOf = (patternId: string | null) => {
    const pattern = patternId ? catalogue.hanging.get(patternId) : undefined
    return pattern ? inWords(pattern.label, reader.vocabulary) : 'it'
  }
  switch (problem.problem) {
    case 'another-format':
      return (
        `The ${nameOf(problem.patternId)} does not go into ${boxName}. ` +
        `${frameFitInWords(problem.reason, showLength(problem.mm, reader.units))} Choose a frame ` +
        'made for this box.'
      )
    case 'too-many':
      return (
        `There is no room for one more ${nameOf(problem.patternId)} in ${boxName}: ` +
        `${showLength(problem.missingMm, reader.units)} is missing, and ${problem.fits} fit. Take ` +
        'one out first.'
      )
    case 'only-brood-frame':
      return (
        `This is the only frame of brood in ${boxName}: without it the colony has nowhere to go ` +
        'on. Hang another frame in ' +
        `first${problem.patternId ? `, then put the ${nameOf(problem.patternId)} in` : ''}.`
      )
    case 'no-frames-here':
      return `No frames hang in ${boxName}.`
  }
}

const ASKS: Record<Ask, string> = {
  'drawn-comb': 'drawn comb only: foundation is drawn at full count first',
  spacer: 'a spacer tool',
  castellation: 'castellations with that many slots',
  'narrow-end-bars': 'narrow end bars',
  'longer-knife': 'uncapping with a fork: the knife runs on the top bars',
  'close-for-winter': 'closing up again before winter',
  'comb-past-its-most': 'more bees to fill the air between: comb is drawn no thicker than this',
}

/** What a spacing asks of the keeper. */
export function askInWords(ask: Ask): string {
  return ASKS[ask]
}

/** A step of the way to another spacing. */
export function spacingStepInWords({ step, frames, pitchMm }: SpacingStep, { units }: Reader): string {
  const pitch = showLength(pitchMm, units)
  switch (step) {
    case 'draw-full':
      return `Let the foundation be drawn with ${counted(frames, 'frame')} in the box, pushed together.`
    case 'take-out':
      return `When every comb is drawn, take ${frames} out; ${frames === 1 ? 'it goes' : 'they go'} into the next box.`
    case 'space':
      return `Space the ${frames} that stay, ${pitch} from middle to middle.`
    case 'shift-to-middle':
      return 'Move the outer, less drawn combs to the middle, where bees work first.'
    case 'watch-flow':
      return 'Do it as a flow begins, and look in after a week: in a dearth bees build across the gaps.'
    case 'before-winter':
      return `Before winter, push ${frames} together again.`
    case 'close-up':
      return `Push the ${counted(frames, 'frame')} together while it is warm.`
    case 'hang-in':
      return `Hang ${frames} more in, drawn comb if there is any, foundation at the outside.`
  }
}
