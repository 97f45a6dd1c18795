export * from './calendar'
