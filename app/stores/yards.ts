import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { CATALOGUE } from '#core/catalogue'
import {
  applyEdit, emptyYard, foldHistory, hivesTouchedBy, partIdsOf, startHive, withFreshIdentities,
  type Edit, type Hive, type LogEntry, type StartName, type Yard,
} from '#core/hive'
import { editProblemInWords } from '#core/wording'
import type { SubmittedEdit } from '#wire/edit-schema'
import { Outbox } from './outbox'
import { usePreferences } from './preferences'
import { server, type LoggedEntry, type StoredYard } from './server'

/** A yard as this browser has it: the server's version with what waits to be sent on top. */
export interface HeldYard {
  readonly yard: Yard
  /** The server's version that the waiting edits are made on. */
  readonly saved: Yard
  readonly revision: number
  readonly waiting: readonly SubmittedEdit[]
  readonly log: readonly LogEntry[]
}

/** My version of a hive beside the one that was saved elsewhere meanwhile. */
export interface Conflict {
  readonly yardId: string
  readonly hiveId: string
  readonly mine: Yard
  readonly theirs: Yard
  readonly revision: number
  readonly since: readonly LoggedEntry[]
  readonly hiveIds: readonly string[]
}

const RETRY_MS = 2500
const makeId = () => crypto.randomUUID()

