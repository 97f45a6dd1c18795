import type { GapPlace, Term, JudgedGap, UnevenSide, GapVerdict } from '../stack'
import type { TermName } from '../parts'
import { figuresApart, showLength, showWithDoubt, termFigures, there } from '../units'
import { capital, type Reader } from './names'
import { inVocabulary } from './vocabulary'

const VERDICT_WORDS: Record<GapVerdict, string> = {
  meets: 'collides',
  glued: 'glued down',
  squeezed: 'tight, gets glued',
  'bee-space': 'bee space',
  bridged: 'brace comb',
  comb: 'comb between',
  'floor-low': 'too low',
  'floor-open': 'clear',
  'floor-deep': 'too deep',
  filled: 'filled with comb',
  'open-for-now': 'open for now',
  'out-of-reach': 'out of the bees’ way',
}

/** The verdict in a word or two. */
export function verdictWord(
  { verdict, marginal }: Pick<JudgedGap, 'verdict' | 'marginal'>,
  { vocabulary }: Pick<Reader, 'vocabulary'>,
): string {
  const word = inVocabulary(VERDICT_WORDS[verdict], vocabulary)
  return marginal ? `${word}, marginal` : word
}

const TERM_WORDS: Record<TermName, string> = {
  'top-space': 'top space',
  'bottom-space': 'bottom space',
  rim: 'rim',
  'flat-side': 'flat side',
  'rod-side': 'rod side',
  sheet: 'sheet',
  'floor-rails': 'floor rails',
  underside: 'underside',
  'open-depth': 'open',
  screen: 'screen',
  chips: 'above the chips',
  slab: 'slab',
}

/** What a gap is made of: `top space 6.35 + rim 9.5`. */
export function termsInWords(terms: readonly Term[], { units, vocabulary }: Reader): string {
  const figures = termFigures(
    terms.map(({ mm }) => mm),
    units,
  )
  return terms.map((term, i) => `${inVocabulary(termWord(term), vocabulary)} ${figures[i]}`).join(' + ')
}

function termWord({ name, mm }: Term): string {
  return name === 'top-space' && mm === 0 ? 'flush frames' : TERM_WORDS[name]
}

/** The two parts that a gap lies between. */
export function gapTitle(gap: Pick<JudgedGap, 'lowerId' | 'upperId'>, names: ReadonlyMap<string, string>): string {
  return capital(`${names.get(gap.upperId)} over ${names.get(gap.lowerId)}`)
}

/** The band of the place: `6.35–9.53 mm`. */
export function bandInWords({ band, ...gap }: Pick<JudgedGap, 'band' | 'mm' | 'plusMinusMm'>, reader: Reader): string {
  return band ? `${limitAgainst(band.minMm, gap, reader)} to ${limitAgainst(band.maxMm, gap, reader)}` : ''
}

/** How far the figure is from the nearest limit. */
export function nearestLimitInWords({ nearest }: Pick<JudgedGap, 'nearest'>, { units }: Reader): string {
  if (!nearest) return ''
  const limit = showLength(nearest.limitMm, units)
  if (nearest.mm === 0) return `exactly on the limit of ${limit}`
  const away = showLength(nearest.mm, units)
  return nearest.side === 'inside'
    ? `${away} inside the limit of ${limit}`
    : `${away} ${nearest.side} the limit of ${limit}`
}

/** A figure with its ±. */
export function withPlusMinus(value: { readonly mm: number; readonly plusMinusMm: number }, { units }: Reader): string {
  return value.plusMinusMm > 0 ? showWithDoubt(value, units) : showLength(value.mm, units)
}

/** A figure beside its limits: written with as many decimals as it takes not to read as one that it is not. */
export function heldAgainst(
  value: { readonly mm: number; readonly plusMinusMm: number },
  limitsMm: readonly number[],
  reader: Reader,
): string {
  return value.plusMinusMm > 0 ? withPlusMinus(value, reader) : lengthsApart([value.mm, ...limitsMm], reader)[0]!
}

/** The same for one of its limits. */
export function limitAgainst(
  limitMm: number,
  value: { readonly mm: number; readonly plusMinusMm: number } | undefined,
  reader: Reader,
): string {
  return lengthsApart(value && value.plusMinusMm === 0 ? [limitMm, value.mm] : [limitMm], reader)[0]!
}

function lengthsApart(mms: readonly number[], { units }: Reader): string[] {
  return figuresApart(mms, units).map((figure) => `${figure} ${units === 'mm' ? 'mm' : 'in'}`)
}

/** On which side of an uneven hive a figure holds, as a sentence to add; nothing where both sides are alike. */
export function unevenInWords(uneven: UnevenSide | undefined, { units }: Reader): string {
  if (!uneven) return ''
  const [here, there] =
    uneven.side === 'first' ? ['left or front', 'right or back'] : ['right or back', 'left or front']
  return uneven.elsewhereMm === null
    ? ` That is so on its ${here} side only.`
    : ` That is on its ${here} side; on the ${there} side it is ${showLength(uneven.elsewhereMm, units)}.`
}

/** What the bees will do with a gap, as a sentence. */
export function gapFate({
  verdict,
  place,
  marginal,
  usual,
}: {
  readonly verdict: GapVerdict
  readonly place: GapPlace
  readonly marginal: boolean
  readonly usual: boolean
}): string {
  const fate = FATES[verdict]
  const text = typeof fate === 'string' ? fate : (fate[place] ?? there(fate.frames))
  if (usual && verdict === 'bridged') return `${text} Usual for parts of this make: most keepers live with it.`
  return marginal
    ? `${text} The figure may be off by more than it is from the limit: measure the part to be sure.`
    : text
}

const FATES: Record<GapVerdict, string | Partial<Record<GapPlace, string>>> = {
  meets: 'The frames meet before the boxes do, so the joint stands open.',
  glued: {
    frames: 'Bees cannot pass: the frames are glued together and come up with the box.',
    cover: 'No room for a bee over the top bars: it is glued to every frame and comes off with a crack.',
    excluder: 'No room for a bee: the excluder is glued to the frames and bends when it is lifted.',
    'under-frames': 'Bees cannot pass under the bottom bars: the frames are glued down and crack when they are lifted.',
  },
  squeezed: 'Bees squeeze in at first, then seal it with propolis.',
  'bee-space': 'Bees keep it open as a passage.',
  bridged: {
    frames: 'Drone or brace comb bridges the two boxes here and there and tears when they are parted.',
    cover: 'Brace comb is built up to it and tears when it comes off.',
    excluder: 'Brace comb is built onto the excluder and blocks it.',
    'under-frames': 'Brace comb ties the bottom bars to what is below and tears when the box comes off.',
    'no-frames': 'Bees get in here and build brace comb.',
  },
  comb: {
    frames: 'Comb is built between the boxes; brood and honey tear open when they are parted.',
    cover: 'Comb is built over the top bars and comes off with the cover.',
    excluder: 'Comb is built onto the excluder and bees are crushed when it is lifted.',
    'under-frames': 'Comb is built from the bottom bars down and tears when the box comes off.',
  },
  'floor-low': 'Dead bees and debris block the way under the frames.',
  'floor-open': 'Room enough under the frames for air, traffic and the fallen.',
  'floor-deep': 'Comb is drawn below the bottom bars and fixed to the floor.',
  filled: 'Bees fill this space with comb of their own within weeks.',
  'open-for-now': 'Allowed for a time at this stage; bees fill it with comb as soon as they build.',
  'out-of-reach': 'No frame faces it, or no bee gets there.',
}
