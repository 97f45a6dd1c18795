export * from './write'
export { fingerprint, handPlanOf } from './by-hand'
export { isWanted, type Promised } from './pool'
export { supersAt } from './stages'
