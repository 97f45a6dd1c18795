import { defineEventHandler } from 'h3'
import { openOnce } from '../utils/database'

export default defineEventHandler(async () => {
  await openOnce()
  return { ok: true }
})
