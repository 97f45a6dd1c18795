import dayjs from 'dayjs'
import type { Entry } from '#core/book'

/** The moment by this machine’s clock, as entries have it: `2026-05-31T14:15`. */
export const localNow = () => dayjs().format('YYYY-MM-DDTHH:mm')
/** Today by this machine’s clock. */
export const localToday = () => dayjs().format('YYYY-MM-DD')

/** What every entry says that is written on this device. */
export function useWritten() {
  const preferences = usePreferences()
  const me = useMe()
  return (hiveId: string, at: string): Pick<Entry, 'id' | 'hiveId' | 'at' | 'madeAt' | 'device' | 'by'> => ({
    id: crypto.randomUUID(),
    hiveId,
    at,
    madeAt: new Date().toISOString(),
    device: preferences.device,
    ...(me.me?.keeper ? { by: me.me.keeper.name } : {}),
  })
}

/** Where the draft of a look is kept on this device; one that is written again beside the one that is new. */
export const lookDraftKey = (yardId: string, hiveId: string, again = '') =>
  `duvet.look.${yardId}/${hiveId}${again ? `#${again}` : ''}`
