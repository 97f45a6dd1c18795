export * from './figure'
export * from './all'
