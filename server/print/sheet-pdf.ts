import { capital, type Sheet, type SheetTable } from '#core/wording'
import { PAGE, footer, heading, setPages, tick, type Fonts } from './typeset'

/** A4, mm to points. */
const POINTS_PER_MM = 72 / 25.4
const DRAWING_POINTS = 480

/** A sheet as PDF: words, tables, steps to tick, boards to scale. It never fetches anything. */
export function sheetPdf(sheet: Sheet, fonts: Fonts): Promise<Buffer> {
  return setPages(
    {
      ...PAGE,
      info: { ...PAGE.info, title: sheet.title },
      footer: footer(sheet.title),
      content: [
        { text: sheet.title, fontSize: 20, bold: true, margin: [0, 0, 0, 8] },
        ...sheet.lines.map((text) => ({ text, margin: [0, 0, 0, 4] })),
        { text: sheet.caution, italics: true, color: '#9e2a2f', margin: [0, 2, 0, 6] },
        ...sheet.tables.flatMap(tableBlock),
        ...(sheet.outlines.length > 0
          ? [
              heading('Boards to scale'),
              ...sheet.outlines.map((outline) => outlineBlock(outline, scaleOf(sheet.outlines))),
            ]
          : []),
        ...(sheet.steps.length > 0 ? [heading('In this order'), ...sheet.steps.map(stepBlock)] : []),
      ],
    },
    fonts,
  )
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

function stepBlock({ text, mistake }: Sheet['steps'][number]) {
  return {
    columns: [
      tick(9),
      {
        stack: [
          { text, bold: true },
          { text: mistake, color: '#565b63' },
        ],
      },
    ],
    margin: [0, 0, 0, 4],
    unbreakable: true,
  }
}

/** Points to a millimetre at which the longest board still goes on the page; the same for all of them. */
function scaleOf(outlines: Sheet['outlines']): number {
  return Math.min(
    POINTS_PER_MM,
    DRAWING_POINTS / 2 / Math.max(1, ...outlines.flatMap(({ edge }) => edge.map(([x]) => x))),
  )
}

function outlineBlock({ name, edge, marks }: Sheet['outlines'][number], scale: number) {
  const highest = Math.max(1, ...edge.map(([, y]) => y))
  const points = (line: readonly (readonly [number, number])[]) =>
    line.map(([x, y]) => ({ x: x * scale, y: (highest - y) * scale }))
  return {
    unbreakable: true,
    margin: [0, 4, 0, 4],
    stack: [
      { text: capital(name), fontSize: 9 },
      {
        canvas: [
          { type: 'polyline', closePath: true, lineWidth: 0.8, points: points(edge) },
          ...marks.map(({ line }) => ({
            type: 'polyline',
            lineWidth: 0.5,
            dash: { length: 4, space: 2 },
            points: points(line),
          })),
        ],
      },
    ],
  }
}
