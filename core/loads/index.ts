export * from './weight'
export * from './lifting'
export * from './standing'
