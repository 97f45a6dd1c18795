import { until } from '@vueuse/core'
import type { Ref } from 'vue'
import { server } from '~/client/server'
import type { useClocks } from './clock'
import type { Held } from './held'
import { nextOf, withResumed, yardsThatWait, type Slip } from './machine'
import type { Waiting } from './kept/waiting'
import { tabs } from './tabs/tabs'
import { useSettling, type Sent, type WhenAnswered } from './settle'

interface Sender extends Omit<WhenAnswered, 'again'> {
  readonly isLoaded: Ref<boolean>
  readonly clocks: ReturnType<typeof useClocks>
  readonly deviceName: () => string
}

const SAME_MINUTE = {
  field: 'at',
  sentence: 'There is a reading of this minute already: change the time, or take that one back.',
}

/** Sends what was written down; a weighing of a minute that has one already is refused. */
async function post(slip: Slip): Promise<Sent> {
  const answer =
    slip.sort === 'entries'
      ? await server.addEntries(slip.yardId, slip.entries)
      : await server.addReadings(slip.yardId, slip.hiveId, { kind: 'weight', ...slip.weighIns })
  if (!answer.ok) return answer
  if (slip.sort === 'weighing' && answer.value.added === 0) return { ok: false, status: 409, problem: SAME_MINUTE }
  return { ok: true, value: { revision: 0 } }
}

/** The one place that sends: what waits, in its order, until the server has it or says why it will not. */
export function useSender(held: Held, { isLoaded, troubles, clocks, deviceName, changedAlong, gone }: Sender) {
  const { state, become, making } = held
  const running = new Map<string, Promise<void>>()
  const { forms, settle } = useSettling(held, { troubles, changedAlong, gone, again: () => void flushAll() })

  /** Sends what waits in a yard; done when nothing waits any more, or nothing more can be sent now. */
  function flush(yardId: string): Promise<void> {
    const now = running.get(yardId)
    if (now) return now
    const sent = sendAll(yardId).finally(() => running.delete(yardId))
    running.set(yardId, sent)
    return sent
  }
  const flushAll = (): Promise<unknown> => Promise.all(yardsThatWait(state.value).map(flush))

  async function sendAll(yardId: string): Promise<void> {
    // What waits is not known before: something written might go before the change it builds on.
    await until(isLoaded).toBe(true)
    await tabs().lead.take()
    while (tabs().lead.isMine && (await sendNext(yardId)));
  }

  /** Sends what comes next in a yard; whether there is more to do. */
  async function sendNext(yardId: string): Promise<boolean> {
    const next = nextOf(state.value, yardId)
    if (!next) return false
    if (next.what === 'edits') {
      const { baseRevision, edits } = next
      const said = { baseRevision, device: deviceName(), sentAt: making().now, edits }
      return settle(next, await server.commit(yardId, said))
    }
    const slip = clocks.withRightTimes(next.slip)
    return slip !== null && settle({ ...next, slip }, await post(slip))
  }

  /** Sends one for a form that is still open; the sentence where the server refuses it, empty where it is kept. */
  async function sendFor(slip: Slip): Promise<string> {
    let sentence = ''
    forms.set(slip.id, (by) => (sentence = by))
    await flush(slip.yardId)
    // Another sending may have ended before this was there.
    if (state.value.slips.some(({ id }) => id === slip.id)) await flush(slip.yardId)
    forms.delete(slip.id)
    return sentence
  }

  /** Puts edits of an older page, or of another device, on top, and sends them. */
  function resume(from: Waiting, yardName = ''): void {
    become(withResumed(state.value, from, yardName, making()))
    void flush(from.yardId)
  }

  return { flush, flushAll, sendFor, resume }
}
