import { defineEventHandler } from 'h3'
import { printAnswer } from '../../print/answer'

/** The tick sheets of a visit as PDF; nothing is stored. */
export default defineEventHandler((event) => printAnswer(event, 'tickSheets'))
