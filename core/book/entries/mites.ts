import type { Sort } from './sort'

/** Mites on a tray over so many days, or among so many bees. */
export type MiteCount = { readonly mites: number } & (
  { readonly way: 'tray'; readonly days: number } | { readonly way: 'wash' | 'sugar'; readonly bees: number }
)

/** Mites counted. */
export const MITES: Sort<MiteCount> = {
  made: (written, body) => ({ ...written, sort: 'mites', body }),
  writtenBy: 'helper',
  form: 'book',
  isTold: true,
  bearsOnFood: false,
  tellsOfColony: false,
  columns: [
    ['way', 'way', 'text'],
    ['mites', 'mites', 'number'],
    ['days', 'days', 'number'],
    ['bees', 'bees', 'number'],
  ],
}
