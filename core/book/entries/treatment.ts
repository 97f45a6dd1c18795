import type { Sort } from './sort'

/** A treatment, with what its label says. */
export interface Treatment {
  readonly product: string
  readonly amount?: string
  /** Its last day; absent while it is on and nobody has said. */
  readonly until?: string
  /** Days that its label says it stays on. */
  readonly labelDays?: number
  readonly fromCelsius?: number
  readonly toCelsius?: number
  /** The highest of the days that count, °C, as the forecast has it. */
  readonly highCelsius?: number
  readonly batch?: string
  readonly supplier?: string
  readonly boughtOn?: string
  readonly expiresOn?: string
  /** Days after its end in which no crop is taken. */
  readonly withdrawalDays?: number
  /** Its label allows supers meant for people to be on. */
  readonly supersMayStay?: boolean
}

/** Something given against mites, by its label. */
export const TREATMENT: Sort<Treatment> = {
  made: (written, body) => ({ ...written, sort: 'treatment', body }),
  writtenBy: 'keeper',
  form: 'book',
  isTold: true,
  bearsOnFood: true,
  tellsOfColony: false,
  columns: [
    ['product', 'product', 'text'],
    ['amount', 'amount', 'text'],
    ['until', 'until', 'text'],
    ['label_days', 'labelDays', 'number'],
    ['from_celsius', 'fromCelsius', 'number'],
    ['to_celsius', 'toCelsius', 'number'],
    ['high_celsius', 'highCelsius', 'number'],
    ['batch', 'batch', 'text'],
    ['supplier', 'supplier', 'text'],
    ['bought_on', 'boughtOn', 'text'],
    ['expires_on', 'expiresOn', 'text'],
    ['withdrawal_days', 'withdrawalDays', 'number'],
    ['supers_may_stay', 'supersMayStay', 'flag'],
  ],
}
