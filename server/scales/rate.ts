import { RateLimiterMemory } from 'rate-limiter-flexible'

/** Reports that one scale may send in a minute, and all of them together. */
const PER_SCALE = 30
const ALL_SCALES = 600

const each = new RateLimiterMemory({ points: PER_SCALE, duration: 60 })
const all = new RateLimiterMemory({ points: ALL_SCALES, duration: 60 })

/** Seconds that a scale has to wait before it may report; 0 when it may. Refused before anything of it is read. */
export async function mayReport(scaleId: string): Promise<number> {
  try {
    await each.consume(scaleId.slice(0, 64))
    await all.consume('all')
    return 0
  } catch (refused) {
    return Math.max(1, Math.ceil(((refused as { msBeforeNext?: number }).msBeforeNext ?? 60_000) / 1000))
  }
}
