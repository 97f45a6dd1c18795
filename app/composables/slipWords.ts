import { capital, entryInWords, type Reader } from '#core/words'
import type { Slip } from '~/journal/machine'

/** What a slip says, thing by thing. */
export const slipInWords = (slip: Slip, reader: Reader): string[] =>
  slip.sort === 'entries' ? slip.entries.map((entry) => capital(entryInWords(entry, reader))) : ['A weighing']

/** Whether something on a slip is of a hive. */
export const isOfHive = (slip: Slip, hiveId: string): boolean =>
  slip.sort === 'entries' ? slip.entries.some((entry) => entry.hiveId === hiveId) : slip.hiveId === hiveId
