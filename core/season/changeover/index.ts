export * from './model'
export * from './moves'
