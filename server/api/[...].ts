import { defineEventHandler } from 'h3'
import { refusal } from '../utils/answers'

/** Whatever no other route takes, so that it is not answered with the page. */
export default defineEventHandler(() => {
  throw refusal(404, { field: 'request', sentence: 'There is nothing at this address.' })
})
