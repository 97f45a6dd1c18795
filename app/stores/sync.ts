import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import {
  clashesOf,
  goBack,
  replay,
  settle,
  type Clash,
  type PastEntry,
  type Settled,
  type Versions,
  type WaitingEdit,
  type Yard,
} from '#core/hive'
import { editProblemInWords } from '#core/wording'
import type { Waiting } from '~/sync/outbox'
import { useAside } from './aside'
import { fresh, useHeld, type HeldYard } from './held'
import { usePreferences } from './preferences'
import { server, type Answer, type LoggedEntry } from './server'

/** Mine and theirs, and what both changed: asked one after the other. */
export interface Conflict {
  readonly yardId: string
  readonly versions: Versions
  readonly revision: number
  readonly since: readonly LoggedEntry[]
  readonly clashes: readonly Clash[]
  readonly choices: ReadonlyMap<string | null, 'mine' | 'theirs'>
}

const RETRY_MS = 2500
const AT_A_TIME = 200
/** Refusals that are not about what was sent, but about who sends it, or when. */
const NOT_THE_EDIT = new Set([0, 401, 403, 408, 429])

/** Sends what waits, takes what others saved, and asks where both changed the same thing. */
export const useSync = defineStore('sync', () => {
  const preferences = usePreferences()
  const store = useHeld()
  const aside = useAside()
  const loaded = ref(false)
  /** What keeps the server from saving, as a sentence; null while it answers. */
  const trouble = ref<{ readonly away: boolean; readonly sentence: string } | null>(null)
  const conflict = shallowRef<Conflict | null>(null)
  const removed = shallowRef<readonly { readonly id: string; readonly name: string }[]>([])
  const sending = new Set<string>()
  /** Yards of which one edit is sent at a time, to find the one that is refused. */
  const singly = new Set<string>()
  let retry: ReturnType<typeof setTimeout> | undefined

  const reachable = computed(() => trouble.value === null)
  const clash = computed(
    () => conflict.value?.clashes.find(({ hiveId }) => !conflict.value!.choices.has(hiveId)) ?? null,
  )

  function later(again: () => void): void {
    retry ??= setTimeout(() => {
      retry = undefined
      again()
    }, RETRY_MS)
  }
  function troubled(answer: Extract<Answer<unknown>, { ok: false }>): void {
    trouble.value = { away: answer.status === 0, sentence: answer.problem.sentence }
  }

  async function load(): Promise<void> {
    const answer = await server.yards()
    if (!answer.ok) {
      troubled(answer)
      return later(() => void load())
    }
    trouble.value = null
    store.replaceAll(answer.value)
    // Drawn before the logs are here, unless something is waiting that has to be held against them.
    if (!(await store.somethingWaits())) loaded.value = true
    await Promise.all([loadRemoved(), ...answer.value.map(({ yard }) => loadLog(yard.id))])
    await store.adopt(resume)
    loaded.value = true
  }

  /** Takes up what pages that are gone meanwhile left behind. */
  function takeUp(): Promise<void> {
    return loaded.value ? store.adopt(resume) : Promise.resolve()
  }

  async function loadRemoved(): Promise<void> {
    const answer = await server.removed()
    if (answer.ok) removed.value = answer.value
  }

  async function loadLog(yardId: string): Promise<void> {
    const answer = await server.log(yardId)
    const now = store.held.get(yardId)
    if (!answer.ok || !now) return
    const known = new Set(answer.value.map(({ id }) => id))
    store.hold(yardId, { ...now, log: [...answer.value, ...now.log.filter(({ id }) => !known.has(id))] })
  }

  /** Puts edits that an earlier page left behind back on top, or asks where others came first. */
  function resume({ yardId, entries, baseRevision }: Waiting): void {
    const now = store.held.get(yardId)
    if (!now)
      return aside.add({
        yardId,
        yardName: removed.value.find(({ id }) => id === yardId)?.name ?? '',
        why: 'The yard was taken away before these changes were saved.',
        entries,
      })
    const log = now.log as readonly LoggedEntry[]
    const saved = new Set(log.map(({ id }) => id))
    const waiting = now.waiting.map(({ id }) => id)
    const unsaved = [...now.waiting, ...entries.filter(({ id }) => !saved.has(id) && !waiting.includes(id))]
    if (unsaved.length === now.waiting.length) return
    const since = log.filter(
      (entry) =>
        entry.revision !== undefined && entry.revision > baseRevision && !unsaved.some(({ id }) => id === entry.id),
    )
    const base = wayBack(now.saved, since)
    lay(
      yardId,
      { ...now, saved: base, revision: Math.min(baseRevision, now.revision), waiting: unsaved },
      { base, mine: unsaved, theirs: now.saved, since: since.map(({ edit }) => edit) },
      now.revision,
      since,
    )
  }

  /** The version that both were made from. */
  function wayBack(yard: Yard, since: readonly LoggedEntry[]): Yard {
    let base = yard
    for (const { before } of goBack(yard, [...since].reverse() as unknown as PastEntry[])) base = before
    return base
  }

  /** Mine goes on top of theirs where nothing clashes; else both are kept and asked about. */
  function lay(yardId: string, held: HeldYard, whole: Versions, revision: number, since: readonly LoggedEntry[]): void {
    const { fit: own, unfit } = replay(whole.base, whole.mine)
    const versions: Versions = { ...whole, mine: own }
    const now: HeldYard = { ...held, waiting: held.waiting.filter(({ id }) => own.some((entry) => entry.id === id)) }
    if (unfit.length > 0)
      setAside(
        yardId,
        editProblemInWords(unfit[0]!.problem),
        unfit.map(({ entry }) => entry),
      )
    const clashes = clashesOf(versions)
    if (clashes.length > 0) {
      // What waits stays in the outbox until all is chosen: a tab closed here must not lose it.
      store.hold(yardId, { ...now, yard: replay(versions.base, versions.mine).yard })
      conflict.value = { yardId, versions, revision, since, clashes, choices: new Map() }
      return
    }
    const { yard, fit } = replay(versions.theirs, versions.mine)
    onTop(yardId, now, { yard, waiting: fit, left: [] }, versions, revision, since)
  }

  function onTop(
    yardId: string,
    now: HeldYard,
    { yard, waiting, left }: Settled,
    { mine, theirs }: Versions,
    revision: number,
    since: readonly LoggedEntry[],
  ): void {
    const local = new Set([...mine, ...since].map(({ id }) => id))
    const log = [...now.log.filter(({ id }) => !local.has(id)), ...since, ...replay(theirs, waiting).log]
    store.hold(yardId, { yard, saved: theirs, revision, waiting, log })
    if (left.length > 0) setAside(yardId, 'It no longer fits what others saved meanwhile.', left)
    void flush(yardId)
  }

  /** What would be chosen, so that it can be drawn before it is. */
  function outcome(hiveId: string | null, choice: 'mine' | 'theirs'): Settled {
    const { versions, choices } = conflict.value!
    return settle(versions, new Map(choices).set(hiveId, choice), { id: 'outcome', madeAt: '' })
  }

  function choose(choice: 'mine' | 'theirs'): void {
    const open = conflict.value
    if (!open || !clash.value) return
    const choices = new Map(open.choices).set(clash.value.hiveId, choice)
    conflict.value = { ...open, choices }
    if (clash.value) return
    const settled = settle(open.versions, choices, { id: crypto.randomUUID(), madeAt: new Date().toISOString() })
    conflict.value = null
    onTop(open.yardId, store.held.get(open.yardId)!, settled, open.versions, open.revision, open.since)
  }

  function setAside(yardId: string, why: string, entries: readonly WaitingEdit[]): void {
    aside.add({ yardId, yardName: store.held.get(yardId)?.yard.name ?? '', why, entries })
  }

  async function flush(yardId: string): Promise<void> {
    const now = store.held.get(yardId)
    if (!now || now.waiting.length === 0 || sending.has(yardId) || conflict.value?.yardId === yardId) return
    sending.add(yardId)
    const batch = now.waiting.slice(0, singly.has(yardId) ? 1 : AT_A_TIME)
    const answer = await server.commit(yardId, {
      baseRevision: now.revision,
      device: preferences.device,
      sentAt: new Date().toISOString(),
      edits: batch,
    })
    sending.delete(yardId)
    if (answer.ok) {
      trouble.value = null
      acknowledge(yardId, batch, answer.value.revision)
      return flush(yardId)
    }
    if (answer.status >= 500 || NOT_THE_EDIT.has(answer.status)) {
      troubled(answer)
      return later(flushAll)
    }
    trouble.value = null
    if (answer.status === 409) return stale(yardId, answer.body as never)
    if (answer.status === 404) return yardGone(yardId)
    return refused(yardId, batch, answer.problem.sentence)
  }
  function flushAll(): void {
    void takeUp()
    for (const yardId of store.held.keys()) void flush(yardId)
  }

  function acknowledge(yardId: string, batch: readonly WaitingEdit[], revision: number): void {
    const now = store.held.get(yardId)!
    const done = new Set(batch.map(({ id }) => id))
    const waiting = now.waiting.filter(({ id }) => !done.has(id))
    if (waiting.length === 0) singly.delete(yardId)
    store.hold(yardId, { ...now, saved: replay(now.saved, batch).yard, revision, waiting })
  }

  /** Others saved first. */
  function stale(
    yardId: string,
    { yard, revision, since }: { yard: Yard; revision: number; since: LoggedEntry[] },
  ): void {
    const now = store.held.get(yardId)!
    const done = new Set(since.map(({ id }) => id))
    const mine = now.waiting.filter(({ id }) => !done.has(id))
    const others = since.filter(({ id }) => !now.waiting.some((entry) => entry.id === id))
    lay(yardId, now, { base: now.saved, mine, theirs: yard, since: others.map(({ edit }) => edit) }, revision, since)
  }

  function yardGone(yardId: string): void {
    const now = store.held.get(yardId)!
    setAside(yardId, `${now.yard.name} was taken away on another device before they were saved.`, now.waiting)
    store.letGo(yardId)
    void loadRemoved()
  }

  /** The server will not have one of these: it is found, set aside, and what stands behind it goes on. */
  function refused(yardId: string, batch: readonly WaitingEdit[], sentence: string): void {
    if (batch.length > 1) {
      singly.add(yardId)
      return void flush(yardId)
    }
    const now = store.held.get(yardId)!
    const rest = now.waiting.filter(({ id }) => id !== batch[0]!.id)
    const { yard, log, fit, unfit } = replay(now.saved, rest)
    const local = new Set(now.waiting.map(({ id }) => id))
    store.hold(yardId, { ...now, yard, waiting: fit, log: [...now.log.filter(({ id }) => !local.has(id)), ...log] })
    setAside(yardId, sentence, batch)
    if (unfit.length > 0)
      setAside(
        yardId,
        `It builds on a change that was refused: ${editProblemInWords(unfit[0]!.problem)}`,
        unfit.map(({ entry }) => entry),
      )
    void flush(yardId)
  }

  /** Yards as the server has them now, where nothing waits here. */
  async function refresh(yardIds?: readonly string[]): Promise<void> {
    const answer = await server.yards()
    if (!answer.ok) return
    const news = answer.value.filter(
      ({ yard }) =>
        !store.held.get(yard.id)?.waiting.length && (!yardIds || yardIds.includes(yard.id) || !store.held.has(yard.id)),
    )
    for (const one of news) store.hold(one.yard.id, { ...fresh(one), log: store.held.get(one.yard.id)?.log ?? [] })
    await Promise.all(news.map(({ yard }) => loadLog(yard.id)))
  }

  return {
    loaded,
    trouble,
    reachable,
    conflict,
    clash,
    removed,
    load,
    loadRemoved,
    takeUp,
    flush,
    choose,
    outcome,
    refresh,
  }
})
