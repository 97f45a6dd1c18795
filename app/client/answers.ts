import { device, type KeptAnswer } from '~/journal/kept/device'

/** Answers that this device keeps at most; the oldest go first. */
const MOST = 6000
const LOOK_EVERY = 200
let kept = 0

/** What the server answered to this last; undefined where this device does not know. */
export async function knownAnswer(path: string): Promise<KeptAnswer | undefined> {
  return (await device()).answer(path).catch(() => undefined)
}

/** Keeps what the server answered. Without room for it nothing is lost: what waits comes first. */
export async function keepAnswer(path: string, text: string): Promise<void> {
  const on = await device()
  await on.keepAnswer({ path, text, at: new Date().toISOString() }).catch(() => on.dropOldest(LOOK_EVERY))
  if (++kept % LOOK_EVERY !== 0) return
  const over = (await on.countAnswers()) - MOST
  if (over > 0) await on.dropOldest(over)
}
