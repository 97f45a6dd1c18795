import { submissionSchema } from '#wire/edit-schema'
import { yardSchema } from '#wire/plan-schema'
import { sheetSchema } from '#wire/sheet-schema'
import { hiveCardsSchema, tickSheetsSchema } from '#wire/visit-print-schema'
import { scaleReportSchema, scaleSchema, weighInsSchema } from '#wire/weigh-in-schema'
import * as yup from '#wire/yup'

const removedSchema = yup.object({ removed: yup.boolean().strict().required('removed is missing: true or false') }).strict().required().noUnknown()

/** Everything that is sent as JSON and kept or printed, by its name: a worker is told the name. */
export const CHECKED = {
  submission: submissionSchema, yard: yardSchema, sheet: sheetSchema, tickSheets: tickSheetsSchema, hiveCards: hiveCardsSchema, weighIns: weighInsSchema, scale: scaleSchema, scaleReport: scaleReportSchema, removed: removedSchema,
} as const
export type CheckedShape = keyof typeof CHECKED
