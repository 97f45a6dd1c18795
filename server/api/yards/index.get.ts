import { defineEventHandler, setHeader } from 'h3'
import { yardTexts } from '../../database/yard-text'
import { withDatabase } from '../../utils/database'
import { plays } from '../../utils/keeper'

/** Every yard with its revision. */
export default defineEventHandler(async (event) => {
  const stored = (await withDatabase(yardTexts)).filter(({ id }) => plays(event, id, 'reader'))
  setHeader(event, 'content-type', 'application/json')
  return `[${stored.map(({ text, revision }) => `{"yard":${text},"revision":${revision}}`).join(',')}]`
})
