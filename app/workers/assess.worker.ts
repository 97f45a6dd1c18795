import { expose } from 'comlink'
import { assessYard } from './assess-yard'

/** The one typed door to the worker that looks at whole yards. */
const door = { assessYard }
export type AssessDoor = typeof door

expose(door)
