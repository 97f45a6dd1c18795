export * from './wind'
export * from './standing'
export * from './tilt'
