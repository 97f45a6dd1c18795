import { defineStore } from 'pinia'
import { fieldOf } from '#core/units'
import { counted } from '#core/words'
import { withLog } from '#core/yard'
import { WAITING_FORMAT, WAITING_VERSION, type WaitingFile } from '#wire/waiting-file'
import { download } from '~/composables/download'
import { server } from '~/client/server'
import { useJournal } from '~/journal'
import { usePreferences } from '~/stores/preferences'

/** What a file of what waits may have at most, bytes. */
const MOST_BYTES = 60_000_000

/** A file of what waits, looked at; the sentence where it is none. */
async function readWaiting(
  file: File,
): Promise<{ readonly ok: true; readonly value: WaitingFile } | { readonly ok: false; readonly sentence: string }> {
  const no = (sentence: string) => ({ ok: false, sentence }) as const
  if (file.size > MOST_BYTES)
    return no(`The file is larger than ${MOST_BYTES / 1_000_000} MB: it is no file of what waits.`)
  const [{ waitingFileSchema }, { parseJson }, { readWith }] = await Promise.all([
    import('#wire/waiting-schema'),
    import('#wire/parse'),
    import('#wire/read'),
  ])
  const parsed = parseJson(await file.text(), 'The file')
  if (!parsed.ok) return no(parsed.problem.sentence)
  if (fieldOf(parsed.value, 'format') !== WAITING_FORMAT)
    return no('It is no file of what waited: save one with “Save what waits as a file” on the other device.')
  const read = readWith(waitingFileSchema, parsed.value)
  return read.ok ? read : no(read.problem.sentence)
}

/** What waits, carried to the server by another device: saved here as a file, opened there. */
export const useCarry = defineStore('carry', () => {
  const journal = useJournal()
  const preferences = usePreferences()

  function save(): void {
    const savedAt = new Date().toISOString()
    const file: WaitingFile = {
      format: WAITING_FORMAT,
      version: WAITING_VERSION,
      device: preferences.device,
      savedAt,
      changes: [...journal.yards]
        .filter(([, { waiting }]) => waiting.length > 0)
        .map(([yardId, { yard, revision, waiting }]) => ({
          yardId,
          yardName: yard.name,
          baseRevision: revision,
          entries: waiting,
        })),
      written: journal.slips.map(({ id: _id, keptAt: _keptAt, ...written }) => written),
    }
    download(`duvet-waiting-${savedAt.slice(0, 10)}.json`, JSON.stringify(file, null, 1), 'application/json')
  }

  /** Takes up what a file of another device holds; each thing once, however often the file is opened. */
  async function open(file: File): Promise<{ readonly ok: boolean; readonly sentence: string }> {
    const read = await readWaiting(file)
    if (!read.ok) return read
    const { changes, written } = read.value
    for (const one of changes) await readLog(one)
    // At once: whatever is sent meanwhile finds all of it, in its order.
    for (const one of written) journal.addSlip(one)
    for (const one of changes) journal.resume(one, one.yardName)
    await journal.flushAll()
    const things = changes.reduce((sum, { entries }) => sum + entries.length, 0) + written.length
    return {
      ok: true,
      sentence: `${counted(things, 'thing that waited', 'things that waited')} taken up from ${read.value.device}.`,
    }
  }

  /** What others did since is held against it: the log reaches back as far as that. */
  async function readLog({ yardId, baseRevision }: WaitingFile['changes'][number]): Promise<void> {
    const now = journal.yards.get(yardId)
    const log = now ? await server.logSince(yardId, Math.min(baseRevision, now.revision)) : null
    if (now && log?.ok) journal.hold(yardId, withLog(now, log.value))
  }

  return { save, open }
})
