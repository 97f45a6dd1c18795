import { defineEventHandler } from 'h3'
import { readYards } from '../../database/yards'
import { withDatabase } from '../../utils/database'

/** Every yard with its revision. */
export default defineEventHandler(() => withDatabase(readYards))
