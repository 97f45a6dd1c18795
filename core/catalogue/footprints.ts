import type { Dimensions } from './pattern'
import { BS1300, MEMORY, USDA, inches, mm } from './sourced'

export const FORMATS = ['langstroth-10', 'national'] as const
export type Format = (typeof FORMATS)[number]

/** Outside of the boxes of each format, which everything that bears on them shares. */
export const OUTSIDE: Record<Format, Required<Pick<Dimensions, 'outsideLength' | 'outsideWidth'>>> = {
  'langstroth-10': { outsideLength: inches('19 7/8', USDA), outsideWidth: inches('16 1/4', USDA) },
  national: { outsideLength: inches('18 1/8', BS1300), outsideWidth: inches('18 1/8', BS1300) },
}
export const SHORT_NAME: Record<Format, string> = { 'langstroth-10': 'langstroth', national: 'national' }
export const RIM_WIDTH = mm(19, MEMORY)
