import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { cropLetGo } from '#core/book'
import { hiveIn } from '#core/hive-in'
import type { CropLetGo, Crops, Hive, Yard } from '#core/hive'
import { foodAsked } from '~/composables/hiveFood'
import { localToday } from '~/composables/localTime'

/** What the food of each hive lets go, once a view has asked: plans, steps and prints then say what the book says. */
export const useCrops = defineStore('crops', () => {
  const known = shallowRef<Readonly<Record<string, Crops>>>({})

  /** What is being asked for, by yard. */
  const asking = new Map<string, Promise<void>>()

  /** Asks for these hives of a yard, as far as they have supers on, one after the other; of others it stays. */
  function load(yard: Yard, hives: readonly Hive[]): Promise<void> {
    const asked = (asking.get(yard.id) ?? Promise.resolve()).then(() => ask(yard, hives))
    asking.set(yard.id, asked)
    return asked
  }
  /** Ends once all that was asked for in a yard is known: before that no plan of it is to be carried out or printed. */
  const whenKnown = (yardId: string): Promise<void> => asking.get(yardId) ?? Promise.resolve()

  async function ask(yard: Yard, hives: readonly Hive[]): Promise<void> {
    const asked = new Map<string, CropLetGo | undefined>()
    for (const hive of hives) asked.set(hive.id, await ofHive(yard, hive))
    const all = { ...known.value[yard.id], ...Object.fromEntries(asked) }
    const there = new Set(yard.hives.map(({ id }) => id))
    const found: Record<string, CropLetGo> = {}
    for (const [id, crop] of Object.entries(all)) if (crop && there.has(id)) found[id] = crop
    if (JSON.stringify(found) !== JSON.stringify(known.value[yard.id] ?? {}))
      known.value = { ...known.value, [yard.id]: found }
  }

  async function ofHive(yard: Yard, hive: Hive): Promise<CropLetGo | undefined> {
    if (!hive.stack.some(({ role }) => role === 'super')) return undefined
    const food = await foodAsked(yard, hive)
    return food && cropLetGo(hiveIn(yard, hive), food, localToday())
  }

  const told = new WeakMap<Yard, { readonly by: Crops; readonly yard: Yard }>()
  /** A yard with what is known of its crops; the same object as long as both are the same. */
  function onto(yard: Yard): Yard {
    const crops = known.value[yard.id]
    if (!crops || Object.keys(crops).length === 0) return yard
    const last = told.get(yard)
    if (last?.by === crops) return last.yard
    const next = { ...yard, crops }
    told.set(yard, { by: crops, yard: next })
    return next
  }
  return { load, whenKnown, onto }
})
