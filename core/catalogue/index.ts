export * from './pattern'
export * from './footprints'
export * from './all'
export * from './of-yard'
