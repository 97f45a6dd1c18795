import { fieldOf } from '#core/units'
import type { PrintedSheet } from '#wire/sheet-schema'
import type { HiveCards, TickSheets } from '#wire/visit-print-schema'
import { SILENT } from './ask'
import { beginPrint } from './printing'

/** A server that is busy with another print is asked again so often, after so long, ms. */
const PRINT_TRIES = 8
const PRINT_AGAIN_MS = 4000
const PRINT_MS = 150_000

/** A sheet as PDF, or the sentence that says why there is none. */
export async function printed(
  what: 'sheet' | 'visit' | 'cards',
  sheet: PrintedSheet | TickSheets | HiveCards,
): Promise<{ readonly ok: true; readonly pdf: Blob } | { readonly ok: false; readonly sentence: string }> {
  const job = beginPrint()
  const signal = AbortSignal.any([AbortSignal.timeout(PRINT_MS), job.signal])
  try {
    for (let tries = 1; ; tries++) {
      const response = await fetch(`/api/print/${what}`, {
        method: 'POST',
        body: JSON.stringify(sheet),
        headers: { 'content-type': 'application/json' },
        signal,
      })
      if (response.ok) return { ok: true, pdf: await response.blob() }
      const sentence = fieldOf(await response.json().catch(() => null), 'sentence')
      if (response.status !== 503 || tries === PRINT_TRIES)
        return { ok: false, sentence: typeof sentence === 'string' ? sentence : SILENT.sentence }
      await new Promise((again) => setTimeout(again, PRINT_AGAIN_MS))
      signal.throwIfAborted()
    }
  } catch {
    return { ok: false, sentence: job.signal.aborted ? 'You cancelled it.' : SILENT.sentence }
  } finally {
    job.end()
  }
}
