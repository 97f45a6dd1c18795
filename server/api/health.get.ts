import { defineEventHandler } from 'h3'
import { whenBegun } from '../utils/begun'

export default defineEventHandler(async () => {
  await whenBegun()
  return { ok: true }
})
