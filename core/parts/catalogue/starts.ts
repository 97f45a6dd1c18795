import { HIVE_FORMATS, type StartStack } from './formats'

/** A first hive, or bare ground. */
export const STARTS: Readonly<Record<'langstroth' | 'national' | 'empty', StartStack>> = {
  langstroth: HIVE_FORMATS['langstroth-10'].start ?? [],
  national: HIVE_FORMATS.national.start ?? [],
  empty: [],
}
