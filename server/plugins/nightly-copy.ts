import { defineNitroPlugin } from 'nitropack/runtime'
import dayjs from 'dayjs'
import { backupFolder, mostKept, nightly } from '../database/backup/nightly'
import { DatabaseFault } from '../database/faults'
import { answered, databaseAddress } from '../utils/database'

const LOOK_MS = 30 * 60_000
const FIRST_MS = 60_000
/** From this hour on the copy of the day is made: the keeper sleeps, and the day before is in it. */
const HOUR = 3

/** A copy each night, or as soon as the machine is on after it. */
export default defineNitroPlugin(() => {
  const folder = backupFolder(databaseAddress())
  if (folder === null) return
  const look = async () => {
    const now = dayjs()
    if (now.hour() < HOUR) return
    try {
      await nightly(databaseAddress(), folder, now.format('YYYY-MM-DD'), mostKept())
    } catch (error) {
      const told = answered(error)
      const why = error instanceof DatabaseFault ? error.sentence : String(told)
      process.stderr.write(`No copy was made in ${folder}. ${why}\n`)
    }
  }
  setTimeout(look, FIRST_MS).unref()
  setInterval(look, LOOK_MS).unref()
})
