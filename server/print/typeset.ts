import pdfmake from 'pdfmake'

export const FONT_STYLES = ['normal', 'bold', 'italics', 'bolditalics'] as const
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

/** What every printed page has in common. */
export const PAGE = {
  pageSize: 'A4',
  pageMargins: [48, 48, 48, 54],
  info: { creator: 'Duvet', producer: 'Duvet' },
  defaultStyle: { font: 'Atkinson', fontSize: 10, lineHeight: 1.2, color: '#22262e' },
} as const

/** Pages as PDF, in the fonts that ship. */
export function setPages(definition: object, fonts: Fonts): Promise<Buffer> {
  for (const style of FONT_STYLES)
    if (!typesetter.virtualfs.existsSync(style)) typesetter.virtualfs.writeFileSync(style, fonts[style])
  typesetter.setFonts({ Atkinson: { normal: 'normal', bold: 'bold', italics: 'italics', bolditalics: 'bolditalics' } })
  return typesetter.createPdf(definition).getBuffer()
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
