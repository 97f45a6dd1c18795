import type { Figures } from '../figures'
import { type Catalogue, type HangingPattern, type ResolvedPart, inWords } from '../parts'
import {
  boxBill,
  boxSteps,
  cutList,
  frameBill,
  frameSteps,
  nominalWidthIn,
  sawSettings,
  type BuildStep,
  type Corner,
  type CutGroup,
  type FoundationKind,
  type Stock,
} from '../parts/making'
import { showCut, showMass, usFrom } from '../units'
import {
  CORNER_WORDS,
  FOUNDATION_WORDS,
  cutInWords,
  fixingWord,
  pieceWord,
  sawInWords,
  stepInWords,
} from './build-words'
import { capital, patternName, type Reader } from './names'
import { inVocabulary } from './vocabulary'

/** A table of a printed sheet. */
export interface SheetTable {
  readonly heading: string
  readonly columns: readonly string[]
  readonly rows: readonly (readonly string[])[]
}

interface SheetStep {
  readonly text: string
  readonly note: string
}

/** A sheet for the bench or the printer: its words, in the reader's units. */
export interface Sheet {
  readonly title: string
  readonly lines: readonly string[]
  readonly tables: readonly SheetTable[]
  readonly steps: readonly SheetStep[]
  readonly caution: string
}

const FRAME_CAUTION =
  'Small nails and a hammer: mind fingers and eyes. A staple gun shoots through thin wood: ' +
  'eyes covered, the other hand never behind the bar or in line with it, air or power off ' +
  'before a jam is cleared. Throw a split bar away: it lets go when a full frame is lifted, ' +
  'with the bees on it.'
const SAW_CAUTION =
  'Saws and cutters take fingers: guards on, push stick in hand, eyes and ears covered, and ' +
  'no cut into a board with nails in it. Follow the maker’s instructions for each machine; ' +
  'whoever has not been shown how leaves it to someone who has.'

/** The sheet for so many frames, dummies or divisions. */
export function frameSheet(
  frame: HangingPattern,
  count: number,
  foundation: FoundationKind,
  figures: Figures,
  reader: Reader,
): Sheet {
  const bill = frameBill(frame, count, figures, foundation)
  const mm = (value: number) => showCut(value, reader.units)
  const sheet = bill.foundation
  return {
    title: `${count} × ${capital(inWords(frame.label, reader.vocabulary))}`,
    lines: [
      ...(sheet
        ? [
            `Foundation: ${sheet.sheets} ${FOUNDATION_WORDS[foundation]} ` +
              `${sheet.sheets === 1 ? 'sheet' : 'sheets'} of ${mm(sheet.heightMm)} × ` +
              `${mm(sheet.lengthMm)}${sheet.kg > 0 ? `, ${showMass(sheet.kg, reader.units, 2)} of wax` : ''}.`,
          ]
        : []),
      `Wood glue: about ${glueInWords(bill.glueMl, reader)}.`,
    ],
    tables: [
      {
        heading: 'Pieces',
        columns: ['Piece', 'How many', 'Length', 'Width', 'Thickness'],
        rows: bill.pieces.map((piece) => [
          pieceWord(piece.name),
          String(piece.count),
          mm(piece.lengthMm),
          mm(piece.widthMm),
          mm(piece.thicknessMm),
        ]),
      },
      {
        heading: 'Nails and pins',
        columns: ['What', 'How many', 'Where'],
        rows: bill.fixings.map((fixing) => [
          fixingWord(fixing, reader).what,
          String(fixing.count),
          fixingWord(fixing, reader).where,
        ]),
      },
    ],
    steps: stepsSaid(frameSteps(frame, foundation, figures), reader),
    caution: FRAME_CAUTION,
  }
}

