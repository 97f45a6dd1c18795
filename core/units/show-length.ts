import { there } from './there'
import { inchReading } from './inch-fraction'
import { comparableMm, MM_PER_INCH, roundTo } from './length'

/** What lengths, masses and temperatures are shown in. */
export type UnitSystem = 'mm' | 'inches'

/**
 * A length as the keeper reads it: `9.5 mm`, or in inches: a sixteenth where it is one, `3/8 in`, else decimals, `0.28
 * in`.
 * @param mm millimetres
 */
export function showLength(mm: number, units: UnitSystem): string {
  return `${showFigure(mm, units)} ${units === 'mm' ? 'mm' : 'in'}`
}

/** The figure of `showLength` without its unit. */
export function showFigure(mm: number, units: UnitSystem): string {
  return textOf(readingOf(mm, units))
}

/**
 * Figures that are held against each other, such as a gap and its limits: as many decimals as it takes for two that
 * differ to read differently, and the larger to read as the larger.
 * @param mms millimetres
 */
export function figuresApart(mms: readonly number[], units: UnitSystem): string[] {
  const tries = [0, 1, 2, 3].map((moreDecimals) => mms.map((mm) => readingOf(mm, units, moreDecimals)))
  return (tries.find((readings) => areInOrder(mms, readings)) ?? there(tries.at(-1))).map(textOf)
}

/** The terms of one sum: sixteenths where each of them is one, else decimals throughout; millimetres as ever. */
export function termFigures(mms: readonly number[], units: UnitSystem): string[] {
  const readings = mms.map((mm) => readingOf(mm, units))
  return readings.every(({ fraction }) => fraction)
    ? readings.map(textOf)
    : readings.map(({ value }) => textOf({ value: roundTo(value, Math.abs(value) < 0.1 ? 3 : 2) }))
}

/** A figure with what it may be off by: decimals on both sides of the ±, for a fraction claims more than it knows. */
export function showWithDoubt(value: { readonly mm: number; readonly plusMinusMm: number }, units: UnitSystem): string {
  const { mm, plusMinusMm } = value
  if (units === 'mm') return `${showFigure(mm, units)} ± ${showLength(plusMinusMm, units)}`
  const places = plusMinusMm < 0.01 * MM_PER_INCH ? 3 : 2
  const [figure, doubt] = [mm, plusMinusMm].map((each) => textOf({ value: roundTo(each / MM_PER_INCH, places) || 0 }))
  return `${figure} ± ${doubt} in`
}

/** A cut as a tape reads it: in inches to the nearest 1/32, millimetres as ever. */
export function showCut(mm: number, units: UnitSystem): string {
  return units === 'mm' ? showLength(mm, units) : `${inchReading(mm, 32).text} in`
}

/** A figure before it is written: its value as shown, and its fraction where it is one. */
interface Reading {
  readonly value: number
  readonly fraction?: string
}

/** Decimals of an inch may never read as a sixteenth that the length is not, nor lie on its other side. */
function readingOf(mm: number, units: UnitSystem, moreDecimals = 0): Reading {
  if (units === 'mm') return { value: roundTo(mm, (Math.abs(mm) < 100 ? 2 : 1) + moreDecimals) || 0 }
  const inches = mm / MM_PER_INCH
  const { text, side, inches: sixteenth } = inchReading(mm)
  if (side === 0 || (moreDecimals === 0 && isHardlyOff(mm, sixteenth))) return { value: sixteenth, fraction: text }
  const places = (Math.abs(inches) < 0.1 ? 3 : 2) + moreDecimals
  const tries = [0, 1, 2, 3].map((further) => roundTo(inches, places + further))
  return { value: tries.find((value) => Math.sign(value - sixteenth) === side) ?? inches }
}

/** Over ten inches nobody measures a twentieth of a millimetre: a height of 47.501 in is 47 1/2. */
function isHardlyOff(mm: number, inches: number): boolean {
  return Math.abs(mm) >= 10 * MM_PER_INCH && Math.abs(mm - inches * MM_PER_INCH) < 0.05
}

function textOf({ value, fraction }: Reading): string {
  return (fraction ?? String(value)).replace('-', '−')
}

/** Apart by less than a hundredth of a millimetre is no difference: so are gaps compared. */
function areInOrder(mms: readonly number[], readings: readonly Reading[]): boolean {
  return mms.every((mm, i) =>
    mms.every(
      (other, j) =>
        comparableMm(mm) === comparableMm(other) ||
        Math.sign(mm - other) === Math.sign(readings[i]!.value - readings[j]!.value),
    ),
  )
}
