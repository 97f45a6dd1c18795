import type { HiveCards, TickSheets } from '#wire/visit-print-schema'
import { qrImage } from './qr'
import { drawn } from './drawing-svg'
import { footer, heading, pageOf, setPages, tick, type Fonts } from './typeset'

const CODE_POINTS = 76
/** The field of a hive's drawing, points. */
const HIVE = { width: 84, height: 104 }

/** Tick sheets of a visit: first the van, then every hive as it will stand, its code at the corner; no hive across pages. */
export async function tickSheetsPdf(
  { title, paper, lines, take, bring, hives, cautions }: TickSheets,
  fonts: Fonts,
): Promise<Buffer> {
  const codes = await Promise.all(hives.map(({ link }) => qrImage(link)))
  return setPages(
    () => ({
      ...pageOf(paper, title),
      footer: footer(title),
      content: [
        { text: title, fontSize: 20, bold: true, margin: [0, 0, 0, 8] },
        ...lines.map((text) => ({ text, margin: [0, 0, 0, 4] })),
        heading('In the van'),
        ...listed(take),
        heading('Comes home'),
        ...listed(bring),
        heading('Mind'),
        { ul: [...cautions], color: '#9e2a2f', margin: [0, 0, 0, 6] },
        ...hives.map((hive, i) => ({
          unbreakable: true,
          // The van has its page; hives that go on one page together do.
          ...(i === 0 ? { pageBreak: 'before' } : {}),
          stack: [
            {
              columns: [
                {
                  stack: [
                    { text: hive.name, fontSize: 18, bold: true },
                    ...hive.lines.map((text) => ({ text, margin: [0, 2, 0, 0] })),
                  ],
                },
                { width: HIVE.width, stack: [drawn(hive.drawing, HIVE)] },
                { image: codes[i], width: CODE_POINTS },
              ],
              columnGap: 10,
              margin: [0, 14, 0, 8],
            },
            ...hive.steps.map(stepRow),
          ],
        })),
      ],
    }),
    fonts,
  )
}

function listed(things: readonly string[]) {
  return things.length === 0
    ? [{ text: 'nothing' }]
    : things.map((text) => ({ columns: [tick(11), { text }], margin: [0, 0, 0, 3] }))
}

function stepRow({ text, why, cautions }: TickSheets['hives'][number]['steps'][number]) {
  return {
    columns: [
      tick(14),
      {
        stack: [
          { text, bold: true, fontSize: 12 },
          { text: why, color: '#565b63' },
          ...cautions.map((caution) => ({ text: caution, color: '#9e2a2f' })),
        ],
      },
    ],
    margin: [0, 0, 0, 7],
    unbreakable: true,
  }
}

const CARDS_IN_A_ROW = 2

/** Cards to be cut out and fixed to the hives: the name, how it stands, and a code that opens it. */
export async function hiveCardsPdf({ title, paper, cards }: HiveCards, fonts: Fonts): Promise<Buffer> {
  const cells = await Promise.all(
    cards.map(async ({ name, link, lines, drawing }) => ({
      columns: [
        { width: 58, stack: [drawn(drawing, { width: 54, height: 104 })] },
        {
          stack: [
            { text: name, fontSize: 19, bold: true },
            ...lines.map((text) => ({ text, fontSize: 9.5, margin: [0, 2, 0, 0] })),
          ],
        },
        { image: await qrImage(link), width: CODE_POINTS + 14 },
      ],
      margin: [8, 8, 4, 8],
    })),
  )
  const rows = Array.from({ length: Math.ceil(cells.length / CARDS_IN_A_ROW) }, (_, i) => [
    cells[i * CARDS_IN_A_ROW]!,
    cells[i * CARDS_IN_A_ROW + 1] ?? '',
  ])
  const dashed = () => ({ dash: { length: 4, space: 3 } })
  return setPages(
    () => ({
      ...pageOf(paper, title),
      footer: footer(title),
      content: [
        {
          table: { widths: ['50%', '50%'], heights: 128, dontBreakRows: true, body: rows },
          layout: { hLineWidth: () => 0.7, vLineWidth: () => 0.7, hLineStyle: dashed, vLineStyle: dashed },
        },
      ],
    }),
    fonts,
  )
}
