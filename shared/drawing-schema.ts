import type { ObjectSchema } from 'yup'
import { listOf, record, text } from './fields'
import * as yup from './yup'

/** One stroke of the pen: a path of straight lines, its fill and its line; x to the right, y downwards. */
export interface DrawnMark {
  readonly path: string
  readonly fill: string
  readonly line: string
  readonly width: number
  readonly dash: string
}

/** A word in a drawing, its middle at x, its foot at y. */
export interface DrawnWord {
  readonly x: number
  readonly y: number
  readonly size: number
  readonly text: string
}

/** A drawing as the screen shows it and the printer sets it. */
export interface Drawing {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  readonly marks: readonly DrawnMark[]
  readonly words: readonly DrawnWord[]
}

const figure = () => yup.number().strict().required().min(-50_000).max(50_000)
const side = () => yup.number().strict().required().min(1).max(50_000)
const colour = () => text(7).matches(/^(none|#[0-9a-f]{6})$/, '${path} is no colour: none, or six digits behind a #')
/** Straight lines only: nothing in a path can be anything but a path. */
const path = () =>
  text(20_000, 1)
    .matches(/^[MLHVZ\d .,-]+$/, '${path} is no path of straight lines')
    .matches(/^(?!.*\d{13})/, '${path} has a number of more than 12 digits')
const dash = () => text(20).matches(/^[\d .]*$/, '${path} is no row of lengths')

/** A drawing that is sent to be printed: colours, numbers and words, no markup. */
export const drawingSchema: ObjectSchema<Drawing> = record({
  x: figure(),
  y: figure(),
  width: side(),
  height: side(),
  marks: listOf(
    record({ path: path(), fill: colour(), line: colour(), width: figure().min(0).max(200), dash: dash() }),
    4000,
  ),
  words: listOf(
    record({ x: figure(), y: figure(), size: yup.number().strict().required().min(0.1).max(500), text: text(80) }),
    400,
  ),
})
