import type { Describable } from './json-schema'
import type { Yard } from '#core/yard'
import type { YardRemoved } from './answers'
import type { Checks } from './read'
import { submissionSchema, type Submission } from './edit-schema'
import { yardSchema } from './plan-schema'
import { sheetSchema, type PrintedSheet } from './sheet-schema'
import { hiveCardsSchema, tickSheetsSchema, type HiveCards, type TickSheets } from './visit-print-schema'
import { deviceSchema, readingsSchema, type NewDevice, type SentReadings } from './readings/kinds'
import { sentEntriesSchema, type SentEntries } from './book-schema'
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
} from './keeper-schema'
import * as yup from './yup'

const removedSchema = yup
  .object({ removed: yup.boolean().strict().required('removed is missing: true or false') })
  .strict()
  .required()
  .noUnknown()

/** Everything that is sent as JSON and kept or printed, by its name: read by it, and described by it. */
export interface Shapes {
  readonly submission: Submission
  readonly yard: Yard
  readonly sheet: PrintedSheet
  readonly tickSheets: TickSheets
  readonly hiveCards: HiveCards
  readonly readings: SentReadings
  readonly device: NewDevice
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
/** A shape that schema and type are held to agree on. */
export type CheckedShape = keyof Shapes

export const SHAPES: { readonly [K in CheckedShape]: Checks<Shapes[K]> & Describable } = {
  submission: submissionSchema,
  yard: yardSchema,
  sheet: sheetSchema,
  tickSheets: tickSheetsSchema,
  hiveCards: hiveCardsSchema,
  readings: readingsSchema,
  device: deviceSchema,
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
