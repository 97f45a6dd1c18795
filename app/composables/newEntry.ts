import type { Entry } from '#core/book'

/** What every entry says that is written on this device. */
export function useWritten() {
  const preferences = usePreferences()
  const me = useMe()
  return (hiveId: string, at: string): Pick<Entry, 'id' | 'hiveId' | 'at' | 'madeAt' | 'device' | 'by' | 'byId'> => ({
    id: crypto.randomUUID(),
    hiveId,
    at,
    madeAt: new Date().toISOString(),
    device: preferences.device,
    ...(me.me?.keeper ? { by: me.me.keeper.name, byId: me.me.keeper.id } : {}),
  })
}
