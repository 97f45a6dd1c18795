import type { Sort } from './sort'

export const TRIAL_SIDES = ['with', 'without'] as const
/** The side of a trial that a hive was drawn to: with what is tried, or without it. */
export type TrialSide = (typeof TRIAL_SIDES)[number]

/** A hive that was drawn into a trial. */
export interface InTrial {
  readonly trial: string
  readonly side: TrialSide
}

/** A hive drawn into a trial. */
export const TRIAL: Sort<InTrial> = {
  made: (written, body) => ({ ...written, sort: 'trial', body }),
  writtenBy: 'keeper',
  form: null,
  isTold: true,
  bearsOnFood: false,
  tellsOfColony: false,
  columns: [
    ['trial', 'trial', 'text'],
    ['side', 'side', 'text'],
  ],
}
