import {
  spacerPitchMm,
  type Label,
  type SpacedBy,
  type SlackPlace,
  type CombHolds,
  type CombStart,
  type CombSupport,
  type Content,
  type FrameState,
  type Spacing,
  inWords,
} from '../parts'
import type { Figures } from '../figures'
import type { AcrossVerdict } from '../rules'
import { showLength } from '../units'
import type { Reader } from './names'

export const COMB_WORDS: Record<CombStart, string> = {
  'wax-foundation': 'wax foundation',
  'plastic-foundation': 'plastic foundation',
  'starter-strip': 'starter strip',
  foundationless: 'no foundation',
  drawn: 'drawn comb',
}

export const SUPPORT_WORDS: Record<CombSupport, string> = { none: 'no support', 'mid-bar': 'mid-bar', wires: 'wires' }

const HOLDS_WORDS: Record<CombHolds, Label> = {
  'capped-honey': { british: 'sealed honey', northAmerican: 'capped honey' },
  nectar: { british: 'nectar', northAmerican: 'nectar' },
  pollen: { british: 'pollen', northAmerican: 'pollen' },
  brood: { british: 'brood', northAmerican: 'brood' },
  empty: { british: 'empty comb', northAmerican: 'empty comb' },
}

export function holdsWord(holds: CombHolds, { vocabulary }: Reader): string {
  return inWords(HOLDS_WORDS[holds], vocabulary)
}

/** What is known of a frame: `drawn comb, brood`; `not said` where nothing is. */
function stateInWords({ comb, support, holds }: FrameState, reader: Reader): string {
  const said = [
    holds ? holdsWord(holds, reader) : comb && COMB_WORDS[comb],
    support && support !== 'none' ? SUPPORT_WORDS[support] : undefined,
  ].filter(Boolean)
  return said.length > 0 ? said.join(', ') : 'not said'
}

/** A frame as the screen reader hears it. */
export function contentInWords(content: Content, name: string, place: number, reader: Reader): string {
  return `Place ${place + 1}: ${name}, ${stateInWords(content, reader)}${content.turned ? ', turned round' : ''}`
}

const SPACED_WORDS: Record<SpacedBy, string> = {
  shoulders: 'shoulders touching',
  ends: 'ends touching',
  'wide-bars': 'wide end bars touching',
  nothing: 'bars touching',
}

/** How frames are kept apart: `castellation of 10`. */
export function spacingInWords({ system, count }: Spacing, spacedBy: SpacedBy = 'shoulders'): string {
  switch (system) {
    case 'touching':
      return SPACED_WORDS[spacedBy]
    case 'castellation':
      return `castellation of ${count ?? 10}`
    case 'spacer':
      return `spacer for ${count ?? 9}`
    case 'by-hand':
      return 'by hand'
  }
}

export const SLACK_WORDS: Record<SlackPlace, string> = {
  'one-side': 'frames tight to one wall',
  'both-sides': 'shared between both walls',
  'beside-dummy': 'beside the dummy',
  spread: 'spread evenly',
}

/** What a spacer sets. */
export function spacerWord(count: number, figures: Figures, { units }: Reader): string {
  const mm = spacerPitchMm(count, figures)
  return mm ? `spacer for ${count}, ${showLength(mm, units)}` : `spacer for ${count}`
}

const VERDICT: Record<AcrossVerdict, readonly [word: string, fate: string]> = {
  collides: ['in the way', 'Both want the same room: it cannot be put together.'],
  glued: ['no way through', 'Combs touch: bees join them, and they tear when they are lifted.'],
  squeezed: ['too narrow', 'Bees hardly pass and build the combs together.'],
  narrow: ['one bee wide', 'Bees pass one at a time; right for a small brood nest, narrow for two back to back.'],
  passage: ['passage', 'Two bees pass back to back and keep it open.'],
  bridged: ['brace comb', 'Bees bridge it with brace comb, and the frames tear when they are lifted.'],
  'own-comb': ['a comb of its own', 'Bees build a comb of their own in it.'],
  'touches-wall': [
    'touches the wall',
    'The bars are glued to the wall there: begin at the other side, this frame comes out last.',
  ],
  'at-wall': ['at the wall', 'The outer frame is close enough to the wall to be left alone.'],
  'fat-comb': ['fat outer comb', 'The outer comb grows fat towards the wall; a dummy is worth its place.'],
  board: ['way round', 'Bees pass between comb and board.'],
  'to-draw': ['to be drawn', 'Foundation is drawn into straight comb at this spacing.'],
  wild: ['comb between', 'With so much room bees build a comb between the sheets instead of on them.'],
  'empty-place': ['empty place', 'Bees fill it with wild comb, soonest in a flow.'],
}

/** The verdict on a gap across a box in a word or two. */
export function acrossWord(verdict: AcrossVerdict): string {
  return VERDICT[verdict][0]
}

/** What the bees will do with a gap across a box. */
export function acrossFate(verdict: AcrossVerdict): string {
  return VERDICT[verdict][1]
}
