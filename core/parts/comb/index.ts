export * from './comb'
