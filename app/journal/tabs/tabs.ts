import { Lead } from './lead'

/** What keeps the server from saving, as a sentence. */
export interface Trouble {
  readonly away: boolean
  /** Who asks is not signed in any more. */
  readonly signedOut?: boolean
  readonly sentence: string
}

/** What tabs of this browser tell each other. */
export interface ToldTabs {
  /** A yard of which this device keeps something else now. */
  readonly changed?: string
  /** What was written down and waits is something else now. */
  readonly slips?: true
  /** What keeps the server from saving, as the tab that sends found it. */
  readonly trouble?: Trouble | null
}

/** The tabs of this browser: which of them sends, and what they tell each other. */
class Tabs {
  readonly lead = new Lead()
  private readonly channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('duvet')

  tell(told: ToldTabs): void {
    this.channel?.postMessage(told)
  }
  /** Called with what another tab tells. */
  listen(hear: (told: ToldTabs) => void): void {
    if (!this.channel) return
    this.channel.onmessage = ({ data }: MessageEvent<ToldTabs>) => hear(data)
  }
}

let opened: Tabs | undefined

export function tabs(): Tabs {
  opened ??= new Tabs()
  return opened
}
