export * from './model'
export * from './moves'
export * from './of-hives'
export * from './yard'
