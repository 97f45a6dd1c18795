import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { MessagePort } from 'node:worker_threads'
import type { Plan } from '#core/hive'
import type { Reader, Sheet } from '#core/wording'
import { assessPlan, type AssessedHive } from '#wire/assess-request'
import type { Imported, ImportProgress } from '#wire/import-answer'
import { readPlan, type Problem } from '#wire/read'
import type { HiveCards, TickSheets } from '#wire/visit-print-schema'
import { connectAgain } from '../database/client'
import { ImportRefused, importPlan } from '../database/import'
import { patiently } from '../database/patience'
import { sheetPdf } from '../print/sheet-pdf'
import { FONT_STYLES, type Fonts } from '../print/typeset'
import { hiveCardsPdf, tickSheetsPdf } from '../print/visit-pdf'
import { readShape, type Answer, type CheckedShape } from './shapes'

// What takes long is done here, in a thread of its own, while the server goes on answering.

const no = (status: number, problem: Problem) => ({ ok: false, status, problem }) as const

/** Whether a text is JSON of a shape. */
export function check({ shape, text }: { readonly shape: CheckedShape; readonly text: string }): Answer {
  const read = readShape(shape, text)
  return read.ok ? { ok: true } : read
}

/** Every hive of a plan file, assessed; as JSON. */
export function assess({
  text,
  reader,
}: {
  readonly text: string
  readonly reader: Reader
}): Answer<{ readonly json: string }> {
  const plan = readPlan(text)
  if (!plan.ok) return no(422, plan.problem)
  const hives: AssessedHive[] = assessPlan(plan.value, reader)
  return { ok: true, json: JSON.stringify({ hives }) }
}

const FONT_FILES: Record<keyof Fonts, string> = {
  normal: '400-normal',
  bold: '700-normal',
  italics: '400-italic',
  bolditalics: '700-italic',
}
let fonts: Fonts | undefined

/** The fonts that ship with the product, read once. */
function shippedFonts(): Fonts {
  fonts ??= Object.fromEntries(
    FONT_STYLES.map((style) => [
      style,
      readFileSync(
        resolve(
          `node_modules/@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-${FONT_FILES[style]}.woff`,
        ),
      ),
    ]),
  ) as Fonts
  return fonts
}

const PRINTS = {
  sheet: (value: unknown) => sheetPdf(value as Sheet, shippedFonts()),
  tickSheets: (value: unknown) => tickSheetsPdf(value as TickSheets, shippedFonts()),
  hiveCards: (value: unknown) => hiveCardsPdf(value as HiveCards, shippedFonts()),
} as const
export type Printed = keyof typeof PRINTS

/** Something in words as PDF. */
export async function print({
  shape,
  text,
}: {
  readonly shape: Printed
  readonly text: string
}): Promise<Answer<{ readonly pdf: Uint8Array }>> {
  const read = readShape(shape, text)
  return read.ok ? { ok: true, pdf: await PRINTS[shape](read.value) } : read
}

export interface ImportTask {
  readonly text: string
  readonly databaseUrl: string
  readonly importId: string
  readonly device: string
  readonly now: string
  /** Set to 1 by who wants it stopped. */
  readonly stop: SharedArrayBuffer
  readonly progress: MessagePort
}

const LOCKED_MS = 20_000

/** Reads a plan file and brings it in, by a connection of its own: the server goes on reading meanwhile. */
export async function bringIn({
  text,
  databaseUrl,
  importId,
  device,
  now,
  stop,
  progress,
}: ImportTask): Promise<Answer<{ readonly imported: readonly Imported[] }>> {
  const tell = (told: ImportProgress) => progress.postMessage(told)
  const plan = readPlan(text)
  if (!plan.ok) return no(422, plan.problem)
  const of = plan.value.yards.length
  tell({ state: 'writing', yards: 0, of })
  const flag = new Int32Array(stop)
  const { client, database } = await connectAgain(databaseUrl)
  try {
    const imported = await patiently(
      () =>
        importPlan(database, plan.value as Plan, {
          importId,
          contentHash: createHash('sha256').update(text).digest('hex'),
          device,
          now,
          onYard: (yards) => tell({ state: 'writing', yards, of }),
          isCancelled: () => Atomics.load(flag, 0) === 1,
        }),
      LOCKED_MS,
    )
    return { ok: true, imported }
  } catch (error) {
    if (error instanceof ImportRefused) return no(422, { field: 'file', sentence: error.sentence })
    throw Object.assign(new Error('import'), {
      code: (error as { code?: string }).code ?? (error as { cause?: { code?: string } }).cause?.code,
    })
  } finally {
    client.close()
    progress.close()
  }
}
