import { defineEventHandler } from 'h3'
import { printAnswer } from '../../print/answer'

/** A sheet set as PDF; nothing is stored. */
export default defineEventHandler((event) => printAnswer(event, 'sheet'))
