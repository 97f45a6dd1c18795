import type { Figures } from '../figures'
import { showLength, there } from '../units'
import type { Reader } from './names'
import { inVocabulary } from './vocabulary'

/** A word of the trade with what it means. */
export interface GlossaryEntry {
  readonly word: string
  readonly means: string
}

const ENTRIES: readonly (readonly [word: string, means: string])[] = [
  [
    'bee space',
    'The gap that bees walk through and leave open, {least} to {most}. Less is glued up, more is filled with comb.',
  ],
  [
    'top space, bottom space',
    'Where a box keeps its bee space: over its frames, or under them. Boxes of one kind go together.',
  ],
  ['rest', 'The ledge in the end wall that a frame hangs on.'],
  ['lug', 'The end of a top bar that lies on the rest.'],
  ['rim', 'The wood round a board that keeps it a bee space away from the frames.'],
  ['brood box', 'Where the queen lays and young bees are raised.'],
  ['super', 'A box that the bees fill with honey for the keeper.'],
  ['excluder', 'A grid that workers pass and the queen does not: it keeps brood out of the supers.'],
  ['crown board', 'The board over the uppermost frames, under the roof.'],
  ['eke', 'An empty frame of wood that gives room, for a feeder or while a treatment is on.'],
  ['dummy board', 'A board in the place of a frame, so that the rest can be slid apart.'],
  ['adapter', 'A board between two boxes of different sizes that closes the hole between them.'],
  ['quilt', 'A box of chips or cloth over the colony that takes up damp.'],
  ['brood', 'Eggs, larvae and pupae in their cells.'],
  ['foundation', 'A pressed sheet of wax or plastic that bees build their comb on.'],
  ['drawn comb', 'Comb that is built and can be used again.'],
  ['propolis', 'Tree resin that bees glue and seal with.'],
  ['wild comb', 'Comb where no frame is: it tears when boxes are parted.'],
  ['flow', 'The weeks in which nectar comes in faster than the bees eat it.'],
  ['dearth', 'Weeks in which flowers give nothing.'],
  ['cluster', 'The ball of bees in winter: warm within, its outer bees packed close.'],
  ['R', 'How much something holds warmth back, in m²K/W or in US units; twice the R, half the heat.'],
  ['dew point', 'The temperature at which air can hold its water no more: what is colder gets wet.'],
  ['wrap', 'What goes round the boxes against the cold.'],
  ['heft', 'To lift one side of a hive and judge its stores.'],
]

/** The words of the trade in the reader's vocabulary, with the bee space that this yard counts with. */
export function glossary(
  figures: Pick<Figures, 'beeSpaceMinMm' | 'beeSpaceMaxMm'>,
  { vocabulary, units }: Reader,
): GlossaryEntry[] {
  const [least, most] = [showLength(figures.beeSpaceMinMm, units), showLength(figures.beeSpaceMaxMm, units)]
  return ENTRIES.map(([word, means]) => ({
    word: inVocabulary(word, vocabulary),
    means: inVocabulary(means, vocabulary).replace('{least}', least).replace('{most}', most),
  }))
}

/** A piece of a sentence: as it stands, or a word of the trade with what it means. */
export interface TextPiece {
  readonly text: string
  readonly means?: string
}

/** Cuts sentences at the words of a glossary, each where it comes first; whole words, longer ones before shorter. */
export function splitterOf(entries: readonly GlossaryEntry[]): (sentence: string) => readonly TextPiece[] {
  // A word that is written with a capital is met without it too, and the other way round.
  const meanings = new Map(
    entries.flatMap(({ word, means }) => word.split(', ').map((one) => [one.toLowerCase(), means] as const)),
  )
  const words = [...meanings.keys()].sort((a, b) => b.length - a.length)
  const anyWord = new RegExp(`(?<![\\p{L}\\d-])(${words.join('|')})(?![\\p{L}\\d-])`, 'giu')
  return (sentence) => {
    const told = new Set<string>()
    const pieces: TextPiece[] = []
    let from = 0
    for (const { 0: text, index } of sentence.matchAll(anyWord)) {
      const word = text.toLowerCase()
      if (told.has(word)) continue
      told.add(word)
      if (index > from) pieces.push({ text: sentence.slice(from, index) })
      pieces.push({ text, means: there(meanings.get(word)) })
      from = index + text.length
    }
    return from < sentence.length ? [...pieces, { text: sentence.slice(from) }] : pieces
  }
}
