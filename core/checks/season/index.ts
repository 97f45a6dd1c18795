export * from './boxes'
export * from './entrance'
export * from './winter-top'
