import type { BoxFit, FrameFit, Grade } from '../stack'
import { showLength } from '../units'
import { verdictWord } from './gap-words'
import type { Reader } from './names'
import { inVocabulary } from './vocabulary'

/** What a frame does in a box, by the clearance that decides. */
export function frameFitInWords(reason: string, figure: string): string {
  const words: Record<string, string> = {
    'top-bar-too-long': `The top bar is ${figure.replace(/^−/, '')} longer than the length from rest to rest.`,
    'drops-in': `The top bar is too short for the rests: ${figure.replace(/^−/, '')} is missing at each end.`,
    'lugs-too-short': `The lugs bear only ${figure} at each end.`,
    'between-walls': `Over the end bars it is too long: ${figure.replace(/^−/, '')} is missing at each end.`,
    'stands-below': `The bottom bar stands ${figure.replace(/^−/, '')} below the edge of the box.`,
    'meets-rim': `The top bar stands ${figure.replace(/^−/, '')} above the rim.`,
    'void-below': `It leaves ${figure} below it, above the edge of the box.`,
    'over-frames': `The rim stands ${figure} above the top bars.`,
    'end-gap': `${figure} at each end bar.`,
    'all-clear': `${figure} at each end bar, and clear all round.`,
    'no-frames-here': 'This rack takes sections, not frames.',
    'not-measured': 'A size of this box is not known: measure its inside, its rests and its depth, and type them in.',
  }
  return words[reason] ?? ''
}

/** What comes of it. */
export function frameFitFate(reason: string): string {
  const words: Record<string, string> = {
    'top-bar-too-long': 'It does not go in.',
    'drops-in': 'It falls through to the floor.',
    'lugs-too-short': 'It slips off a rest as soon as it is pushed to one end.',
    'between-walls': 'It jams before it is down.',
    'stands-below': 'It stands on what is below, and the boxes do not close.',
    'meets-rim': 'What stands above rests on the frames and the joint stands open.',
    'void-below': 'Bees fill the void with wild comb, hung from the bottom bars.',
    'over-frames': 'Brace comb is built on the top bars.',
    'end-gap': 'Outside bee space: glued when narrow, bridged with comb when wide.',
    'all-clear': 'It hangs as it should.',
    'no-frames-here': 'Nothing holds a frame here.',
    'not-measured': 'Nobody can say what becomes of it.',
  }
  return words[reason] ?? ''
}

/** A cell of the frame table in a word. */
export function frameVerdictWord({ verdict, marginal }: Pick<FrameFit, 'verdict' | 'marginal'>): string {
  const word = { fits: 'fits', 'gap-problem': 'goes in, with a gap', 'does-not-fit': 'does not fit' }[verdict]
  return marginal ? `${word}?` : word
}

/** The decision of the frame table in a line. */
export function frameFitLine(fit: FrameFit, reader: Reader): string {
  return inVocabulary(
    `${frameFitInWords(fit.reason, showLength(fit.deciding.mm, reader.units))} ${frameFitFate(fit.reason)}`,
    reader.vocabulary,
  )
}

/** A cell of the box table in a word. */
export function seatWord({ seat }: BoxFit): string {
  const word = {
    seals: 'seals',
    thin: 'seals barely',
    open: 'stands open',
    lip: 'lip on flat',
    'does-not-sit': 'does not sit',
  }[seat.verdict]
  return seat.marginal ? `${word}?` : word
}

/** What happens when one box stands on another, in a line or two. */
export function boxFitLine({ seat, gap }: BoxFit, reader: Reader): string {
  const mm = showLength(seat.mm, reader.units)
  const flush =
    seat.flushMm > 0 ? `, or ${showLength(seat.flushMm, reader.units)} on one side when it is flush on the other` : ''
  const bearing = {
    seals: `It bears all round, ${mm} at the least.`,
    thin: `It bears only ${mm} at the ${seat.side}: a knock opens it.`,
    open: `A clear hole of ${mm} at the ${seat.side} when centred${flush}: bees, rain and robbers get in.`,
    lip: 'One edge interlocks and the other is flat: the lip holds them apart all round.',
    'does-not-sit': `Nothing bears: it drops in or hangs over, ${mm} short at the ${seat.side}.`,
  }[seat.verdict]
  const adapter = seat.adapterHelps ? ' An adapter board between the two closes it.' : ''
  const between = gap ? ` Between their frames ${showLength(gap.mm, reader.units)}: ${verdictWord(gap, reader)}.` : ''
  const sure = seat.marginal
    ? ` The sizes may be off by ${showLength(seat.plusMinusMm, reader.units)}: measure both to be sure.`
    : ''
  return bearing + sure + adapter + between
}

const SHORT: Readonly<Record<string, string>> = {
  'top-bar-too-long': 'too long',
  'drops-in': 'drops in',
  'lugs-too-short': 'slips off',
  'between-walls': 'jams',
  'stands-below': 'stands out',
  'meets-rim': 'stands proud',
  'void-below': 'void below',
  'over-frames': 'deep rim',
  'end-gap': 'end gap',
  'all-clear': 'fits',
  'no-frames-here': 'no frames',
  'not-measured': 'not measured',
}

/** A cell of the frame table in two words. */
function frameFitShort({ reason, marginal }: Pick<FrameFit, 'reason' | 'marginal'>): string {
  return `${SHORT[reason] ?? reason}${marginal ? '?' : ''}`
}

/** A cell of a table of what fits: its grade, its word, the figure that decides and the whole line. */
export interface FitCell {
  readonly grade: Grade
  readonly marginal: boolean
  readonly word: string
  readonly figure: string
  readonly line: string
}

/** A frame in a box, as a cell. */
export function frameFitCell(fit: FrameFit, reader: Reader): FitCell {
  return {
    grade: fit.verdict === 'fits' ? 'good' : fit.verdict === 'gap-problem' ? 'mend' : 'stop',
    marginal: fit.marginal,
    word: frameFitShort(fit),
    figure: fit.reason === 'no-frames-here' ? '' : showLength(Math.abs(fit.deciding.mm), reader.units),
    line: frameFitLine(fit, reader),
  }
}

/** A box on a box, as a cell. What decides is what is said: one that seals and leaves comb between does not “seal”. */
export function boxFitCell(fit: BoxFit, reader: Reader): FitCell {
  const { seat, gap } = fit
  const figure = (mm: number) => showLength(Math.abs(mm), reader.units)
  const sits = seat.verdict === 'seals' || seat.verdict === 'thin'
  const byGap = sits && gap !== null && gap.grade !== 'good'
  return {
    grade: !sits ? 'stop' : byGap ? gap.grade : seat.verdict === 'thin' ? 'watch' : 'good',
    marginal: seat.marginal || (gap?.marginal ?? false),
    word: byGap ? verdictWord(gap, reader) : seatWord(fit),
    figure: sits ? (gap ? `gap ${figure(gap.mm)}` : '') : seat.verdict === 'lip' ? '' : figure(seat.mm),
    line: boxFitLine(fit, reader),
  }
}
