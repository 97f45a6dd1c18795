export * from './lighter'
export * from './outlay'
