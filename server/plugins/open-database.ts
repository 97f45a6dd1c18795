import { defineNitroPlugin } from 'nitropack/runtime'
import { seedFrom } from '../database/seed'
import { openOnce, withDatabase } from '../utils/database'

/** Opens and migrates at start, so that a file that cannot be opened is told at once; fills an empty one when asked. */
export default defineNitroPlugin(async () => {
  await openOnce()
  const seed = process.env.DUVET_SEED
  if (seed) await withDatabase((database) => seedFrom(database, seed, process.env.DUVET_SEED_LOG))
})
