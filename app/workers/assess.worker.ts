import { expose } from 'comlink'
import { assessYard } from './assess-yard'
import { dayOfYard } from './lift-yard'
import { choicesOf, yearOfYard } from './plan-yard'

/** The one typed door to the worker that looks at whole yards. */
const door = { assessYard, dayOfYard, yearOfYard, choicesOf }
export type AssessDoor = typeof door

expose(door)
