export * from './hive-winter'
export * from './ways'
export * from './feeding'
export * from './room-of-bees'
