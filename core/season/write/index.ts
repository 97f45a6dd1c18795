export * from './write'
export { fingerprint, handPlanOf } from './by-hand'
export { isWanted } from './pool'
export { isCold, supersAt } from './stages'
