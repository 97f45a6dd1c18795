import { counted } from '#core/words'
import type { Counted } from '../../server/database/backup/files'
import { asFault, DatabaseFault } from '../../server/database/faults'

/** What a copy holds, in words. */
export function inWords({ yards, hives, entries }: Counted): string {
  return `${counted(yards, 'yard')}, ${counted(hives, 'hive')}, ${counted(entries, 'entry of the book', 'entries of the book')}`
}

/** Does something with a copy; where it cannot be done, says why and ends. */
export async function orSentence<T>(what: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (error) {
    const fault = asFault(error, undefined, true)
    process.stderr.write(`${what} ${fault instanceof DatabaseFault ? fault.sentence : String(fault).split('\n')[0]}\n`)
    process.exit(1)
  }
}
