import { parseJson } from '#wire/parse'
import { readWith, type Problem } from '#wire/read'
import { submissionSchema } from '#wire/edit-schema'
import { yardSchema } from '#wire/plan-schema'
import { sheetSchema } from '#wire/sheet-schema'
import { hiveCardsSchema, tickSheetsSchema } from '#wire/visit-print-schema'
import { scaleReportSchema, scaleSchema, weighInsSchema } from '#wire/weigh-in-schema'
import * as yup from '#wire/yup'

const removedSchema = yup
  .object({ removed: yup.boolean().strict().required('removed is missing: true or false') })
  .strict()
  .required()
  .noUnknown()

/** Everything that is sent as JSON and kept or printed, by its name: a worker is told the name. */
const CHECKED = {
  submission: submissionSchema,
  yard: yardSchema,
  sheet: sheetSchema,
  tickSheets: tickSheetsSchema,
  hiveCards: hiveCardsSchema,
  weighIns: weighInsSchema,
  scale: scaleSchema,
  scaleReport: scaleReportSchema,
  removed: removedSchema,
} as const
export type CheckedShape = keyof typeof CHECKED

export type Answer<T = object> =
  ({ readonly ok: true } & T) | { readonly ok: false; readonly status: number; readonly problem: Problem }

/** Reads a text as JSON of a shape, or 400 and 422 with the reason. */
export function readShape<T>(shape: CheckedShape, text: string): Answer<{ readonly value: T }> {
  const parsed = parseJson(text)
  if (!parsed.ok) return { ok: false, status: 400, problem: parsed.problem }
  const read = readWith<T>(CHECKED[shape], parsed.value)
  return read.ok ? read : { ok: false, status: 422, problem: read.problem }
}
