import { defineEventHandler } from 'h3'
import { printAnswer } from '../../print/answer'

/** Hive cards as PDF; nothing is stored. */
export default defineEventHandler((event) => printAnswer(event, 'hiveCards'))
