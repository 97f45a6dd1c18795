import { BS1300, MEMORY, USDA, inches, mm } from '../sourced'

/** Along the frames every Langstroth is alike. */
export const LANGSTROTH_LENGTHS = {
  outsideLength: inches('19 7/8', USDA),
  insideLength: inches('18 3/8', USDA),
  restToRest: inches('19 1/8', USDA),
  material: 'wood',
} as const
/** Along the frames every National is alike. */
export const NATIONAL_LENGTHS = {
  outsideLength: inches('18 1/8', BS1300),
  insideLength: mm(370, MEMORY),
  restToRest: inches('17 1/8', MEMORY),
  material: 'wood',
} as const
