export * from './all'
export * from './pairs'
