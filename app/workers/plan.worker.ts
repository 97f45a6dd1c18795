import { expose } from 'comlink'
import { foodsOf as foodsOfHives, type FoodBook } from '#core/book'
import type { Yard } from '#core/yard'
import { dayOfYard } from './lift-yard'
import { choicesOf, yearOfYard } from './plan-yard'
import { topsOfYard, winterOfYard, winterWaysOf } from './winter-yard'

/** The one typed door to the worker that writes years, days and winters of a yard. */
/** What is known of the food of the hives of a yard. */
const foodsOf = (yard: Yard, book: FoodBook, today: string) => foodsOfHives(yard, yard.hives, book, today)

const door = { foodsOf, dayOfYard, yearOfYard, choicesOf, winterOfYard, winterWaysOf, topsOfYard }
export type PlanDoor = typeof door

expose(door)
