export * from './frame-in-box'
export * from './box-on-box'
export * from './table'
