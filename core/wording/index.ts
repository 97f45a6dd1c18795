export * from './names'
export * from './gap-words'
export * from './finding-words'
export * from './problem-words'
