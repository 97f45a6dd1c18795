export * from './hive-winter'
export * from './ways'
