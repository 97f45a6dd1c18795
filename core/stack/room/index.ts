export * from './comb'
export * from './arrangements'
export * from './uniform'
