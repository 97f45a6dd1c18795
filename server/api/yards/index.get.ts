import { defineEventHandler, setHeader } from 'h3'
import { yardTexts } from '../../database/yard-text'
import { withDatabase } from '../../utils/database'

/** Every yard with its revision. */
export default defineEventHandler(async (event) => {
  const stored = await withDatabase(yardTexts)
  setHeader(event, 'content-type', 'application/json')
  return `[${stored.map(({ text, revision }) => `{"yard":${text},"revision":${revision}}`).join(',')}]`
})
