import { daysLater, dayOf } from './days'
import { entriesOf } from './current'
import type { Entry, EntryOf, Treatment } from './entries'

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
  /** Crops that were taken there, by day. */
  readonly cropDays: readonly string[]
}

/** What is to be minded with a treatment: its temperature, a crop, other hives. */
export type TreatmentWarning =
  | { readonly warning: 'supers-on'; readonly supers: number }
  | { readonly warning: 'too-cold' | 'too-warm'; readonly highCelsius: number; readonly limitCelsius: number }
  | { readonly warning: 'ask-forecast'; readonly fromCelsius?: number; readonly toCelsius?: number }
  | { readonly warning: 'expired'; readonly day: string }
  | { readonly warning: 'crop-too-early'; readonly day: string; readonly from: string | undefined }
  | { readonly warning: 'no-end' }

/**
 * What stands against a treatment by its own label: supers for people on, a day’s high too low or too high for it, or
 * not asked of the forecast; a crop before its withdrawal is over, no end, a day past which it is not used. Nothing is
 * said of warmth from the means of months. Common practice: the label and local law decide.
 */
export function treatmentWarnings(
  treatment: Pick<EntryOf<'treatment'>, 'at' | 'body'>,
  { supersOn, cropDays }: TreatedHive,
): TreatmentWarning[] {
  const { body } = treatment
  const from = cropFrom(treatment)
  const tooEarly = cropDays.filter((day) => isCropTooEarly(treatment, day))
  return [
    ...(supersOn > 0 && !body.supersMayStay ? [{ warning: 'supers-on' as const, supers: supersOn }] : []),
    ...warmthOf(body),
    ...(body.expiresOn !== undefined && body.expiresOn < dayOf(treatment.at)
      ? [{ warning: 'expired' as const, day: body.expiresOn }]
      : []),
    ...tooEarly.map((day) => ({ warning: 'crop-too-early' as const, day: dayOf(day), from })),
    ...(treatmentEnd(treatment) === undefined ? [{ warning: 'no-end' as const }] : []),
  ]
}

/** The day's high against what its label asks: of some acids the first three days count. */
function warmthOf({ fromCelsius, toCelsius, highCelsius }: Treatment): TreatmentWarning[] {
  if (fromCelsius === undefined && toCelsius === undefined) return []
  if (highCelsius === undefined)
    return [
      {
        warning: 'ask-forecast',
        ...(fromCelsius === undefined ? {} : { fromCelsius }),
        ...(toCelsius === undefined ? {} : { toCelsius }),
      },
    ]
  return [
    ...(fromCelsius !== undefined && highCelsius < fromCelsius
      ? [{ warning: 'too-cold' as const, highCelsius, limitCelsius: fromCelsius }]
      : []),
    ...(toCelsius !== undefined && highCelsius > toCelsius
      ? [{ warning: 'too-warm' as const, highCelsius, limitCelsius: toCelsius }]
      : []),
  ]
}
