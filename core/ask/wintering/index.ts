export * from './hive-winter'
export * from './ways'
export * from './feeding'
