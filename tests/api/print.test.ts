import { SHIPPED_FIGURES } from '#core/figures'
import DxfParser from 'dxf-parser'
import Papa from 'papaparse'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/catalogue'
import { boxBill, cutList, panelOutlines } from '#core/build'
import { boxOfPattern } from '#core/fit'
import { boxSheet, frameSheet, type Sheet } from '#core/wording'
import { cutListCsv } from '~/export/cut-list-csv'
import { panelsDxf } from '~/export/panels-dxf'
import { panelsSvg } from '~/export/panels-svg'
import { startServer, type RunningServer } from '../../scripts/lib/server'

const READER = { units: 'mm', vocabulary: 'british' } as const
const STOCK = { lengthMm: 2440, widthMm: 260, kerfMm: 3 }
const box = (id: string) => boxOfPattern(CATALOGUE.patterns.get(id)!, CATALOGUE).resolved

let server: RunningServer
beforeAll(async () => {
  server = await startServer({})
})
afterAll(() => server.stop())

async function print(sheet: unknown) {
  const response = await fetch(`${server.url}/api/print/sheet`, {
    method: 'POST',
    body: typeof sheet === 'string' ? sheet : JSON.stringify(sheet),
    headers: { 'content-type': 'application/json' },
  })
  return {
    status: response.status,
    type: response.headers.get('content-type'),
    bytes: new Uint8Array(await response.arrayBuffer()),
  }
}

/** All words of a PDF, read by another library. */
async function wordsOf(bytes: Uint8Array): Promise<{ pages: number; text: string; fonts: string[] }> {
  const document = await getDocument({ data: bytes, useSystemFonts: false, verbosity: 0 }).promise
  const pages = await Promise.all(
    Array.from({ length: document.numPages }, async (_, i) => {
      const page = await document.getPage(i + 1)
      const content = await page.getTextContent()
      return {
        text: content.items.map((item) => ('str' in item ? item.str : '')).join(' '),
        fonts: Object.values(content.styles).map(({ fontFamily }) => fontFamily),
      }
    }),
  )
  return {
    pages: document.numPages,
    text: pages
      .map(({ text }) => text)
      .join(' ')
      .replace(/\s+/g, ' '),
    fonts: pages.flatMap(({ fonts }) => fonts),
  }
}

describe('a printed sheet', () => {
  it.each([
    ['boxes with fingers', boxSheet(box('box-langstroth-deep'), 40, 'finger', STOCK, CATALOGUE, READER)],
    [
      'built-up boxes',
      boxSheet(box('box-national-super'), 3, 'rabbet', STOCK, CATALOGUE, {
        units: 'inches',
        vocabulary: 'northAmerican',
      }),
    ],
    ['frames', frameSheet(CATALOGUE.hanging.get('frame-national-deep')!, 50, 'wax', SHIPPED_FIGURES, READER)],
  ] as const)('of %s says all that the screen says, read back by another library', async (_name, sheet: Sheet) => {
    const { status, type, bytes } = await print(sheet)
    expect([status, type]).toEqual([200, 'application/pdf'])
    const { text } = await wordsOf(bytes)
    const flat = (words: string) => words.replace(/\s+/g, ' ').trim()
    for (const words of [
      sheet.title,
      sheet.caution,
      ...sheet.steps.flatMap((step) => [step.text, step.mistake]),
      ...sheet.tables.flatMap(({ heading, columns }) => [heading, ...columns]),
    ]) {
      for (const word of flat(words).split(' ')) expect(text, words).toContain(word)
    }
    for (const cell of sheet.tables.flatMap(({ rows }) => rows.flat()))
      for (const word of flat(cell).split(' ')) expect(text).toContain(word)
  })

  it('refuses what is no sheet, too large a one, and another site’s page', async () => {
    const good = frameSheet(CATALOGUE.hanging.get('frame-langstroth-deep')!, 1, 'wax', SHIPPED_FIGURES, READER)
    expect((await print('{')).status).toBe(400)
    expect((await print({ ...good, title: '' })).status).toBe(422)
    expect((await print({ ...good, extra: 1 })).status).toBe(422)
    expect((await print({ ...good, outlines: [{ name: 'side', edge: [[0]], marks: [] }] })).status).toBe(422)
    expect((await print({ ...good, lines: ['x'.repeat(2_100_000)] })).status).toBe(413)
    expect(
      (
        await fetch(`${server.url}/api/print/sheet`, {
          method: 'POST',
          body: JSON.stringify(good),
          headers: { origin: 'http://elsewhere.example' },
        })
      ).status,
    ).toBe(403)
  })

  it('takes words for words: markup and file names are printed, not followed', async () => {
    const sheet = {
      ...frameSheet(CATALOGUE.hanging.get('frame-langstroth-deep')!, 1, 'wax', SHIPPED_FIGURES, READER),
      lines: ['<b>file:///etc/hostname</b>'],
    }
    expect((await wordsOf((await print(sheet)).bytes)).text).toContain('<b>file:///etc/hostname</b>')
  })
})

describe('a cut list as CSV', () => {
  it('is read back piece by piece', () => {
    const { panels } = boxBill(box('box-national-brood'), 10, 'rabbet')
    const { data, errors } = Papa.parse<Record<string, string>>(cutListCsv(panels, cutList(panels, STOCK)), {
      header: true,
      skipEmptyLines: true,
    })
    expect(errors).toEqual([])
    expect(data).toHaveLength(80)
    const millimetres = data.reduce((sum, row) => sum + Number(row.length_mm), 0)
    expect(millimetres).toBeCloseTo(
      panels.reduce((sum, { count, lengthMm }) => sum + count * lengthMm, 0),
      0,
    )
    expect(data.filter(({ piece }) => piece === 'Rail')).toHaveLength(40)
  })
})

describe('boards as DXF and SVG', () => {
  const outlines = panelOutlines(boxBill(box('box-langstroth-deep'), 1, 'finger').panels)

  it('read back by another library have the same corners, in millimetres', () => {
    const drawing = new DxfParser().parseSync(panelsDxf(outlines))!
    const polylines = drawing.entities.filter(
      ({ type }) => type === 'LWPOLYLINE' || type === 'POLYLINE',
    ) as unknown as { layer: string; vertices: { x: number; y: number }[] }[]
    const cut = polylines.filter(({ layer }) => layer === 'CUT')
    expect(cut.map(({ vertices }) => vertices.length)).toEqual(outlines.map(({ edge }) => edge.length))
    const width = (vertices: { x: number }[]) =>
      Math.max(...vertices.map(({ x }) => x)) - Math.min(...vertices.map(({ x }) => x))
    expect(cut.map(({ vertices }) => width(vertices))).toEqual([expect.closeTo(504.825, 3), expect.closeTo(412.75, 3)])
    expect(polylines.filter(({ layer }) => layer === 'MARK')).toHaveLength(
      outlines.reduce((sum, { marks }) => sum + marks.length, 0),
    )
    expect(drawing.header.$INSUNITS).toBe(4)
  })

  it('as SVG at full size', () => {
    const svg = panelsSvg(outlines)
    expect(svg).toMatch(/width="524\.825mm"/)
    expect(svg.match(/class="cut"/g)).toHaveLength(2)
  })
})
