export * from './lighter'
export * from './outlay'
export type { Change } from './change'
