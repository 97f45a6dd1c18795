import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE } from '#core/parts'
import { boxBill, cutList, panelOutlines } from '#core/parts/making'
import { boxOfPattern } from '#core/stack'
import { boxSheet, frameSheet, type Sheet } from '#core/words'
import DxfParser from 'dxf-parser'
import Papa from 'papaparse'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { boxDrawings, frameDrawings, type BuildDrawings } from '~/drawing/build'
import type { PrintedSheet } from '#wire/sheet-schema'
import { cutListCsv } from '~/export/cut-list-csv'
import { panelsDxf } from '~/export/panels-dxf'
import { panelsSvg } from '~/export/panels-svg'
import { startServer, type RunningServer } from '../../scripts/lib/server'

const READER = { units: 'mm', vocabulary: 'british' } as const
const STOCK = { lengthMm: 2440, widthMm: 260, kerfMm: 3 }
const box = (id: string) => boxOfPattern(CATALOGUE.patterns.get(id)!, CATALOGUE).resolved

const say = (mm: number) => `${mm} mm`
const NO_DRAWINGS = { paper: 'A4', drawings: [], stepDrawings: [] } as const
/** A sheet with its drawings, as the screen sends it. */
function withDrawings(sheet: Sheet, { apart, pieces, steps }: BuildDrawings): PrintedSheet {
  return {
    ...sheet,
    paper: 'A4',
    drawings: [
      { caption: 'Taken apart', drawing: apart },
      ...pieces.map(({ word, drawing }) => ({ caption: word, drawing })),
    ],
    stepDrawings: steps,
  }
}

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
    [
      'boxes with fingers',
      boxSheet(box('box-langstroth-deep'), 40, 'finger', STOCK, CATALOGUE, READER),
      boxDrawings(box('box-langstroth-deep'), 40, 'finger', STOCK, say),
    ],
    [
      'built-up boxes',
      boxSheet(box('box-national-super'), 3, 'rabbet', STOCK, CATALOGUE, {
        units: 'inches',
        vocabulary: 'northAmerican',
      }),
      boxDrawings(box('box-national-super'), 3, 'rabbet', STOCK, say),
    ],
    [
      'frames',
      frameSheet(CATALOGUE.hanging.get('frame-national-deep')!, 50, 'wax', SHIPPED_FIGURES, READER),
      frameDrawings(CATALOGUE.hanging.get('frame-national-deep')!, 50, 'wax', SHIPPED_FIGURES, say),
    ],
  ] as const)(
    'of %s says all that the screen says, read back by another library',
    async (_name, words: Sheet, drawings: BuildDrawings) => {
      const sheet = withDrawings(words, drawings)
      const { status, type, bytes } = await print(sheet)
      expect([status, type]).toEqual([200, 'application/pdf'])
      const { text } = await wordsOf(bytes)
      const flat = (words: string) => words.replace(/\s+/g, ' ').trim()
      for (const words of [
        sheet.title,
        sheet.caution,
        ...sheet.steps.flatMap((step) => [step.text, step.note]),
        ...sheet.tables.flatMap(({ heading, columns }) => [heading, ...columns]),
      ]) {
        for (const word of flat(words).split(' ')) expect(text, words).toContain(word)
      }
      for (const cell of sheet.tables.flatMap(({ rows }) => rows.flat()))
        for (const word of flat(cell).split(' ')) expect(text).toContain(word)
    },
  )

  it('refuses what is no sheet, too large a one, and another site’s page', async () => {
    const good = {
      ...frameSheet(CATALOGUE.hanging.get('frame-langstroth-deep')!, 1, 'wax', SHIPPED_FIGURES, READER),
      ...NO_DRAWINGS,
    }
    expect((await print('{')).status).toBe(400)
    expect((await print({ ...good, title: '' })).status).toBe(422)
    expect((await print({ ...good, extra: 1 })).status).toBe(422)
    const mark = { path: 'M0 0L1 1', fill: 'none', line: '#22262e', width: 1, dash: '' }
    const drawing = { x: 0, y: 0, width: 10, height: 10, marks: [mark], words: [] }
    const drawnSo = (marks: unknown[], paper = 'A4') => ({
      ...good,
      paper,
      drawings: [{ caption: 'a', drawing: { ...drawing, marks } }],
    })
    expect((await print(drawnSo([mark]))).status).toBe(200)
    expect((await print(drawnSo([{ ...mark, path: '"/><image href="file:///etc/hostname"/>' }]))).status).toBe(422)
    expect((await print(drawnSo([{ ...mark, fill: 'url(http://elsewhere.example)' }]))).status).toBe(422)
    expect((await print(drawnSo([{ ...mark, dash: '1"' }]))).status).toBe(422)
    expect((await print(drawnSo([mark], 'A1'))).status).toBe(422)
    expect((await print({ ...good, lines: ['x'.repeat(8_100_000)] })).status).toBe(413)
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
      ...NO_DRAWINGS,
      lines: ['<b>file:///etc/hostname</b>'],
      drawings: [
        {
          caption: 'a',
          drawing: {
            x: 0,
            y: 0,
            width: 200,
            height: 20,
            marks: [],
            words: [{ x: 100, y: 15, size: 10, text: '</text><b>&amp;' }],
          },
        },
      ],
    }
    expect((await wordsOf((await print(sheet)).bytes)).text).toContain('<b>file:///etc/hostname</b>')
    expect((await wordsOf((await print(sheet)).bytes)).text).toContain('</text><b>&amp;')
  })

  it('says the sizes in its drawings, on the paper that was asked for', async () => {
    const langstroth = box('box-langstroth-deep')
    const sheet = withDrawings(
      boxSheet(langstroth, 2, 'rabbet', STOCK, CATALOGUE, READER),
      boxDrawings(langstroth, 2, 'rabbet', STOCK, (mm) => `${Math.round(mm)} mm`),
    )
    for (const [paper, widthPt] of [
      ['A4', 595],
      ['LETTER', 612],
    ] as const) {
      const { bytes } = await print({ ...sheet, paper })
      const document = await getDocument({ data: bytes.slice(), verbosity: 0 }).promise
      const [, , width] = (await document.getPage(1)).view
      expect(Math.round(width!)).toBe(widthPt)
      const { text } = await wordsOf(bytes)
      for (const size of ['486 mm', '413 mm', '244 mm']) expect(text.replace(/ /g, '')).toContain(size.replace(' ', ''))
    }
  })

  it('begins no page for a few lines', async () => {
    const sheet = { title: 'Long', lines: [], tables: [], caution: 'Mind.', ...NO_DRAWINGS }
    const last: number[] = []
    for (let count = 20; count <= 44; count += 2) {
      const steps = Array.from({ length: count }, (_, i) => ({ text: `Step ${i}`, note: 'Mind this' }))
      const { bytes } = await print({ ...sheet, steps })
      const document = await getDocument({ data: bytes, verbosity: 0 }).promise
      const { items } = await (await document.getPage(document.numPages)).getTextContent()
      last.push(items.filter((item) => 'str' in item && item.str.startsWith('Step')).length)
    }
    expect(Math.min(...last)).toBeGreaterThan(3)
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

describe('while something large is printed', () => {
  const large = () => {
    const deep = box('box-langstroth-deep')
    const words = boxSheet(deep, 40, 'finger', STOCK, CATALOGUE, READER)
    const one = withDrawings(words, boxDrawings(deep, 40, 'finger', STOCK, say))
    return { ...one, drawings: Array.from({ length: 12 }, () => one.drawings[0]!) }
  }
  const send = (signal?: AbortSignal) =>
    fetch(`${server.url}/api/print/sheet`, {
      method: 'POST',
      body: JSON.stringify(large()),
      headers: { 'content-type': 'application/json' },
      ...(signal ? { signal } : {}),
    })

  it('a second one of the same keeper is told to wait, and what others save goes in', async () => {
    const [first, second] = [send(), send()]
    const health = await fetch(`${server.url}/api/yards`)
    expect(health.status).toBe(200)
    const answers = await Promise.all([first, second])
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 503])
    const refused = answers.find(({ status }) => status === 503)!
    expect(await refused.json()).toMatchObject({ sentence: expect.stringContaining('is being printed') })
  })

  it('one that is cancelled leaves room for the next', async () => {
    const cancel = new AbortController()
    const gone = send(cancel.signal).catch((error: unknown) => error)
    await new Promise((resolve) => setTimeout(resolve, 20))
    cancel.abort()
    expect(await gone).toMatchObject({ name: 'AbortError' })
    await expect.poll(async () => (await send()).status, { timeout: 20_000 }).toBe(200)
  })
})
