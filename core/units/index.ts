export * from './length'
export * from './inch-fraction'
export * from './show-length'
export * from './parse-length'
