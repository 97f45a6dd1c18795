import { defineEventHandler, setHeader } from 'h3'
import { tickSheetsSchema, type TickSheets } from '#wire/visit-print-schema'
import { shippedFonts } from '../../print/fonts'
import { tickSheetsPdf } from '../../print/visit-pdf'
import { LIMITS, readValid } from '../../utils/answers'

/** The tick sheets of a visit as PDF; nothing is stored. */
export default defineEventHandler(async (event) => {
  const sheets = await readValid<TickSheets>(event, tickSheetsSchema, LIMITS.sheetBytes)
  const pdf = await tickSheetsPdf(sheets, await shippedFonts())
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'cache-control', 'no-store')
  return pdf
})
