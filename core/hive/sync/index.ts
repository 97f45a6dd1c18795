export * from './waiting'
export * from './cells'
export * from './replay'
export * from './settle'
