import { fieldOf } from '#core/units'
import { RateLimiterMemory } from 'rate-limiter-flexible'

/**
 * Reports in a minute: of one source, whatever it calls itself, before anything is read; of one device, once its
 * signature is known to be its own.
 */
const PER_SOURCE = 600
const PER_DEVICE = 30

const sources = new RateLimiterMemory({ points: PER_SOURCE, duration: 60 })
const devices = new RateLimiterMemory({ points: PER_DEVICE, duration: 60 })

async function secondsToWait(limiter: RateLimiterMemory, key: string): Promise<number> {
  try {
    await limiter.consume(key)
    return 0
  } catch (refused) {
    return Math.max(1, Math.ceil(Number(fieldOf(refused, 'msBeforeNext') ?? 60_000) / 1000))
  }
}

/** Seconds that a source has to wait before it may send anything; 0 when it may. */
export const sourceWaits = (address: string) => secondsToWait(sources, address)

/** Seconds that a device, known by its signature, has to wait; 0 when it may report. */
export const deviceWaits = (deviceId: string) => secondsToWait(devices, deviceId)
