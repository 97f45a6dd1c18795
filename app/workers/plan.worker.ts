import { expose } from 'comlink'
import { dayOfYard } from './lift-yard'
import { choicesOf, yearOfYard } from './plan-yard'

/** The one typed door to the worker that writes years and days of a yard. */
const door = { dayOfYard, yearOfYard, choicesOf }
export type PlanDoor = typeof door

expose(door)
