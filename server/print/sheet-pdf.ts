import type { Sheet, SheetTable } from '#core/words'
import type { Drawing } from '#wire/drawing-schema'
import type { PrintedSheet } from '#wire/sheet-schema'
import { drawn } from './drawing-svg'
import { footer, heading, pageOf, setPages, tick, type Fonts } from './typeset'

const DRAWING = { width: 245, height: 190 }
const STEP_DRAWING = { width: 110, height: 70 }

/** A sheet as PDF: words, drawings, tables, steps to tick with a picture each. It never fetches anything. */
export function sheetPdf(sheet: PrintedSheet, fonts: Fonts): Promise<Buffer> {
  return setPages(
    () => ({
      ...pageOf(sheet.paper, sheet.title),
      footer: footer(sheet.title),
      content: [
        { text: sheet.title, fontSize: 20, bold: true, margin: [0, 0, 0, 8] },
        ...sheet.lines.map((text) => ({ text, margin: [0, 0, 0, 4] })),
        { text: sheet.caution, italics: true, color: '#9e2a2f', margin: [0, 2, 0, 6] },
        ...inPairs(sheet.drawings).map((pair) => ({ columns: pair.map(drawingBlock), unbreakable: true })),
        ...sheet.tables.flatMap(tableBlock),
        ...(sheet.steps.length > 0
          ? [heading('In this order'), ...sheet.steps.map((step, i) => stepBlock(step, sheet.stepDrawings[i]))]
          : []),
      ],
    }),
    fonts,
  )
}

function inPairs<T>(all: readonly T[]): T[][] {
  return Array.from({ length: Math.ceil(all.length / 2) }, (_, i) => all.slice(2 * i, 2 * i + 2))
}

function drawingBlock({ caption, drawing }: PrintedSheet['drawings'][number]) {
  return {
    width: '50%',
    stack: [drawn(drawing, DRAWING), { text: caption, fontSize: 9, color: '#565b63' }],
    margin: [0, 4, 8, 4],
  }
}

function tableBlock({ heading: title, columns, rows }: SheetTable) {
  const widths = columns.map((_, i) => (i === columns.length - 1 ? '*' : 'auto'))
  const body = [
    columns.map((text) => ({ text, bold: true })),
    ...rows.map((row) => columns.map((_, i) => row[i] ?? '')),
  ]
  return [
    heading(title),
    { table: { headerRows: 1, widths, body, dontBreakRows: true }, layout: 'lightHorizontalLines', fontSize: 9 },
  ]
}

function stepBlock({ text, note }: Sheet['steps'][number], drawing: Drawing | undefined) {
  return {
    columns: [
      tick(9),
      ...(drawing ? [{ width: STEP_DRAWING.width + 10, stack: [drawn(drawing, STEP_DRAWING)] }] : []),
      {
        stack: [
          { text, bold: true },
          { text: note, color: '#565b63' },
        ],
      },
    ],
    margin: [0, 0, 0, 6],
    unbreakable: true,
  }
}
