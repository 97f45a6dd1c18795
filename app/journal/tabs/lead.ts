const NAME = 'duvet.sender'

const locks = (): LockManager | undefined => globalThis.navigator?.locks

/** Which of the tabs of this browser sends: the one in which something was done last. */
export class Lead {
  private held: boolean
  private readonly told = new Set<() => void>()

  constructor() {
    // A page that is not a secure one has no locks: each of its tabs sends, and the server takes everything once.
    this.held = locks() === undefined
    this.queue()
  }

  get isMine(): boolean {
    return this.held
  }

  /** Called when this tab is to send from now on. */
  onLead(tell: () => void): void {
    this.told.add(tell)
  }

  /** Waits in the line of tabs: a tab that is closed hands on. */
  private queue(): void {
    this.ask({})
  }

  /** Takes it over from whichever tab has it. */
  take(): Promise<void> {
    return this.held ? Promise.resolve() : this.ask({ steal: true })
  }

  private ask(options: LockOptions): Promise<void> {
    return new Promise((resolve) => {
      void locks()
        ?.request(NAME, options, () => {
          this.held = true
          resolve()
          for (const tell of this.told) tell()
          return new Promise<void>(() => {})
        })
        .catch(() => {
          // Another tab took it: this one stands in the line again.
          this.held = false
          this.queue()
        })
    })
  }
}
