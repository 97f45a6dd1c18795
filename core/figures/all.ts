import { isOneOf, keysOf, recordOf } from '../units'
import { BEE_SPACE } from './bee-space'
import { BEES } from './bees'
import { BOOK } from './book'
import { COMBS } from './combs'
import type { Figure, FigureUnit } from './figure'
import { PHYSICS_OF_WINTER } from './heat'
import { HONEY } from './honey'
import { OLDER_NAMES } from './older'
import { uncrossed } from './pairs'
import { ROOM } from './room'
import { STAGES } from './stages'
import { STANDING } from './standing'
import { WARE } from './ware'
import { WINTER } from './winter'

const ALL = {
  ...BEE_SPACE,
  ...COMBS,
  ...ROOM,
  ...HONEY,
  ...BEES,
  ...WARE,
  ...WINTER,
  ...PHYSICS_OF_WINTER,
  ...STANDING,
  ...STAGES,
  ...BOOK,
} as const
/** The name of a figure, with its unit. */
export type FigureName = keyof typeof ALL

/** The figures of the trade that Duvet counts with, as they ship; each can be overwritten for a yard. */
export const FIGURES: Readonly<Record<FigureName, Figure>> = ALL
/** What every figure is called: with its unit. */
export const FIGURE_NAMES = keysOf(ALL)

/** What a yard counts with, each in its own unit: its own figures, and those that ship for the rest. */
export type Figures = Readonly<Record<FigureName, number>>

/** What is counted with where a yard has no figures of its own. */
export const SHIPPED_FIGURES: Figures = recordOf(FIGURE_NAMES, (name) => FIGURES[name].value)

/** A figure that a yard has overwritten, in the unit of its name. */
export interface OwnFigure {
  readonly name: FigureName
  readonly value: number
  readonly unit: FigureUnit
}

/** A yard's own figure. */
export const ownFigure = (name: FigureName, value: number): OwnFigure => ({ name, value, unit: FIGURES[name].unit })

/** Names of three figures each: a lowest, a typical and a highest. */
type Ranged = { [N in FigureName]: N extends `${infer R}Typical` ? R : never }[FigureName]

/** Three figures that go together. */
export function rangeOf(
  figures: Figures,
  name: Ranged,
): { readonly low: number; readonly middle: number; readonly high: number } {
  return { low: figures[`${name}Low`], middle: figures[`${name}Typical`], high: figures[`${name}High`] }
}

/** What a figure of a yard may be: a hundredth to a hundred times what ships, in its own unit. */
export function figureLimits(name: FigureName): { readonly least: number; readonly most: number } {
  const { value } = FIGURES[name]
  return { least: value / 100, most: value * 100 }
}

/** Whether a figure can be so: nothing that is divided by it runs away. */
export function isFigure(name: FigureName, value: number): boolean {
  const { least, most } = figureLimits(name)
  return value >= least && value <= most
}

export const isFigureName = (name: string): name is FigureName => isOneOf(FIGURE_NAMES, name)

const OLDER_PREFIX = 'limit.'

/** The figure that was overwritten under a key before figures had a list of their own, or undefined. */
export function figureOfKey(key: string): FigureName | undefined {
  if (!key.startsWith(OLDER_PREFIX)) return undefined
  const name = key.slice(OLDER_PREFIX.length)
  if (isOneOf(keysOf(OLDER_NAMES), name)) return OLDER_NAMES[name]
  return isFigureName(name) ? name : undefined
}

/** The figures of a yard that has overwritten these; what cannot be is left out. */
export function figuresWith(own: readonly OwnFigure[]): Figures {
  const sound = own.filter(({ name, value }) => isFigureName(name) && isFigure(name, value))
  return sound.length === 0
    ? SHIPPED_FIGURES
    : uncrossed(
        { ...SHIPPED_FIGURES, ...Object.fromEntries(sound.map(({ name, value }) => [name, value] as const)) },
        SHIPPED_FIGURES,
      )
}
