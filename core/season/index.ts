export * from './calendar'
export * from './days'
export * from './changeover'
