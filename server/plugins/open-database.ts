import { fieldOf } from '#core/plain'
import { defineNitroPlugin } from 'nitropack/runtime'
import { DatabaseFault } from '../database/faults'
import { seedFrom } from '../database/seed'
import { hasKeepers, sessionSecret } from '../keepers/accounts'
import { closeOnce, inOneTransaction, openOnce, withDatabase } from '../utils/database'
import { isLoopbackOnly } from '../utils/keeper'

const UNSHARED =
  'Others would reach this address, and nobody has to sign in yet: start it with npm start alone, make yourself a keeper ' +
  'under Menu, Keepers, then share it.'

/**
 * Opens and migrates at start; a file that cannot be opened ends it with the sentence for the keeper. Fills an empty
 * one when asked.
 */
export default defineNitroPlugin(async (nitro) => {
  nitro.hooks.hook('close', closeOnce)
  try {
    await openOnce()
    process.env.NUXT_SESSION_PASSWORD = await inOneTransaction(sessionSecret)
    if (!isLoopbackOnly() && !(await withDatabase(hasKeepers))) throw new Error(UNSHARED)
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
