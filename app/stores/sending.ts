import { until } from '@vueuse/core'
import { defineStore } from 'pinia'
import { acknowledged, resumed, type WaitingEdit } from '#core/yard'
import { post } from '~/sync/post'
import { server } from '~/sync/server'
import { changesBefore, type Slip } from '~/sync/slips'
import { tabs } from '~/sync/tabs'
import type { Waiting } from '~/sync/waiting'
import { useClock } from './clock'
import { useConflict } from './conflict'
import { useHeld } from './held'
import { usePreferences } from './preferences'
import { useRefused } from './refused'
import { useRemoved } from './removed'
import { useSlips } from './slips'
import { isTrouble, useTrouble } from './trouble'

const AT_A_TIME = 200

/** Sends what waits, in the order in which it was done, until the server has it or says why it will not. */
export const useSending = defineStore('sending', () => {
  const store = useHeld()
  const slips = useSlips()
  const conflict = useConflict()
  const trouble = useTrouble()
  const refused = useRefused()
  const clock = useClock()
  const running = new Map<string, Promise<void>>()
  /** What was written down and refused, by who is told of it. */
  const onRefused = new Set<(slip: Slip, sentence: string) => void>()

  /** Yards that were changed along with another one, by who has them had anew. */
  const onAlso = new Set<(yardIds: readonly string[]) => void>()

  /** Puts edits of an older page, or of another device, on top, or asks where others came first. */
  function resume({ yardId, entries, baseRevision }: Waiting): void {
    const now = store.held.get(yardId)
    const name = useRemoved().removed.find(({ id }) => id === yardId)?.name ?? ''
    if (!now)
      return conflict.setAside(yardId, 'The yard was taken away before these changes were saved.', entries, name)
    const laid = resumed(now, { entries, baseRevision })
    if (laid && conflict.take(yardId, laid)) void flush(yardId)
  }

  /** Sends what waits in a yard; done when nothing waits any more, or nothing more can be sent now. */
  function flush(yardId: string): Promise<void> {
    const now = running.get(yardId)
    if (now) return now
    const sent = sendAll(yardId).finally(() => running.delete(yardId))
    running.set(yardId, sent)
    return sent
  }

  async function sendAll(yardId: string): Promise<void> {
    // What waits is not known before: something written might go before the change it builds on.
    await until(() => store.loaded).toBe(true)
    await tabs().lead.take()
    while (tabs().lead.isMine && (await sendNext(yardId)));
  }

  /** Sends what comes next in a yard; whether there is more to do. */
  async function sendNext(yardId: string): Promise<boolean> {
    const now = store.held.get(yardId)
    const slip = slips.nextOf(yardId)
    const most = now ? changesBefore(now.waiting, slip) : 0
    if (now && most > 0 && conflict.open?.yardId !== yardId)
      return sendEdits(yardId, now.waiting.slice(0, refused.singly.has(yardId) ? 1 : Math.min(AT_A_TIME, most)))
    return slip !== undefined && most === 0 && sendSlip(slip)
  }

  async function sendEdits(yardId: string, batch: readonly WaitingEdit[]): Promise<boolean> {
    const answer = await server.commit(yardId, {
      baseRevision: store.held.get(yardId)!.revision,
      device: usePreferences().device,
      sentAt: new Date().toISOString(),
      edits: batch,
    })
    // The tab that leads meanwhile sends it again: the server knows every change and takes it once.
    const now = store.held.get(yardId)
    if (!tabs().lead.isMine || !now) return false
    if (!answer.ok && isTrouble(answer)) trouble.meet(answer, flushAll)
    else trouble.tell(null)
    if (!answer.ok) return !isTrouble(answer) && refused.settle(yardId, batch, answer)
    const next = acknowledged(now, batch, answer.value.revision)
    if (next.waiting.length === 0) refused.singly.delete(yardId)
    store.hold(yardId, next, batch)
    if (answer.value.also) for (const tell of onAlso) tell(answer.value.also)
    return true
  }

  async function sendSlip(slip: Slip): Promise<boolean> {
    const right = await clock.withRightTimes(slip)
    if (!right) return false
    const answer = await post(right)
    if (!slips.has(slip.id)) return true
    if (!answer.ok && isTrouble(answer)) {
      trouble.meet(answer, flushAll)
      return false
    }
    trouble.tell(null)
    if (!answer.ok) for (const tell of onRefused) tell(right, answer.problem.sentence)
    await slips.drop(slip.id)
    return true
  }

  function flushAll(): Promise<unknown> {
    const edited = [...store.held].filter(([, { waiting }]) => waiting.length > 0).map(([yardId]) => yardId)
    return Promise.all([...new Set([...edited, ...slips.all.map(({ yardId }) => yardId)])].map(flush))
  }

  function choose(choice: 'mine' | 'theirs'): void {
    const yardId = conflict.choose(choice)
    if (yardId) void flush(yardId)
  }

  return { onRefused, onAlso, resume, flush, flushAll, choose }
})
