import { fieldOf } from '#core/plain'
import { defineNitroPlugin } from 'nitropack/runtime'
import { DatabaseFault } from '../database/faults'
import { seedFrom } from '../database/seed'
import { openOnce, withDatabase } from '../utils/database'

/**
 * Opens and migrates at start; a file that cannot be opened ends it with the sentence for the keeper. Fills an empty
 * one when asked.
 */
export default defineNitroPlugin(async () => {
  try {
    await openOnce()
    const seed = process.env.DUVET_SEED
    if (seed) await withDatabase((database) => seedFrom(database, seed, process.env.DUVET_SEED_LOG))
  } catch (error) {
    const sentence =
      error instanceof DatabaseFault
        ? error.sentence
        : String(fieldOf(fieldOf(error, 'data'), 'sentence') ?? fieldOf(error, 'message')).split('\n')[0]
    process.stderr.write(`Duvet does not start. ${sentence}\n`)
    process.exit(1)
  }
})
