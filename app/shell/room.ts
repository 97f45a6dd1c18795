import { useIntervalFn } from '@vueuse/core'

/** Less room than this is told before it is none, bytes. */
const SHORT_BYTES = 15_000_000
const LOOK_MS = 60_000
const MB = 1_000_000

const found = ref<{ readonly usedBytes: number; readonly leftBytes: number } | null>(null)

async function look(): Promise<void> {
  const told = await globalThis.navigator?.storage?.estimate?.().catch(() => undefined)
  if (told?.quota === undefined || told.usage === undefined) return
  found.value = { usedBytes: told.usage, leftBytes: Math.max(0, told.quota - told.usage) }
}

/** How much room this browser has for what waits: said before there is none. */
export function useRoom() {
  void look()
  useIntervalFn(look, LOOK_MS)
  return computed(() => {
    const { usedBytes, leftBytes } = found.value ?? { usedBytes: 0, leftBytes: Infinity }
    const short = leftBytes < SHORT_BYTES
    const words = !found.value
      ? ''
      : short
        ? `This browser has room for only ${Math.floor(leftBytes / MB)} MB more: soon nothing that is done here can be ` +
          'kept without the server. Send what waits, save it as a file, or make room on this device.'
        : `Duvet uses ${Math.ceil(usedBytes / MB)} MB of this device; there is room for more.`
    return { short, words }
  })
}
