import type { Sheet } from '#core/wording'
import { MARKS, PIECE_NAMES } from '#core/build'
import { listOf, oneOf, record, text as words } from './fields'
import * as yup from './yup'

const figure = yup.number().strict().required().min(-20_000).max(20_000)
const point = yup.tuple([figure, figure]).strict().typeError('${path} is no point').required()
const line = listOf(point, 2000)

/** What is sent to be printed: a sheet in words, as the screen shows it. */
export const sheetSchema: yup.ObjectSchema<Sheet> = record({
  title: words(200, 1),
  lines: listOf(words(2000), 50),
  tables: listOf(
    record({
      heading: words(200),
      columns: listOf(words(100), 12, 1),
      rows: listOf(listOf(words(2000), 12), 3000),
    }),
    20,
  ),
  steps: listOf(record({ text: words(1000), mistake: words(1000) }), 100),
  outlines: listOf(
    record({ name: oneOf(PIECE_NAMES), edge: line, marks: listOf(record({ what: oneOf(MARKS), line }), 20) }),
    20,
  ),
  caution: words(1000),
})