/** The sheet for so many boxes: boards, cuts, how the saw is set, how the boards are cut from stock. */
export function boxSheet(
  box: ResolvedPart,
  count: number,
  corner: Corner,
  stock: Stock,
  catalogue: Catalogue,
  reader: Reader,
): Sheet {
  const bill = boxBill(box, count, corner)
  const groups = cutList(bill.panels, stock)
  const mm = (value: number) => showCut(value, reader.units)
  const builtUp = bill.panels.some(({ name }) => name === 'rail')
  const corners = builtUp ? 'sides full length, ends built up between them' : CORNER_WORDS[corner]
  return {
    title: `${count} × ${capital(box.part.name ?? patternName(box.part.patternId, catalogue, reader.vocabulary))}`,
    lines: [
      `Corners: ${corners}. Wood glue: about ${glueInWords(bill.glueMl, reader)}.`,
      `${stockInWords(stock, reader)}, cut ${mm(stock.kerfMm)} wide. ` +
        `${groups.map((group) => boardsInWords(group, reader)).join(' ')}`,
    ],
    tables: [
      {
        heading: 'Boards',
        columns: ['Board', 'How many', 'Length', 'Width', 'Thickness', 'Cut into it'],
        rows: bill.panels.map((panel) => [
          pieceWord(panel.name),
          String(panel.count),
          mm(panel.lengthMm),
          mm(panel.widthMm),
          mm(panel.thicknessMm),
          panel.cuts.map((cut) => inVocabulary(cutInWords(cut, reader), reader.vocabulary)).join('; ') || 'none',
        ]),
      },
      {
        heading: 'Nails and screws',
        columns: ['What', 'How many', 'Where'],
        rows: bill.fixings.map((fixing) => [
          fixingWord(fixing, reader).what,
          String(fixing.count),
          fixingWord(fixing, reader).where,
        ]),
      },
      {
        heading: 'Saw settings',
        columns: ['Setting'],
        rows: sawSettings(bill.panels).map((setting) => [inVocabulary(sawInWords(setting, reader), reader.vocabulary)]),
      },
      {
        heading: 'Cut list',
        columns: ['Board', 'Strip', 'Pieces', 'Left over'],
        rows: groups.flatMap((group) => cutRows(group, reader)),
      },
    ],
    steps: stepsSaid(boxSteps(box, corner), reader),
    caution: SAW_CAUTION,
  }
}

/** Boards by the name they are sold under where they have one: `1 × 12 boards (11 1/4 in wide), 96 in long`. */
function stockInWords({ lengthMm, widthMm }: Stock, { units }: Reader): string {
  const nominal = units === 'mm' ? undefined : nominalWidthIn(widthMm)
  return nominal === undefined
    ? `Boards of ${showCut(lengthMm, units)} × ${showCut(widthMm, units)}`
    : `1 × ${nominal} boards (${showCut(widthMm, units)} wide), ${showCut(lengthMm, units)} long`
}

/** Glue is measured by the half ounce, or by ten millilitres. */
function glueInWords(glueMl: number, { units }: Reader): string {
  const flOz = Math.max(0.5, Math.round(usFrom(glueMl, 'mL') * 2) / 2)
  return units === 'mm' ? `${glueMl} mL` : `${flOz} fl oz`
}

function stepsSaid(steps: readonly BuildStep[], { vocabulary }: Reader): SheetStep[] {
  return steps.map((step) => {
    const { text, note } = stepInWords(step)
    return { text: inVocabulary(text, vocabulary), note: inVocabulary(note, vocabulary) }
  })
}

/** `Thickness 19.05 mm: 6 boards (no cutting needs fewer than 5), 81 % used.` */
function boardsInWords({ thicknessMm, boards, leastBoards, usedShare }: CutGroup, { units }: Reader): string {
  const bound = boards.length === leastBoards ? 'no cutting needs fewer' : `no cutting needs fewer than ${leastBoards}`
  return (
    `${showCut(thicknessMm, units)} thick: ${boards.length} ` +
    `${boards.length === 1 ? 'board' : 'boards'} (${bound}), ` +
    `${Math.round(usedShare * 100)} % used.`
  )
}

function cutRows({ thicknessMm, boards }: CutGroup, { units }: Reader): string[][] {
  const mm = (value: number) => showCut(value, units)
  return boards.flatMap(({ strips, wasteWidthMm }, b) =>
    strips.map((strip, s) => [
      s === 0 ? `${b + 1}, ${mm(thicknessMm)} thick${wasteWidthMm > 0 ? `, ${mm(wasteWidthMm)} left beside` : ''}` : '',
      mm(strip.widthMm),
      tally(strip.pieces.map((piece) => `${pieceWord(piece.name)} ${mm(piece.lengthMm)}`)),
      mm(strip.wasteMm),
    ]),
  )
}

function tally(words: readonly string[]): string {
  const counts = new Map<string, number>()
  for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1)
  return [...counts].map(([word, count]) => `${count} × ${word}`).join(', ')
}
