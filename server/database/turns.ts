/** How long the next turn is kept for a device whose changes were overtaken: it sends them again on what stands now. */
const KEPT_MS = 250
/** So often in a row: then the others come first. */
const MOST_KEPT = 4
/** A turn is waited for so long; then the work is done out of turn: whatever holds the others up may not hold this one. */
const MOST_WAIT_MS = 8000
/** A yard in which others came first is agreed about with other servers for so long; else nobody asks them. */
const CONTENDED_MS = 5000
/** So many turns are taken before another server may have the yard. */
const TURNS_HELD = 16

/** What several servers on one database agree by: one of them writes to a yard for a while. */
export interface YardLease {
  /** Ends once the yard is held, or when it has been waited for long enough. */
  hold(yardId: string): Promise<void>
  /** Lets another server have it. */
  release(yardId: string): Promise<void>
}

interface Waiting {
  readonly device: string
  readonly go: () => void
}

/** The turns at one yard. */
interface Line {
  readonly waiting: Waiting[]
  isTaken: boolean
  /** The device that the next turn is kept for, and how often in a row it was. */
  kept?: { readonly device: string; readonly times: number; readonly ends: NodeJS.Timeout }
  turnsHeld: number
}

/**
 * Who writes to a yard, one after the other in the order they came; a device that was overtaken has the next turn, so
 * that it is not overtaken for ever by those who came later. It only orders: what is true is held by the database.
 */
export class Turns {
  private readonly lines = new Map<string, Line>()
  private readonly contendedUntilMs = new Map<string, number>()

  constructor(private readonly lease?: YardLease) {}

  /** Runs work when its turn comes. @param isOvertaken whether its answer says that others came first */
  async take<T>(yardId: string, device: string, work: () => Promise<T>, isOvertaken: (done: T) => boolean): Promise<T> {
    const line = this.lineOf(yardId)
    if (!(await this.comes(yardId, line, device))) return work()
    const times = line.kept?.device === device ? line.kept.times : 0
    clearTimeout(line.kept?.ends)
    delete line.kept
    try {
      if ((this.contendedUntilMs.get(yardId) ?? 0) > performance.now()) await this.lease?.hold(yardId)
      const done = await work()
      if (isOvertaken(done)) this.contendedUntilMs.set(yardId, performance.now() + CONTENDED_MS)
      if (isOvertaken(done) && times < MOST_KEPT) {
        const ends = setTimeout(() => this.keepNoLonger(yardId, line), KEPT_MS)
        line.kept = { device, times: times + 1, ends }
      }
      return done
    } finally {
      this.letGo(yardId, line)
    }
  }

  /** Whether the turn has come; false where it was waited for too long. */
  private comes(yardId: string, line: Line, device: string): Promise<boolean> {
    return new Promise((resolve) => {
      const patience = setTimeout(() => {
        line.waiting.splice(line.waiting.indexOf(mine), 1)
        resolve(false)
      }, MOST_WAIT_MS)
      const mine: Waiting = {
        device,
        go: () => {
          clearTimeout(patience)
          resolve(true)
        },
      }
      line.waiting.push(mine)
      this.callNext(yardId, line)
    })
  }

  private lineOf(yardId: string): Line {
    let line = this.lines.get(yardId)
    if (!line) this.lines.set(yardId, (line = { waiting: [], isTaken: false, turnsHeld: 0 }))
    return line
  }

  private callNext(yardId: string, line: Line): void {
    if (line.isTaken) return
    const { kept, waiting } = line
    const at = kept ? waiting.findIndex(({ device }) => device === kept.device) : 0
    const [next] = at < 0 ? [] : waiting.splice(at, 1)
    if (next) {
      line.isTaken = true
      next.go()
    } else if (!kept && waiting.length === 0) this.lines.delete(yardId)
  }

  private keepNoLonger(yardId: string, line: Line): void {
    delete line.kept
    this.callNext(yardId, line)
    if (!line.isTaken) void this.lease?.release(yardId)
  }

  /** Ends a turn; the yard goes to another server where nobody waits here, or after so many turns. */
  private letGo(yardId: string, line: Line): void {
    line.turnsHeld++
    if (!line.kept && (line.waiting.length === 0 || line.turnsHeld >= TURNS_HELD)) {
      line.turnsHeld = 0
      void this.lease?.release(yardId)
    }
    line.isTaken = false
    this.callNext(yardId, line)
  }
}
