import { parseJson } from '#wire/parse'
import type { Yard } from '#core/yard'
import type { YardRemoved } from '#wire/answers'
import { readWith, type Checks, type Problem } from '#wire/read'
import { submissionSchema, type Submission } from '#wire/edit-schema'
import { yardSchema } from '#wire/plan-schema'
import { sheetSchema, type PrintedSheet } from '#wire/sheet-schema'
import { hiveCardsSchema, tickSheetsSchema, type HiveCards, type TickSheets } from '#wire/visit-print-schema'
import {
  scaleReportSchema,
  scaleSchema,
  weighInsSchema,
  type NewScale,
  type ScaleReport,
  type WeighIns,
} from '#wire/weigh-in-schema'
import {
  airReadingsSchema,
  sensorReportSchema,
  sensorSchema,
  type AirReadings,
  type NewSensor,
  type SensorReport,
} from '#wire/air-reading-schema'
import { sentEntriesSchema, type SentEntries } from '#wire/book-schema'
import {
  joinSchema,
  newKeeperSchema,
  passphraseSchema,
  inviteSchema,
  playedSchema,
  signInSchema,
  newPasskeySchema,
  passkeySchema,
  type Join,
  type NewKeeper,
  type NewPasskey,
  type NewPassphrase,
  type PasskeySigned,
  type InviteSent,
  type PlayedSent,
  type SignIn,
} from '#wire/keeper-schema'
import * as yup from '#wire/yup'

const removedSchema = yup
  .object({ removed: yup.boolean().strict().required('removed is missing: true or false') })
  .strict()
  .required()
  .noUnknown()

/** Everything that is sent as JSON and kept or printed, by its name: a worker is told the name. */
export interface Shapes {
  readonly submission: Submission
  readonly yard: Yard
  readonly sheet: PrintedSheet
  readonly tickSheets: TickSheets
  readonly hiveCards: HiveCards
  readonly weighIns: WeighIns
  readonly scale: NewScale
  readonly scaleReport: ScaleReport
  readonly airReadings: AirReadings
  readonly sensor: NewSensor
  readonly sensorReport: SensorReport
  readonly sentEntries: SentEntries
  readonly removed: YardRemoved
  readonly signIn: SignIn
  readonly newPasskey: NewPasskey
  readonly passkey: PasskeySigned
  readonly newKeeper: NewKeeper
  readonly join: Join
  readonly invite: InviteSent
  readonly played: PlayedSent
  readonly passphrase: NewPassphrase
}
export type CheckedShape = keyof Shapes

const CHECKED: { readonly [K in CheckedShape]: Checks<Shapes[K]> } = {
  submission: submissionSchema,
  yard: yardSchema,
  sheet: sheetSchema,
  tickSheets: tickSheetsSchema,
  hiveCards: hiveCardsSchema,
  weighIns: weighInsSchema,
  scale: scaleSchema,
  scaleReport: scaleReportSchema,
  airReadings: airReadingsSchema,
  sensor: sensorSchema,
  sensorReport: sensorReportSchema,
  sentEntries: sentEntriesSchema,
  removed: removedSchema,
  signIn: signInSchema,
  newPasskey: newPasskeySchema,
  passkey: passkeySchema,
  newKeeper: newKeeperSchema,
  join: joinSchema,
  invite: inviteSchema,
  played: playedSchema,
  passphrase: passphraseSchema,
}

export type TaskAnswer<T = object> =
  ({ readonly ok: true } & T) | { readonly ok: false; readonly status: number; readonly problem: Problem }

/** Reads a text as JSON of a shape, or 400 and 422 with the reason. */
export function readShape<K extends CheckedShape>(shape: K, text: string): TaskAnswer<{ readonly value: Shapes[K] }> {
  const parsed = parseJson(text)
  if (!parsed.ok) return { ok: false, status: 400, problem: parsed.problem }
  const read = readWith(CHECKED[shape], parsed.value)
  return read.ok ? read : { ok: false, status: 422, problem: read.problem }
}
