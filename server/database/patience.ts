import { faultKind } from './faults'

const AGAIN_MS = 60

/** Begins work again that meets a lock of another program, or of a file being brought in, for so long. */
export async function patiently<T>(work: () => Promise<T>, mostMs: number): Promise<T> {
  for (const until = performance.now() + mostMs; ;) {
    try {
      return await work()
    } catch (error) {
      if (faultKind(error) !== 'locked' || performance.now() > until) throw error
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
    }
  }
}
