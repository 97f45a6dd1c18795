import { parseNumber } from '#core/units'

/** The numbers of a field. */
export interface NumberOf {
  /** In what is shown, not in what is kept. */
  readonly min: number
  readonly max: number
  readonly decimals?: number
  /** Reads what is typed into what is kept; a number where it is left out. */
  readonly read?: (text: string) => number | undefined
  /** What is kept, as the number that is shown; itself where it is left out. */
  readonly shown?: (value: number) => number
  /** The other way round, for a press. */
  readonly kept?: (shown: number) => number
  /** What could be typed: `12.5 or 27 lb`. */
  readonly example?: string
  /** What the first press for more says. */
  readonly start?: number
}

/** How a number is read, judged and counted on from, as its field has it now. */
export function numberField(name: () => string, numbers: () => NumberOf) {
  const decimals = () => numbers().decimals ?? 0
  const figureOf = (value: number) => Number((numbers().shown?.(value) ?? value).toFixed(decimals()))
  function reading(text: string): number | undefined {
    const { read } = numbers()
    return read ? read(text) : parseNumber(text, decimals())
  }
  function fits(value: number): boolean {
    const shown = figureOf(value)
    const isWhole =
      decimals() > 0 || Number.isInteger(numbers().shown?.(value) ?? value) || numbers().read !== undefined
    return shown >= numbers().min && shown <= numbers().max && isWhole
  }
  /** What is wrong with what is typed, and what would be right; empty where nothing is. */
  function problemOf(text: string): string {
    if (text.trim() === '') return ''
    const value = reading(text)
    const sample = numbers().example || String(Math.min(numbers().max, Math.max(numbers().min, 10)))
    if (value === undefined) return `${name()}: “${text}” is no number: type one such as ${sample}.`
    const what = decimals() === 0 ? 'a whole number' : 'a number'
    return fits(value) ? '' : `${name()}: “${text}” cannot be: type ${what} from ${numbers().min} to ${numbers().max}.`
  }
  /** One more or less; the first press says one, or what is likely: nothing said is no zero that is counted on from. */
  function stepped(value: number | undefined, by: 1 | -1): number {
    const begun = by > 0 ? (numbers().start ?? Math.max(numbers().min, 1)) : numbers().min
    const next = value === undefined ? begun : figureOf(value) + by
    return Math.min(numbers().max, Math.max(numbers().min, Math.round(next * 100) / 100))
  }
  return { figureOf, fits, reading, problemOf, stepped }
}
