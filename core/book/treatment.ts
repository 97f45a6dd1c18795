import { daysLater, dayOf } from './days'
import { entriesOf } from './current'
import type { Entry, EntryOf } from './entry'

/** The last day of a treatment as it was said, else as its label has it; undefined where nobody has said. */
export function treatmentEnd({ at, body }: Pick<EntryOf<'treatment'>, 'at' | 'body'>): string | undefined {
  return body.until ?? (body.labelDays === undefined ? undefined : daysLater(at, body.labelDays))
}

/** The first day on which a crop may be taken again by what the label says; undefined while no end is known. */
export function cropFrom(treatment: Pick<EntryOf<'treatment'>, 'at' | 'body'>): string | undefined {
  const end = treatmentEnd(treatment)
  return end && daysLater(end, (treatment.body.withdrawalDays ?? 0) + 1)
}

/** True for a crop of a day on which a treatment may still be in, or its withdrawal is not over. */
function isCropTooEarly(treatment: Pick<EntryOf<'treatment'>, 'at' | 'body'>, day: string): boolean {
  const from = cropFrom(treatment)
  return dayOf(day) >= dayOf(treatment.at) && (from === undefined || dayOf(day) < from)
}

/**
 * Treatments of a hive of which something may still be in its combs, by their labels: what goes from it to another hive
 * takes them along.
 */
export function treatmentsStillOn(own: readonly Entry[], today: string): EntryOf<'treatment'>[] {
  return entriesOf(own, 'treatment').filter((treatment) => isCropTooEarly(treatment, today))
}

/** What is known of a hive and its place while a treatment is on. */
export interface TreatedHive {
  readonly supersOn: number
  /** Means outside in its days, by the climate of the yard: of its coldest month and of its warmest. */
  readonly coldestCelsius?: number
  readonly warmestCelsius?: number
  /** Crops that were taken there, by day. */
  readonly cropDays: readonly string[]
}

export type TreatmentWarning =
  | { readonly warning: 'supers-on'; readonly supers: number }
  | { readonly warning: 'too-cold' | 'too-warm'; readonly meanCelsius: number; readonly limitCelsius: number }
  | { readonly warning: 'crop-too-early'; readonly day: string; readonly from: string | undefined }
  | { readonly warning: 'no-end' }

/**
 * What stands against a treatment by its own label: supers for people on, days too cold or too warm for it, a crop
 * before its withdrawal is over, no end. Common practice: the label and local law decide.
 */
export function treatmentWarnings(
  treatment: Pick<EntryOf<'treatment'>, 'at' | 'body'>,
  { supersOn, coldestCelsius, warmestCelsius, cropDays }: TreatedHive,
): TreatmentWarning[] {
  const { body } = treatment
  const from = cropFrom(treatment)
  const tooEarly = cropDays.filter((day) => isCropTooEarly(treatment, day))
  return [
    ...(supersOn > 0 && !body.supersMayStay ? [{ warning: 'supers-on' as const, supers: supersOn }] : []),
    ...(coldestCelsius !== undefined && body.fromCelsius !== undefined && coldestCelsius < body.fromCelsius
      ? [{ warning: 'too-cold' as const, meanCelsius: coldestCelsius, limitCelsius: body.fromCelsius }]
      : []),
    ...(warmestCelsius !== undefined && body.toCelsius !== undefined && warmestCelsius > body.toCelsius
      ? [{ warning: 'too-warm' as const, meanCelsius: warmestCelsius, limitCelsius: body.toCelsius }]
      : []),
    ...tooEarly.map((day) => ({ warning: 'crop-too-early' as const, day: dayOf(day), from })),
    ...(treatmentEnd(treatment) === undefined ? [{ warning: 'no-end' as const }] : []),
  ]
}
