export * from './all'
export * from './pairs'
export { FIGURE_UNITS, UNIT_IN_NAME, type FigureUnit } from './figure'
