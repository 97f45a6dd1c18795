export * from './all'
