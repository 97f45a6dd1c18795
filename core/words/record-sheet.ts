import { cropFrom, dayOf, entriesOf, treatmentEnd, type Entry } from '../book'
import type { Yard } from '../yard'
import { showMass, there } from '../units'
import { FEED_NAMES } from './book-words'
import { entryInWords, mitesInWords } from './entry-words'
import { SIGN_WORDS } from './sign-words'
import type { Sheet, SheetTable } from './build-sheet'
import { dayInWords } from './day-words'
import { counted, hiveNameIn, type Reader } from './names'
import { inVocabulary } from './vocabulary'

/** What a record is of. */
export interface RecordOf {
  readonly yard: Yard
  /** One hive of it; all of them where it is left out. */
  readonly hiveId?: string
  readonly from: string
  readonly to: string
}

/** Rows of one table of a sheet, and tables of a sheet, at most. */
const MOST_ROWS = 3000
const MOST_TABLES = 20

/**
 * The record of a hive or a yard over some time, as an inspector asks for it: treatments with their labels first, then
 * signs, losses, counts, food, crops, looks. Undefined where it is longer than one sheet can hold.
 */
export function recordSheet(
  { yard, hiveId, from, to }: RecordOf,
  entries: readonly Entry[],
  reader: Reader,
): Sheet | undefined {
  const nameOf = (id: string) => hiveNameIn(yard, id)
  const own = entries.filter((entry) => hiveId === undefined || entry.hiveId === hiveId)
  const tables = [...healthTables(own, nameOf, reader), ...workTables(own, nameOf, reader)].flatMap(inPieces)
  if (tables.length > MOST_TABLES) return undefined
  const [first, last] = [from, to].map((one) => dayInWords(one, reader.vocabulary))
  const stand = hiveId === undefined ? ` ${counted(yard.hives.length, 'hive')} stand here now.` : ''
  return {
    title: `Record of ${hiveId === undefined ? yard.name : `${nameOf(hiveId)}, ${yard.name}`}`,
    lines: [
      `${first} to ${last}.${stand}`,
      'Keeper: ______________________   Registration: ______________________   Place: ______________________',
    ],
    tables,
    steps: [],
    caution:
      'As it was written down, corrections included; what was not noted is not here. ' +
      'Keep it as long as your local law asks.',
  }
}

type NameOf = (hiveId: string) => string

/** Day and hive of an entry, and what is noted beside it. */
function cells(nameOf: NameOf, { vocabulary }: Reader) {
  const day = (at: string) => dayInWords(dayOf(at), vocabulary)
  return {
    day,
    first: ({ at, hiveId }: Entry) => [day(at), nameOf(hiveId)],
    last: ({ note, by, device, corrects }: Entry) =>
      [note, by ? `by ${by}` : `on ${device}`, corrects ? 'corrected' : ''].filter(Boolean).join('; '),
  }
}

function healthTables(own: readonly Entry[], nameOf: NameOf, reader: Reader): SheetTable[] {
  const { day, first, last } = cells(nameOf, reader)
  return [
    {
      heading: 'Treatments',
      columns: [
        'From',
        'Hive',
        'Product',
        'Batch, from whom',
        'How much',
        'To',
        `${inVocabulary('Crop', reader.vocabulary)} again from`,
        'Noted',
      ],
      rows: entriesOf(own, 'treatment').map((one) => {
        const [end, crop] = [treatmentEnd(one), cropFrom(one)]
        const { product, amount, batch, supplier, boughtOn, expiresOn } = one.body
        const source = [
          batch,
          supplier,
          boughtOn ? `bought ${day(boughtOn)}` : '',
          expiresOn ? `not after ${day(expiresOn)}` : '',
        ]
        return [
          ...first(one),
          product,
          source.filter(Boolean).join('; '),
          amount ?? '',
          end ? day(end) : 'not noted',
          crop ? day(crop) : '',
          last(one),
        ]
      }),
    },
    {
      heading: 'Signs that were seen',
      columns: ['Day', 'Hive', 'Seen', 'Noted'],
      rows: entriesOf(own, 'look')
        .filter(({ body }) => body.signs?.length)
        .map((one) => [
          ...first(one),
          there(one.body.signs)
            .map((sign) => SIGN_WORDS[sign])
            .join(', '),
          last(one),
        ]),
    },
    {
      heading: 'What became of colonies',
      columns: ['Day', 'Hive', 'What', 'Noted'],
      rows: entriesOf(own, 'fate').map((one) => [...first(one), entryInWords(one, reader), last(one)]),
    },
    {
      heading: 'Mites counted',
      columns: ['Day', 'Hive', 'Mites', 'Noted'],
      rows: entriesOf(own, 'mites').map((one) => [...first(one), mitesInWords(one.body), last(one)]),
    },
  ]
}

function workTables(own: readonly Entry[], nameOf: NameOf, reader: Reader): SheetTable[] {
  const { first, last } = cells(nameOf, reader)
  const mass = (kg: number) => showMass(kg, reader.units, 1)
  return [
    {
      heading: 'Food given',
      columns: ['Day', 'Hive', 'What', 'How much', 'Noted'],
      rows: entriesOf(own, 'feed').map((one) => [
        ...first(one),
        FEED_NAMES[one.body.feed],
        mass(one.body.kg),
        last(one),
      ]),
    },
    {
      heading: `${inVocabulary('Crop', reader.vocabulary)} taken`,
      columns: ['Day', 'Hive', 'How much', 'Noted'],
      rows: entriesOf(own, 'crop').map((one) => [...first(one), mass(one.body.kg), last(one)]),
    },
    {
      heading: 'Looks',
      columns: ['Day', 'Hive', 'What was seen', 'Noted'],
      rows: entriesOf(own, 'look').map((one) => [
        ...first(one),
        entryInWords(one, reader).replace(/^Inspected: /, ''),
        last(one),
      ]),
    },
  ]
}

function inPieces(table: SheetTable): SheetTable[] {
  if (table.rows.length === 0) return [{ ...table, rows: [['Nothing noted', ...table.columns.slice(1).map(() => '')]] }]
  return Array.from({ length: Math.ceil(table.rows.length / MOST_ROWS) }, (_, i) => ({
    ...table,
    heading: i === 0 ? table.heading : `${table.heading}, going on`,
    rows: table.rows.slice(i * MOST_ROWS, (i + 1) * MOST_ROWS),
  }))
}
