import { expose } from 'comlink'
import { dayOfYard } from './lift-yard'
import { choicesOf, yearOfYard } from './plan-yard'
import { topsOfYard, winterOfYard, winterWaysOf } from './winter-yard'

/** The one typed door to the worker that writes years, days and winters of a yard. */
const door = { dayOfYard, yearOfYard, choicesOf, winterOfYard, winterWaysOf, topsOfYard }
export type PlanDoor = typeof door

expose(door)
