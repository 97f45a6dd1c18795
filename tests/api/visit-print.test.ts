import jsQR from 'jsqr'
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../../scripts/lib/server'
import { post } from '../helpers/wire'

let server: RunningServer
beforeAll(async () => {
  server = await startServer({})
})
afterAll(() => server.stop())

const DRAWING = {
  x: -10,
  y: -20,
  width: 20,
  height: 20,
  marks: [{ path: 'M-5 0L5 0L5 -10L-5 -10Z', fill: '#ead9b6', line: '#7d6233', width: 1, dash: '' }],
  words: [],
}
const HIVES = ['Twill', 'Calico', 'Gingham'].map((name, i) => ({
  name,
  link: `http://127.0.0.1:3000/hives/${name.toLowerCase()}%2F0`,
  lines: [`${i + 3} lifts`],
  drawing: DRAWING,
  steps: [
    {
      text: `Roof off ${name}, upside down on the ground, 3.5 kg`,
      why: 'stands in the way',
      cautions: ['Do not part boxes below about 10 °C.'],
    },
    { text: 'Super 1 off the hive, to the van, 25.2 kg', why: 'the crop comes off', cautions: [] },
  ],
}))
const SHEETS = {
  title: 'Sallow Quay: to winter',
  paper: 'A4',
  lines: ['12 lifts'],
  take: ['3 × mouse guard, 2 to get'],
  bring: ['3 × National super'],
  cautions: ['Stings can kill an allergic person.'],
  hives: HIVES,
}
const CARDS = {
  title: 'Sallow Quay: hive cards',
  paper: 'A4',
  cards: HIVES.map(({ name, link, lines, drawing }) => ({ name, link, lines, drawing })),
}

async function print(what: 'visit' | 'cards', value: unknown): Promise<{ status: number; bytes: Uint8Array }> {
  const response = await fetch(`${server.url}/api/print/${what}`, {
    method: 'POST',
    body: JSON.stringify(value),
    headers: { 'content-type': 'application/json' },
  })
  return { status: response.status, bytes: new Uint8Array(await response.arrayBuffer()) }
}

interface Picture {
  readonly width: number
  readonly height: number
  readonly data: Uint8Array
  /** 2 is RGB, 3 is RGBA, in the reading library. */
  readonly kind: number
}

/** Words and QR codes of a PDF, each read by a library that did not write it. */
async function readBack(bytes: Uint8Array): Promise<{ pages: number; text: string; codes: string[] }> {
  const document = await getDocument({ data: bytes, useSystemFonts: false, verbosity: 0 }).promise
  let text = ''
  const codes: string[] = []
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number)
    text += `${(await page.getTextContent()).items.map((item) => ('str' in item ? item.str : '')).join(' ')} `
    const { fnArray, argsArray } = await page.getOperatorList()
    for (const [i, operation] of fnArray.entries()) {
      if (operation !== OPS.paintImageXObject) continue
      const name = String((argsArray[i] as unknown[])[0])
      const picture = await new Promise<Picture>((resolve) => {
        ;(name.startsWith('g_') ? page.commonObjs : page.objs).get(name, resolve)
      })
      codes.push(jsQR(rgba(picture), picture.width, picture.height)?.data ?? 'unreadable')
    }
  }
  return { pages: document.numPages, text: text.replace(/\s+/g, ' '), codes }
}

function rgba({ width, height, data, kind }: Picture): Uint8ClampedArray {
  const out = new Uint8ClampedArray(width * height * 4).fill(255)
  const channels = kind === 3 ? 4 : 3
  for (let i = 0; i < width * height; i++)
    for (let c = 0; c < 3; c++)
      out[i * 4 + c] =
        kind === 1
          ? ((data[Math.floor(i / width) * Math.ceil(width / 8) + ((i % width) >> 3)]! >> (7 - ((i % width) & 7))) &
              1) *
            255
          : data[i * channels + c]!
  return out
}

describe('tick sheets', () => {
  it('say every step with its reason and cautions, short hives on one page behind the van’s, and their codes open the hives', async () => {
    const { status, bytes } = await print('visit', SHEETS)
    expect(status).toBe(200)
    const { pages, text, codes } = await readBack(bytes)
    expect(pages).toBe(2)
    for (const words of [
      SHEETS.title,
      ...SHEETS.take,
      ...SHEETS.bring,
      ...SHEETS.cautions,
      ...HIVES.flatMap(({ name, steps }) => [
        name,
        ...steps.flatMap((step) => [step.text, step.why, ...step.cautions]),
      ]),
    ])
      for (const word of words.split(' ')) expect(text, words).toContain(word)
    expect(codes).toEqual(HIVES.map(({ link }) => link))
  })
})

describe('hive cards', () => {
  it('carry the name and a code that opens the hive', async () => {
    const { text, codes } = await readBack((await print('cards', CARDS)).bytes)
    for (const { name } of HIVES) expect(text).toContain(name)
    expect(codes).toEqual(HIVES.map(({ link }) => link))
  })

  it.each([
    ['no hive', { ...CARDS, cards: [] }, /cards is empty/],
    ['a link that is none', { ...CARDS, cards: [{ ...CARDS.cards[0], link: 'javascript:alert(1)' }] }, /is no link/],
    ['no title', { ...CARDS, title: '' }, /title is empty/],
  ])('refuse %s in a sentence', async (_name, cards, sentence) => {
    const { status, body } = await post(`${server.url}/api/print/cards`, cards)
    expect([status, body.sentence]).toEqual([422, expect.stringMatching(sentence)])
  })
})
