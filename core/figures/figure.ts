import { keysOf, type Source } from '../units'

/** Units that figures are kept in, each with the end that it gives to a name; a share or a factor says so itself. */
export const UNIT_IN_NAME = {
  '': /(Share|Factor|Times)$/,
  mm: /Mm$/,
  'kg/m²': /KgPerM2$/,
  '°': /Deg$/,
  cells: /Cells$/,
  'eggs a day': /EggsADay$/,
  days: /Days$/,
  kg: /Kg$/,
  'kg/L': /KgPerLitre$/,
  'kg/dm²': /KgPerDm2$/,
  'bees/cm²': /PerCm2$/,
  g: /Grams$/,
  'L/kg': /LitresPerKg$/,
  'kg/m³': /KgPerM3$/,
  mL: /Ml$/,
  'W/(m·K)': /WPerMK$/,
  'J/(m³·K)': /JPerM3K$/,
  'J/(kg·K)': /JPerKgK$/,
  'm/s²': /MPerS2$/,
  'W/kg': /WPerKg$/,
  'W/(kg·K)': /WPerKgK$/,
  '°C': /Celsius$/,
  'MJ/kg': /MjPerKg$/,
  'kg/kg': /KgPerKg$/,
  W: /Watts$/,
  'mm/m': /MmPerM$/,
  seams: /Seams$/,
  bees: /Bees$/,
  'in 100 bees': /InHundred$/,
  'a day': /ADay$/,
  'kg a day': /KgADay$/,
  frames: /Frames$/,
  hives: /Hives$/,
  supers: /Supers$/,
  mites: /Mites$/,
  L: /Litres$/,
  '%': /Percent$/,
} as const
/** The unit of a figure, as it stands in its name and in a plan file. */
export type FigureUnit = keyof typeof UNIT_IN_NAME
export const FIGURE_UNITS = keysOf(UNIT_IN_NAME)

/** A figure of the trade: what it is, in what unit, what it says, where it is used, and where it comes from. */
export interface Figure {
  readonly value: number
  /** Empty for a share or a factor. */
  readonly unit: FigureUnit
  readonly label: string
  readonly usedIn: string
  readonly source: Source
}

export const COMMON: Source = { mark: 'C', text: 'common practice of the trade' }
export const MEMORY: Source = { mark: 'M', text: 'from memory, to be confirmed by measuring' }

/** A figure, on one line of its subject. */
export const figure = (value: number, unit: FigureUnit, label: string, usedIn: string, source: Source): Figure => ({
  value,
  unit,
  label,
  usedIn,
  source,
})
