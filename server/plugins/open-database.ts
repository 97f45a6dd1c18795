import { fieldOf } from '#core/units'
import { setTimeout as wait } from 'node:timers/promises'
import { defineNitroPlugin } from 'nitropack/runtime'
import { DatabaseFault } from '../database/faults'
import { seedFrom } from '../database/seed'
import { hasKeepers, sessionSecret } from '../keepers/accounts'
import { hasBegun } from '../utils/begun'
import { closeOnce, inOneTransaction, isOnFile, openOnce, withDatabase } from '../utils/database'
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
    await whenItAnswers(async () => {
      await openOnce()
      process.env.NUXT_SESSION_PASSWORD = await inOneTransaction(sessionSecret)
    })
    if (!isLoopbackOnly() && !(await withDatabase(hasKeepers))) throw new Error(UNSHARED)
    const seed = process.env.DUVET_SEED
    if (seed) await withDatabase((database) => seedFrom(database, seed, process.env.DUVET_SEED_LOG))
    hasBegun()
  } catch (error) {
    const sentence =
      error instanceof DatabaseFault
        ? error.sentence
        : String(fieldOf(fieldOf(error, 'data'), 'sentence') ?? fieldOf(error, 'message')).split('\n')[0]
    process.stderr.write(`Duvet does not start. ${sentence}\n`)
    process.exit(1)
  }
})

/** A server of the database that is busy, or not up yet, is waited for: Duvet does not end because of it. */
const PATIENCE_MS = 60_000
const AGAIN_MS = 1000

async function whenItAnswers(begin: () => Promise<void>): Promise<void> {
  for (const until = performance.now() + PATIENCE_MS; ;) {
    try {
      return await begin()
    } catch (error) {
      if (isOnFile() || !isPassing(error) || performance.now() > until) throw error
      await closeOnce()
      await wait(AGAIN_MS)
    }
  }
}

/** Away or locked: it may answer in a moment. */
function isPassing(error: unknown): boolean {
  const fault = fieldOf(error, 'fault') ?? fieldOf(fieldOf(error, 'data'), 'fault')
  return fault === 'away' || fault === 'locked'
}
