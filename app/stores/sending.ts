import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { acknowledged, overtaken, resumed, withoutRefused, type WaitingEdit } from '#core/hive'
import type { Waiting } from '~/sync/outbox'
import { useConflict } from './conflict'
import { useHeld } from './held'
import { usePreferences } from './preferences'
import { useRemoved } from './removed'
import { server, type Refusal } from '~/sync/server'

const RETRY_MS = 2500
const AT_A_TIME = 200
/** Refusals that are not about what was sent, but about who sends it, or when. */
const NOT_THE_EDIT = new Set([0, 401, 403, 408, 429])

/** Sends what waits, again until the server has it or says why it will not. */
export const useSending = defineStore('sending', () => {
  const store = useHeld()
  const conflict = useConflict()
  const gone = useRemoved()
  /** What keeps the server from saving, as a sentence; null while it answers. */
  const trouble = ref<{ readonly away: boolean; readonly sentence: string } | null>(null)
  const sending = new Set<string>()
  /** Yards of which one edit is sent at a time, to find the one that is refused. */
  const singly = new Set<string>()
  const reachable = computed(() => trouble.value === null)
  let retry: ReturnType<typeof setTimeout> | undefined

  function troubled({ status, problem }: Refusal, again: () => void): void {
    trouble.value = { away: status === 0, sentence: problem.sentence }
    retry ??= setTimeout(() => {
      retry = undefined
      again()
    }, RETRY_MS)
  }

  /** Takes up what pages that are gone meanwhile left behind. */
  async function takeUp(): Promise<void> {
    if (store.loaded) await store.adopt(resume)
  }

  /** Puts edits that an earlier page left behind back on top, or asks where others came first. */
  function resume({ yardId, entries, baseRevision }: Waiting): void {
    const now = store.held.get(yardId)
    const name = gone.removed.find(({ id }) => id === yardId)?.name ?? ''
    if (!now)
      return conflict.setAside(yardId, 'The yard was taken away before these changes were saved.', entries, name)
    const laid = resumed(now, { entries, baseRevision })
    if (laid && conflict.take(yardId, laid)) void flush(yardId)
  }

  async function flush(yardId: string): Promise<void> {
    const now = store.held.get(yardId)
    if (!now || now.waiting.length === 0 || sending.has(yardId) || conflict.open?.yardId === yardId) return
    sending.add(yardId)
    const batch = now.waiting.slice(0, singly.has(yardId) ? 1 : AT_A_TIME)
    const answer = await server.commit(yardId, {
      baseRevision: now.revision,
      device: usePreferences().device,
      sentAt: new Date().toISOString(),
      edits: batch,
    })
    sending.delete(yardId)
    if (!answer.ok) return notSaved(yardId, batch, answer)
    trouble.value = null
    const next = acknowledged(store.held.get(yardId)!, batch, answer.value.revision)
    if (next.waiting.length === 0) singly.delete(yardId)
    store.hold(yardId, next)
    return flush(yardId)
  }

  function flushAll(): void {
    void takeUp()
    for (const yardId of store.held.keys()) void flush(yardId)
  }

  function notSaved(yardId: string, batch: readonly WaitingEdit[], answer: Refusal): void {
    if (answer.status >= 500 || NOT_THE_EDIT.has(answer.status)) return troubled(answer, flushAll)
    trouble.value = null
    const now = store.held.get(yardId)!
    if (answer.status === 404) {
      conflict.setAside(
        yardId,
        `${now.yard.name} was taken away on another device before they were saved.`,
        now.waiting,
      )
      store.letGo(yardId)
      return void gone.loadRemoved()
    }
    if (answer.stale) {
      if (conflict.take(yardId, overtaken(now, answer.stale))) void flush(yardId)
      return
    }
    // The server will not have one of these: it is found, set aside, and what stands behind it goes on.
    if (batch.length > 1) singly.add(yardId)
    else {
      const { held, left } = withoutRefused(now, batch[0]!.id)
      store.hold(yardId, held)
      conflict.setAside(yardId, answer.problem.sentence, batch)
      conflict.leave(yardId, left)
    }
    void flush(yardId)
  }

  function choose(choice: 'mine' | 'theirs'): void {
    const yardId = conflict.choose(choice)
    if (yardId) void flush(yardId)
  }

  return { trouble, reachable, troubled, takeUp, resume, flush, choose }
})