export const useYards = defineStore('yards', () => {
  const preferences = usePreferences()
  const held = shallowRef<ReadonlyMap<string, HeldYard>>(new Map())
  const loaded = ref(false)
  const reachable = ref(true)
  const conflict = shallowRef<Conflict | null>(null)
  /** A sentence to tell the keeper, by whoever shows it. */
  const message = ref<string | null>(null)
  /** Yards that were taken away. */
  const removed = shallowRef<readonly { readonly id: string; readonly name: string }[]>([])
  const outbox = new Outbox(localStorage, tabId())
  const sending = new Set<string>()
  let retry: ReturnType<typeof setTimeout> | undefined

  const yards = computed(() => [...held.value.values()].map(({ yard }) => yard))
  const waitingCount = computed(() => [...held.value.values()].reduce((sum, { waiting }) => sum + waiting.length, 0))

  function hold(yardId: string, next: HeldYard): void {
    held.value = new Map(held.value).set(yardId, next)
    outbox.save([...held.value].map(([id, { revision, waiting }]) => ({ yardId: id, baseRevision: revision, entries: waiting })))
  }

  async function load(): Promise<void> {
    const answer = await server.yards()
    if (!answer.ok) {
      reachable.value = false
      retry ??= setTimeout(() => { retry = undefined; void load() }, RETRY_MS)
      return
    }
    reachable.value = true
    const logs = await Promise.all(answer.value.map(({ yard }) => server.log(yard.id)))
    held.value = new Map(answer.value.map((stored, i) => [stored.yard.id, { ...fresh(stored), log: logValue(logs[i]) }]))
    for (const { yardId, entries, baseRevision } of outbox.adopt()) if (held.value.has(yardId)) resume(yardId, entries, baseRevision)
    loaded.value = true
    await loadRemoved()
  }

  function logValue(answer: Awaited<ReturnType<typeof server.log>> | undefined): readonly LoggedEntry[] {
    return answer?.ok ? answer.value : []
  }

  function fresh({ yard, revision }: StoredYard): HeldYard {
    return { yard, saved: yard, revision, waiting: [], log: [] }
  }

  async function loadLog(yardId: string): Promise<void> {
    const answer = await server.log(yardId)
    const now = held.value.get(yardId)
    if (answer.ok && now) {
      const known = new Set(answer.value.map(({ id }) => id))
      hold(yardId, { ...now, log: [...answer.value, ...now.log.filter(({ id }) => !known.has(id))] })
    }
  }

  /** Puts edits that an earlier page left behind back on top, or shows both versions where others came first. */
  function resume(yardId: string, entries: readonly SubmittedEdit[], baseRevision: number): void {
    const now = held.value.get(yardId)!
    const log = now.log as readonly LoggedEntry[]
    const saved = new Set(log.map(({ id }) => id))
    const unsaved = entries.filter(({ id }) => !saved.has(id))
    if (unsaved.length === 0) return
    const redone = replay(now.saved, unsaved)
    if (!redone) {
      localStorage.setItem(`duvet.unfit.${Date.now()}`, JSON.stringify({ yardId, entries: unsaved }))
      message.value = 'Changes that were waiting here no longer fit what is saved. What is saved was kept; the changes are kept aside in this browser.'
      return
    }
    const since = log.filter((entry) => entry.revision > baseRevision && !entries.some(({ id }) => id === entry.id))
    const mine: HeldYard = { ...now, yard: redone.yard, waiting: unsaved, log: [...now.log, ...redone.log] }
    hold(yardId, mine)
    if (meets(yardId, now.saved, unsaved, since)) openConflict(yardId, mine, now.saved, now.revision, since)
    else void flush(yardId)
  }

  function replay(yard: Yard, entries: readonly SubmittedEdit[]): { yard: Yard; log: LogEntry[] } | undefined {
    let now = yard
    const log: LogEntry[] = []
    for (const entry of entries) {
      const applied = applyEdit(now, entry.edit)
      if (!applied.ok) return undefined
      now = applied.yard
      log.push({ id: entry.id, kind: entry.kind, targetId: entry.targetId ?? null, edit: entry.edit, inverse: applied.inverse })
    }
    return { yard: now, log }
  }

  /** Makes an edit: at once here, then on the server. False when it does not apply, with the reason as message. */
  function perform(yardId: string, edit: Edit, kind: SubmittedEdit['kind'] = 'do', targetId: string | null = null): boolean {
    const now = held.value.get(yardId)
    if (!now) return false
    const own = withFreshIdentities(edit, makeId)
    const applied = applyEdit(now.yard, own)
    if (!applied.ok) {
      message.value = editProblemInWords(applied.problem)
      return false
    }
    const entry: SubmittedEdit = { id: makeId(), madeAt: new Date().toISOString(), kind, edit: own, ...(targetId ? { targetId } : {}) }
    const logged: LogEntry = { id: entry.id, kind, targetId, edit: own, inverse: applied.inverse }
    hold(yardId, { ...now, yard: applied.yard, waiting: [...now.waiting, entry], log: [...now.log, logged] })
    void flush(yardId)
    return true
  }

  function historyOf(yardId: string) {
    return foldHistory(held.value.get(yardId)?.log ?? [])
  }

  function undo(yardId: string): Edit | undefined {
    const step = historyOf(yardId).undo.at(-1)
    return step && perform(yardId, step.edit, 'undo', step.targetId) ? step.done : undefined
  }

  function redo(yardId: string): Edit | undefined {
    const step = historyOf(yardId).redo.at(-1)
    return step && perform(yardId, step.edit, 'redo', step.targetId) ? step.done : undefined
  }

  async function flush(yardId: string): Promise<void> {
    const now = held.value.get(yardId)
    if (!now || now.waiting.length === 0 || sending.has(yardId) || conflict.value?.yardId === yardId) return
    sending.add(yardId)
    const batch = now.waiting.slice(0, 200)
    const answer = await server.commit(yardId, { baseRevision: now.revision, device: preferences.device, edits: batch })
    sending.delete(yardId)
    if (answer.ok) {
      reachable.value = true
      acknowledge(yardId, batch, answer.value.revision)
      return flush(yardId)
    }
    if (answer.status === 0 || answer.status >= 500) return away()
    reachable.value = true
    if (answer.status === 409) return stale(yardId, answer.body as never)
    message.value = answer.problem.sentence
    await takeServers(yardId)
  }

  function acknowledge(yardId: string, batch: readonly SubmittedEdit[], revision: number): void {
    const now = held.value.get(yardId)!
    const done = new Set(batch.map(({ id }) => id))
    const saved = replay(now.saved, batch)?.yard ?? now.saved
    hold(yardId, { ...now, saved, revision, waiting: now.waiting.filter(({ id }) => !done.has(id)) })
  }

  function away(): void {
    reachable.value = false
    retry ??= setTimeout(() => {
      retry = undefined
      for (const yardId of held.value.keys()) void flush(yardId)
    }, RETRY_MS)
  }

  /** Others saved first: mine go on top when they touch other hives, else both versions are shown. */
  function stale(yardId: string, { yard, revision, since }: { yard: Yard; revision: number; since: LoggedEntry[] }): void {
    const now = held.value.get(yardId)!
    const redone = replay(yard, now.waiting)
    if (redone && !meets(yardId, yard, now.waiting, since)) {
      const local = new Set(now.waiting.map(({ id }) => id))
      const log = [...now.log.filter(({ id }) => !local.has(id)), ...since, ...redone.log]
      hold(yardId, { yard: redone.yard, saved: yard, revision, waiting: now.waiting, log })
      void flush(yardId)
      return
    }
    openConflict(yardId, now, yard, revision, since)
  }

  function openConflict(yardId: string, now: HeldYard, theirs: Yard, revision: number, since: readonly LoggedEntry[]): void {
    const hiveIds = [...new Set(now.waiting.flatMap(({ edit }) => hivesTouchedBy(edit, now.yard)))]
    const theirHives = new Set(since.flatMap(({ edit }) => hivesTouchedBy(edit, theirs)))
    conflict.value = { yardId, hiveId: hiveIds.find((id) => theirHives.has(id)) ?? hiveIds[0] ?? '', mine: now.yard, theirs, revision, since, hiveIds }
  }

  function meets(yardId: string, yard: Yard, mine: readonly SubmittedEdit[], theirs: readonly LoggedEntry[]): boolean {
    const now = held.value.get(yardId)
    const theirHives = new Set(theirs.flatMap(({ edit }) => [...hivesTouchedBy(edit, yard), ...(now ? hivesTouchedBy(edit, now.yard) : [])]))
    return mine.some(({ edit }) => hivesTouchedBy(edit, now?.yard ?? yard).some((id) => theirHives.has(id)))
  }

  async function takeServers(yardId: string): Promise<void> {
    const answer = await server.yards()
    const stored = answer.ok ? answer.value.find(({ yard }) => yard.id === yardId) : undefined
    if (!stored) return
    hold(yardId, fresh(stored))
    await loadLog(yardId)
  }

  /** Settles a conflict: theirs as it is, or mine laid over it as a new edit; either way the other stays in the log. */
  async function settle(choice: 'mine' | 'theirs'): Promise<void> {
    const open = conflict.value
    if (!open) return
    const answer = await server.log(open.yardId)
    if (conflict.value !== open) return
    const log = answer.ok ? answer.value : open.since
    // Mine leaves the outbox only in the same step that puts it back on top: a tab closed here must not lose it.
    conflict.value = null
    hold(open.yardId, { ...fresh({ yard: open.theirs, revision: open.revision }), log })
    if (choice === 'theirs') return
    const hives = open.hiveIds.flatMap((id) => open.mine.hives.find((hive) => hive.id === id) ?? [])
    const edits = hives.map((hive) => layOver(open.mine, open.theirs, hive))
    if (edits.length > 0) perform(open.yardId, { kind: 'batch', edits })
  }

  function layOver(mine: Yard, theirs: Yard, hive: Hive): Edit {
    const own = new Set(partIdsOf(hive))
    const parts = mine.parts.filter(({ id }) => own.has(id))
    if (theirs.hives.some(({ id }) => id === hive.id)) return { kind: 'replace-hive', hive, parts }
    const known = new Set(theirs.parts.map(({ id }) => id))
    const missing = parts.filter(({ id }) => !known.has(id)).map((part, n) => ({ at: theirs.parts.length + n, part }))
    return { kind: 'add-hive', at: theirs.hives.length, hive, parts: missing }
  }

  async function addYard(name: string): Promise<string | undefined> {
    const yard = emptyYard(makeId(), name)
    const answer = await server.addYard(yard)
    if (!answer.ok) {
      reachable.value = answer.status !== 0
      message.value = answer.problem.sentence
      return undefined
    }
    hold(yard.id, fresh({ yard, revision: 0 }))
    return yard.id
  }

  /** Starts a hive in a yard; its identity, or undefined when it could not be. */
  function addHive(yardId: string, start: StartName, name: string): string | undefined {
    const yard = held.value.get(yardId)?.yard
    if (!yard) return undefined
    const { hive, parts } = startHive(start, name, CATALOGUE, makeId)
    const placed = parts.map((part, n) => ({ at: yard.parts.length + n, part }))
    return perform(yardId, { kind: 'add-hive', at: yard.hives.length, hive, parts: placed }) ? hive.id : undefined
  }

  /** Takes a yard away once everything of it is saved; it can be brought back. */
  async function removeYard(yardId: string): Promise<void> {
    const now = held.value.get(yardId)
    if (!now) return
    if (now.waiting.length > 0) {
      message.value = `${now.yard.name} has changes that are not saved yet: wait until the server has them.`
      return
    }
    const answer = await server.setRemoved(yardId, true)
    if (!answer.ok) {
      message.value = answer.problem.sentence
      return
    }
    const left = new Map(held.value)
    left.delete(yardId)
    held.value = left
    await loadRemoved()
  }

  async function bringBack(yardId: string): Promise<void> {
    const answer = await server.setRemoved(yardId, false)
    if (!answer.ok) message.value = answer.problem.sentence
    else await takeServers(yardId)
    await loadRemoved()
  }

  async function loadRemoved(): Promise<void> {
    const answer = await server.removed()
    if (answer.ok) removed.value = answer.value
  }

  async function importPlan(text: string): Promise<{ ok: boolean; sentence: string; yardId?: string }> {
    const answer = await server.importPlan(text, preferences.device)
    if (!answer.ok) return { ok: false, sentence: answer.problem.sentence }
    const stored = await server.yards()
    if (stored.ok) for (const one of stored.value) if (!held.value.get(one.yard.id)?.waiting.length) hold(one.yard.id, fresh(one))
    await Promise.all(answer.value.imported.map(({ yardId }) => loadLog(yardId)))
    return { ok: true, sentence: answer.value.imported.map(importedInWords).join(' '), yardId: answer.value.imported[0]?.yardId }
  }

  return { yards, held, loaded, reachable, waitingCount, conflict, message, load, perform, undo, redo, historyOf, settle, addYard, addHive, importPlan, removed, removeYard, bringBack }
})

function importedInWords({ yardName, how, hives }: { yardName: string; how: 'new' | 'beside' | 'into'; hives: number }): string {
  const count = `${hives} ${hives === 1 ? 'hive' : 'hives'}`
  if (how === 'into') return `${count} put back into ${yardName}.`
  return how === 'new' ? `${yardName} brought in with ${count}.` : `It is here already, so it was brought in beside it as ${yardName}, with ${count}.`
}

function tabId(): string {
  const known = sessionStorage.getItem('duvet.tab')
  if (known) return known
  const id = crypto.randomUUID()
  sessionStorage.setItem('duvet.tab', id)
  return id
}
