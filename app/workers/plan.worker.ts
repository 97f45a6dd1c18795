import { expose } from 'comlink'
import { choicesOf, dayOfYard, topsOfYard, winterOfYard, winterWaysOf, yearOfYard } from '#core/ask'
import { foodsOf as foodsOfHives, type FoodBook } from '#core/book'
import type { Yard } from '#core/yard'

/** What is known of the food of the hives of a yard. */
const foodsOf = (yard: Yard, book: FoodBook, today: string) => foodsOfHives(yard, yard.hives, book, today)

/** The one typed door to the worker that writes years, days and winters of a yard. */
const door = { foodsOf, dayOfYard, yearOfYard, choicesOf, winterOfYard, winterWaysOf, topsOfYard }
/** What the worker for years, winters and lifts is asked. */
export type PlanDoor = typeof door

expose(door)
