import { defineEventHandler, setHeader } from 'h3'
import { PLAN_FORMAT, PLAN_VERSION } from '#core/yard'
import { bookTexts } from '../../database/book-reads'
import { yardTexts } from '../../database/yard-text'
import { plays } from '../../utils/keeper'
import { withDatabase } from '../../utils/database'

/** Everything as one plan file. */
export default defineEventHandler(async (event) => {
  const [stored, books] = await withDatabase(async (database) => [await yardTexts(database), await bookTexts(database)])
  setHeader(event, 'content-type', 'application/json')
  setHeader(event, 'content-disposition', 'attachment; filename="duvet-plan.json"')
  const mine = stored.filter(({ id }) => plays(event, id, 'reader'))
  const yards = mine.map(({ text }) => text).join(',')
  const own = books.filter(({ yardId }) => plays(event, yardId, 'reader'))
  const kept = own.length > 0 ? `,"books":[${own.map(({ book }) => book).join(',')}]` : ''
  return `{"format":"${PLAN_FORMAT}","version":${PLAN_VERSION},"yards":[${yards}]${kept}}`
})
