import { fieldOf, recordOf } from '#core/units'
import type { Reader } from '#core/words'
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { MessagePort } from 'node:worker_threads'
import { assessPlan, type AssessedHive } from '#wire/assess-request'
import type { Imported, ImportProgress } from '#wire/import-answer'
import { readPlan, type Problem } from '#wire/read'
import type { CheckedShape, Shapes } from '#wire/shapes'
import { connectAgain, connectAnew, type Address } from '../database/client'
import { asFault, DatabaseFault, fileOf } from '../database/faults'
import { ImportRefused, importPlan, type Importing } from '../database/import'
import { patiently } from '../database/patience'
import { sheetPdf } from '../print/sheet-pdf'
import { FONT_STYLES, type Fonts } from '../print/typeset'
import { hiveCardsPdf, tickSheetsPdf } from '../print/visit-pdf'
import { readShape, type TaskAnswer } from './shapes'

// What takes long is done here, in a thread of its own, while the server goes on answering.

const no = (status: number, problem: Problem) => ({ ok: false, status, problem }) as const

/** Whether a text is JSON of a shape. */
export function check({ shape, text }: { readonly shape: CheckedShape; readonly text: string }): TaskAnswer {
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
}): TaskAnswer<{ readonly json: string }> {
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
  fonts ??= recordOf(FONT_STYLES, (style) =>
    readFileSync(
      resolve(
        `node_modules/@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-${FONT_FILES[style]}.woff`,
      ),
    ),
  )
  return fonts
}

const PRINTS: { readonly [K in Printed]: (value: Shapes[K]) => Promise<Uint8Array> } = {
  sheet: (value) => sheetPdf(value, shippedFonts()),
  tickSheets: (value) => tickSheetsPdf(value, shippedFonts()),
  hiveCards: (value) => hiveCardsPdf(value, shippedFonts()),
}
/** A sheet as the thread for prints made it. */
export type Printed = 'sheet' | 'tickSheets' | 'hiveCards'

/** Something in words as PDF. */
export async function print<K extends Printed>({
  shape,
  text,
}: {
  readonly shape: K
  readonly text: string
}): Promise<TaskAnswer<{ readonly pdf: Uint8Array }>> {
  const read = readShape(shape, text)
  if (!read.ok) return read
  try {
    return { ok: true, pdf: await PRINTS[shape](read.value) }
  } catch {
    return no(422, {
      field: 'drawings',
      sentence: 'A drawing that was sent cannot be set: its figures are no drawing.',
    })
  }
}

/** A plan file as the thread for imports takes it. */
export interface ImportTask {
  readonly text: string
  readonly address: Address
  readonly importId: string
  readonly device: string
  readonly now: string
  readonly keeper?: Importing['keeper']
  /** Set to 1 by who wants it stopped. */
  readonly stop: SharedArrayBuffer
  readonly progress: MessagePort
}

const LOCKED_MS = 20_000

/** Reads a plan file and brings it in, by a connection of its own: the server goes on reading meanwhile. */
export async function bringIn({
  text,
  address,
  importId,
  device,
  now,
  keeper,
  stop,
  progress,
}: ImportTask): Promise<TaskAnswer<{ readonly imported: readonly Imported[] }>> {
  const tell = (told: ImportProgress) => progress.postMessage(told)
  const plan = readPlan(text)
  if (!plan.ok) return no(422, plan.problem)
  const of = plan.value.yards.length
  tell({ state: 'writing', yards: 0, of })
  const flag = new Int32Array(stop)
  const opened = await connectAgain(address)
  const { client, database } = opened
  try {
    const imported = await patiently(
      () =>
        importPlan(database, plan.value, {
          importId,
          contentHash: createHash('sha256').update(text).digest('hex'),
          device,
          now,
          ...(keeper ? { keeper } : {}),
          onYard: (yards) => tell({ state: 'writing', yards, of }),
          isCancelled: () => Atomics.load(flag, 0) === 1,
        }),
      LOCKED_MS,
      () => connectAnew(opened, address).catch(() => {}),
    )
    return { ok: true, imported }
  } catch (error) {
    if (error instanceof ImportRefused) return no(422, { field: 'file', sentence: error.sentence })
    const fault = asFault(error, fileOf(address.url))
    if (fault instanceof DatabaseFault)
      return no(fault.fault === 'full' ? 507 : 503, { field: 'database', sentence: fault.sentence })
    throw Object.assign(new Error('import'), {
      code: fieldOf(error, 'code') ?? fieldOf(fieldOf(error, 'cause'), 'code'),
    })
  } finally {
    client.close()
    progress.close()
  }
}
