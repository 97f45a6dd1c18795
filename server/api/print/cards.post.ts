import { defineEventHandler, setHeader } from 'h3'
import { hiveCardsSchema, type HiveCards } from '#wire/visit-print-schema'
import { shippedFonts } from '../../print/fonts'
import { hiveCardsPdf } from '../../print/visit-pdf'
import { LIMITS, readValid } from '../../utils/answers'

/** Hive cards as PDF; nothing is stored. */
export default defineEventHandler(async (event) => {
  const cards = await readValid<HiveCards>(event, hiveCardsSchema, LIMITS.sheetBytes)
  const pdf = await hiveCardsPdf(cards, await shippedFonts())
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'cache-control', 'no-store')
  return pdf
})
