import { there } from '#core/units'
import pdfmake from 'pdfmake'
import type { Paper } from '#wire/sheet-schema'

export const FONT_STYLES = ['normal', 'bold', 'italics', 'bolditalics'] as const
/** The fonts that a print is set in. */
export type Fonts = Readonly<Record<(typeof FONT_STYLES)[number], Buffer>>

/** Its own files only, kept in memory: nothing is read from the disk or fetched for what a sheet says. */
interface Typesetter {
  readonly virtualfs: {
    readonly existsSync: (name: string) => boolean
    readonly writeFileSync: (name: string, content: Buffer) => void
  }
  readonly setUrlAccessPolicy: (allowed: () => boolean) => void
  readonly setLocalAccessPolicy: (allowed: () => boolean) => void
  readonly setFonts: (fonts: Record<string, Record<keyof Fonts, string>>) => void
  readonly createPdf: (definition: object) => { getBuffer: () => Promise<Buffer> }
}

const typesetter = pdfmake as unknown as Typesetter
typesetter.setUrlAccessPolicy(() => false)
typesetter.setLocalAccessPolicy(() => false)

/** What every printed page has in common, on the reader's paper. */
export function pageOf(paper: Paper, title: string) {
  return { pageSize: paper, info: { creator: 'Duvet', producer: 'Duvet', title } }
}

/** How close lines and margins are set: closer where the last page would hold only a line or two. */
const SETTINGS = [
  { fontSize: 10, lineHeight: 1.2, margins: [48, 48, 48, 54] },
  { fontSize: 9.5, lineHeight: 1.15, margins: [44, 40, 44, 48] },
  { fontSize: 9, lineHeight: 1.1, margins: [40, 34, 40, 44] },
] as const
/** A page with less than this on it is not worth a sheet of paper. */
const FEW_LINES = 6

/** What pdfmake tells of a piece of text that it has placed. */
interface Placed {
  readonly text?: unknown
  readonly startPosition: { readonly pageNumber: number }
}

/**
 * Pages as PDF, in the fonts that ship; no page is begun for a few lines if closer lines save it. Setting a definition
 * uses it up, so that it is made anew for every try.
 */
export async function setPages(definition: () => object, fonts: Fonts): Promise<Buffer> {
  let set: Setting | undefined
  for (const setting of SETTINGS) {
    const next = await setAs(definition(), setting, fonts)
    if (!set || next.pages < set.pages) set = next
    if (set.pages === 1 || set.linesOnLast > FEW_LINES) break
  }
  return there(set).pdf
}

interface Setting {
  readonly pdf: Buffer
  readonly pages: number
  readonly linesOnLast: number
}

async function setAs(definition: object, look: (typeof SETTINGS)[number], fonts: Fonts): Promise<Setting> {
  for (const style of FONT_STYLES)
    if (!typesetter.virtualfs.existsSync(style)) typesetter.virtualfs.writeFileSync(style, fonts[style])
  typesetter.setFonts({ Atkinson: { normal: 'normal', bold: 'bold', italics: 'italics', bolditalics: 'bolditalics' } })
  const pageOfText: number[] = []
  const pdf = await typesetter
    .createPdf({
      pageMargins: look.margins,
      defaultStyle: { font: 'Atkinson', fontSize: look.fontSize, lineHeight: look.lineHeight, color: '#22262e' },
      ...definition,
      pageBreakBefore: (node: Placed) => {
        if (node.text !== undefined) pageOfText.push(node.startPosition.pageNumber)
        return false
      },
    })
    .getBuffer()
  const pages = pageOfText.reduce((most, page) => Math.max(most, page), 1)
  return { pdf, pages, linesOnLast: pageOfText.filter((page) => page === pages).length }
}

export function footer(title: string) {
  return (page: number, pages: number) => ({
    text: `${title}, page ${page} of ${pages}`,
    alignment: 'center',
    fontSize: 8,
    margin: [0, 16, 0, 0],
  })
}

export function heading(text: string) {
  return { text, fontSize: 13, bold: true, color: '#27408b', margin: [0, 10, 0, 4] }
}

/** A square to be ticked with a pencil, points. */
export function tick(side: number) {
  return { canvas: [{ type: 'rect', x: 0, y: 1, w: side, h: side, lineColor: '#22262e' }], width: side * 2 }
}
