import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Imported, ImportProgress } from '#wire/import-answer'
import { browserStorage } from '~/composables/kept'
import { usePreferences } from '~/stores/preferences'
import { server } from '~/client/server'
import { useJournal } from '~/journal'

const LOOK_MS = 400
const KEY = 'duvet.import'

/** Bringing a plan file in: all of it or nothing, told how far it is, once however often it is sent. */
export const useImporting = defineStore('importing', () => {
  const preferences = usePreferences()
  const journal = useJournal()
  const running = ref<ImportProgress | null>(null)
  let importId = ''

  /** The identity of this file's import: the same as last time where it is not known what became of that. */
  async function identityOf(text: string): Promise<string> {
    const mark = await markOf(text)
    const session = browserStorage('sessionStorage')
    const [before, id] = (session.getItem(KEY) ?? '').split('\n')
    if (before === mark && id) return id
    const made = crypto.randomUUID()
    try {
      session.setItem(KEY, `${mark}\n${made}`)
    } catch {
      // Without it a second try is a second import, which stands beside the first and can be taken away.
    }
    return made
  }

  async function bring(file: File): Promise<{ readonly ok: boolean; readonly sentence: string }> {
    running.value = { state: 'reading', yards: 0, of: 0 }
    const text = await file.text()
    importId = await identityOf(text)
    const looking = setInterval(async () => {
      const answer = await server.importProgress(importId)
      if (running.value && answer.ok && answer.value.state !== 'unknown') running.value = answer.value
    }, LOOK_MS)
    const answer = await server.importPlan(text, preferences.device, importId)
    clearInterval(looking)
    running.value = null
    if (!answer.ok && (answer.status === 0 || answer.status >= 500))
      return { ok: false, sentence: `${answer.problem.sentence} Try the same file again: it is brought in once.` }
    browserStorage('sessionStorage').removeItem(KEY)
    if (!answer.ok) return { ok: false, sentence: answer.problem.sentence }
    await journal.refresh(answer.value.imported.map(({ yardId }) => yardId))
    return { ok: true, sentence: answer.value.imported.map(importedInWords).join(' ') }
  }

  async function stop(): Promise<void> {
    await server.stopImport(importId)
  }

  return { running, bring, stop }
})

/** What tells one text from another: its SHA-256, or its length where the page is not a secure one. */
async function markOf(text: string): Promise<string> {
  const subtle: SubtleCrypto | undefined = globalThis.crypto.subtle
  if (!subtle) return String(text.length)
  return [...new Uint8Array(await subtle.digest('SHA-256', new TextEncoder().encode(text)))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('')
}

function importedInWords({ yardName, how, hives, framesElsewhere }: Imported): string {
  const count = `${hives} ${hives === 1 ? 'hive' : 'hives'}`
  const frames =
    framesElsewhere === 0
      ? ''
      : ` ${framesElsewhere === 1 ? 'One frame hangs' : `${framesElsewhere} frames hang`} in ` +
        `another box by now and ${framesElsewhere === 1 ? 'stays' : 'stay'} there.`
  if (how === 'into') return `${count} put back into ${yardName}.${frames}`
  return how === 'new'
    ? `${yardName} brought in with ${count}.`
    : `It is here already, so it was brought in beside it as ${yardName}, with ${count}.`
}
