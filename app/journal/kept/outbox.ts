import type { HeldYard, LeftOut, WaitingEdit } from '#core/yard'
import { device, type Device, type KeptYard } from './device'

/** A yard is kept as the server has it so long after it was last saved, ms: not with every key press. */
const QUIET_MS = 1500
/** One that this device has not, or has otherwise, is kept as soon as it is drawn: the next moment may have no server. */
const SOON_MS = 100

function isBehind(was: readonly WaitingEdit[], is: readonly WaitingEdit[]): boolean {
  return was.length <= is.length && was.every((entry, i) => entry === is[i])
}
const keptOf = (yardId: string, { saved, revision, log }: HeldYard): KeptYard => ({
  yardId,
  yard: saved,
  revision,
  log: log.filter((entry) => 'revision' in entry),
  keptAt: new Date().toISOString(),
})

/**
 * Keeps on this device what every yard is and what waits on it, as the difference between what was held before and what
 * is held now.
 */
export class Outbox {
  /** The revision of each yard that its rows on this device lead to. */
  private readonly reaches = new Map<string, number>()
  private readonly timers = new Map<string, ReturnType<typeof setTimeout>>()

  private constructor(
    private readonly device: Device,
    private readonly current: (yardId: string) => HeldYard | undefined,
    private readonly changed: (yardId: string) => void,
  ) {}

  /** @param current what is held of a yard; changed is told which yard is kept otherwise than before */
  static async open(
    current: (yardId: string) => HeldYard | undefined,
    changed: (yardId: string) => void,
  ): Promise<Outbox> {
    return new Outbox(await device(), current, changed)
  }

  get lasting(): boolean {
    return this.device.lasting
  }

  /**
   * Keeps what is held of a yard now. What is new is handed to the browser before this returns; it is kept once the
   * promise is.
   * @param taken the changes that the server has taken, where that is all that is new
   * @throws where the browser has no room
   */
  async keep(
    yardId: string,
    was: HeldYard | undefined,
    now: HeldYard,
    taken: readonly WaitingEdit[] = [],
  ): Promise<void> {
    const before = was?.waiting ?? []
    const isSame = was?.revision === now.revision
    if (isSame && before.length === now.waiting.length && isBehind(before, now.waiting)) {
      // Of its log more may be known.
      if (was?.log.length !== now.log.length || was?.log.at(-1)?.id !== now.log.at(-1)?.id) this.later(yardId)
      return
    }
    if (isSame && isBehind(before, now.waiting)) await this.add(yardId, now, now.waiting.slice(before.length))
    else if (taken.length > 0) await this.sent(yardId, taken, before, now)
    else if (before.length === 0 && now.waiting.length === 0) this.later(yardId)
    else await this.whole(yardId, before, now)
    this.changed(yardId)
  }

  /** Forgets changes that were set aside: they are no part of what waits in a yard any more. */
  async leave(yardId: string, left: readonly LeftOut[], now: HeldYard): Promise<void> {
    const entries = left.flatMap((one) => one.entries)
    if (entries.length > 0) await this.whole(yardId, entries, now)
  }

  private add(yardId: string, now: HeldYard, entries: readonly WaitingEdit[]): Promise<void> {
    const on = this.reaches.get(yardId) === now.revision ? undefined : keptOf(yardId, now)
    this.reaches.set(yardId, now.revision)
    return this.device.add(
      entries.map((entry) => ({ yardId, entry })),
      on,
    )
  }

  private async sent(
    yardId: string,
    entries: readonly WaitingEdit[],
    before: readonly WaitingEdit[],
    now: HeldYard,
  ): Promise<void> {
    const isWhole = this.reaches.has(yardId)
    this.reaches.set(yardId, now.revision)
    if (!isWhole) return this.whole(yardId, before, now)
    await this.device.markSent(yardId, new Set(entries.map(({ id }) => id)), now.revision)
    this.later(yardId)
  }

  private whole(yardId: string, known: readonly WaitingEdit[], now: HeldYard): Promise<void> {
    clearTimeout(this.timers.get(yardId))
    this.reaches.set(yardId, now.revision)
    return this.device.keepYard(keptOf(yardId, now), { known, waiting: now.waiting })
  }

  private later(yardId: string): void {
    clearTimeout(this.timers.get(yardId))
    const timer = setTimeout(
      () => {
        const now = this.current(yardId)
        if (!now) return
        this.reaches.set(yardId, now.revision)
        // Without room for it, the rows that lead to it stay.
        this.device.keepYard(keptOf(yardId, now)).catch(() => {})
      },
      this.reaches.get(yardId) === this.current(yardId)?.revision ? QUIET_MS : SOON_MS,
    )
    this.timers.set(yardId, timer)
  }

  /** What is known of a yard here was read from the device. */
  reached(yardId: string, revision: number): void {
    this.reaches.set(yardId, revision)
  }

  async forget(yardId: string): Promise<void> {
    clearTimeout(this.timers.get(yardId))
    this.reaches.delete(yardId)
    await this.device.forgetYard(yardId)
    this.changed(yardId)
  }
}
