import { defineStore } from 'pinia'
import { nextTick, shallowRef, toRaw } from 'vue'
import { byHiveOf, type FoodBook } from '#core/book'
import { partIdsOf, type Hive, type KnownFood, type KnownFoods, type Yard } from '#core/yard'
import { planDoor } from '~/composables/doors'
import { localToday } from '~/composables/localTime'
import { afterDrawing } from '~/composables/useInTurn'
import { useFoodBooks } from './food-books'

/** What a food was worked out from: as long as it is the same, so is the food. */
interface From {
  readonly of: readonly unknown[]
  readonly food: KnownFood | undefined
}

/**
 * What is known of the food of hives, told with their yards so that every view, check and print knows it. What waits on
 * this device counts at once.
 */
export const useFoods = defineStore('foods', () => {
  const books = useFoodBooks()
  const known = shallowRef<Readonly<Record<string, KnownFoods>>>({})
  const last = new Map<string, Map<string, From>>()
  const asking = new Map<string, Promise<void>>()
  /** Works out the food of those hives of a yard of which anything is another; of the others it stays. */
  function workOut(yard: Yard): Promise<void> {
    const run = () => workOutNow(yard)
    const asked = (asking.get(yard.id) ?? Promise.resolve()).then(run, run)
    asking.set(yard.id, asked)
    return asked
  }
  async function workOutNow(yard: Yard): Promise<void> {
    if (!books.bookIds.has(yard.id) && !last.has(yard.id)) return
    const book = books.bookOf(yard.id)
    const today = localToday()
    const before = last.get(yard.id) ?? new Map<string, From>()
    const now = fromsOf(yard, book, today)
    const told = yard.hives.filter(({ id }) => now.has(id))
    const changed = told.filter(({ id }) => !isSame(now.get(id), before.get(id)))
    const found = changed.length > 0 ? await foodsOf(onlyOf(yard, changed), book, today) : {}
    const next = new Map<string, From>()
    const asked = new Set(changed.map(({ id }) => id))
    for (const [id, of] of now) next.set(id, { of, food: asked.has(id) ? found[id] : before.get(id)?.food })
    last.set(yard.id, next)
    const foods = Object.fromEntries([...next].flatMap(([id, { food }]) => (food ? [[id, food]] : [])))
    if (JSON.stringify(foods) !== JSON.stringify(known.value[yard.id] ?? {}))
      known.value = { ...known.value, [yard.id]: foods }
  }
  /** Ends once all that was asked for in a yard is known: before that no plan of it is to be carried out or printed. */
  async function whenKnown(yardId: string): Promise<void> {
    await books.whenLoaded()
    await nextTick()
    await asking.get(yardId)
  }

  const laid = new WeakMap<Yard, { readonly by: KnownFoods; readonly yard: Yard }>()
  /** A yard with what is known of its food; the same object as long as both are the same. */
  function onto(yard: Yard): Yard {
    const foods = known.value[yard.id]
    if (!foods || Object.keys(foods).length === 0) return yard
    const before = laid.get(yard)
    if (before?.by === foods) return before.yard
    const next = { ...yard, foods }
    laid.set(yard, { by: foods, yard: next })
    return next
  }
  return { workOut, whenKnown, onto }
})

/** Asked of the worker, which is opened once what is seen first is drawn. */
async function foodsOf(yard: Yard, book: FoodBook, today: string): Promise<KnownFoods> {
  await afterDrawing()
  return planDoor().foodsOf(toRaw(yard), book, today)
}

/** What the food of each hive follows from; only hives of which something is written ask for anything. */
function fromsOf(yard: Yard, book: FoodBook, today: string): ReadonlyMap<string, readonly unknown[]> {
  const entriesOf = byHiveOf(book.entries)
  const parts = new Map(yard.parts.map((part) => [part.id, part]))
  const { hives: _hives, parts: _parts, colonies: _told, foods: _foods, ...ofYard } = yard
  const yardSaid = JSON.stringify(ofYard)
  const fromOf = (hive: Hive) => [
    hive,
    ...partIdsOf(hive).map((id) => parts.get(id)),
    today,
    yardSaid,
    JSON.stringify([entriesOf.get(hive.id), book.weighed[hive.id]]),
  ]
  const told = yard.hives.filter(({ id }) => entriesOf.has(id) || book.weighed[id])
  return new Map(told.map((hive) => [hive.id, fromOf(hive)]))
}

const isSame = (of: readonly unknown[] | undefined, than: From | undefined) =>
  of !== undefined && than?.of.length === of.length && of.every((one, i) => one === than.of[i])

/** A yard with these hives only, and what is in its shed. */
function onlyOf(yard: Yard, hives: readonly Hive[]): Yard {
  const asked = new Set(hives)
  const elsewhere = new Set(yard.hives.filter((hive) => !asked.has(hive)).flatMap(partIdsOf))
  return { ...yard, hives, parts: yard.parts.filter(({ id }) => !elsewhere.has(id)) }
}
