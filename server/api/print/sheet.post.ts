import { defineEventHandler, setHeader } from 'h3'
import type { Sheet } from '#core/wording'
import { sheetSchema } from '#wire/sheet-schema'
import { shippedFonts } from '../../print/fonts'
import { sheetPdf } from '../../print/sheet-pdf'
import { LIMITS, readValid } from '../../utils/answers'

/** A sheet set as PDF; nothing is stored. */
export default defineEventHandler(async (event) => {
  const sheet = await readValid<Sheet>(event, sheetSchema, LIMITS.sheetBytes)
  const pdf = await sheetPdf(sheet, await shippedFonts())
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'cache-control', 'no-store')
  return pdf
})
