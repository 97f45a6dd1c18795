import { listed } from '#core/words'
import type { Edit, Hive, Stage, Yard } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { useUndone } from '~/stores/undone'
import { useYards } from '~/stores/yards'

const makeId = () => crypto.randomUUID()

/** Hives of one yard that something is done with. */
export interface Picked {
  readonly yard: Yard
  readonly hives: readonly Hive[]
}

/** `Twill`, or `3 hives`. */
export function hivesInWords(picked: readonly Picked[]): string {
  const all = picked.flatMap(({ hives }) => hives)
  return all.length === 1 ? all[0]!.name : `${all.length} hives`
}

interface Step {
  readonly yardId: string
  readonly edit: Edit
}

/** Does one edit a yard, all or none, and says so with a way back that takes back these and nothing else. */
function useSteps(): (words: string, steps: readonly Step[]) => boolean {
  const yards = useYards()
  const undone = useUndone()
  const lastOf = (yardId: string) => yards.historyOf(yardId).undo.at(-1)?.targetId
  return (words, steps) => {
    const done: { readonly yardId: string; readonly made: string | undefined }[] = []
    const back = () => {
      for (const { yardId, made } of done.reverse()) {
        if (lastOf(yardId) === made) yards.undo(yardId, true)
        else yards.message = 'Something else was done there since: Undo in the menu goes back step by step.'
      }
    }
    for (const { yardId, edit } of steps) {
      if (!yards.perform(yardId, edit)) {
        back()
        return false
      }
      done.push({ yardId, made: lastOf(yardId) })
    }
    undone.did = { words, back }
    return true
  }
}

/** What is done with several hives at once; each can be taken back from its message. */
export function useManyHives() {
  const perform = useSteps()

  function remove(picked: readonly Picked[]): boolean {
    const steps = picked.map(({ yard, hives }) => ({
      yardId: yard.id,
      edit: deeds.together(...hives.map(deeds.removeHive)),
    }))
    const of = listed(picked.map(({ yard }) => yard.name))
    return perform(`${hivesInWords(picked)} removed from ${of}.`, steps)
  }
  function stand(picked: readonly Picked[], stage: Stage, word: string): boolean {
    const steps = picked.map(({ yard, hives }) => ({
      yardId: yard.id,
      edit: deeds.together(...hives.map((hive) => deeds.setHive(hive, { stage }))),
    }))
    return perform(`${hivesInWords(picked)} now said to be at: ${word}.`, steps)
  }
  function copy(picked: readonly Picked[], copying: deeds.Copying): boolean {
    const steps = picked.map(({ yard, hives }) => ({
      yardId: yard.id,
      edit: deeds.copyHives(yard, hives, copying, makeId),
    }))
    const made = copying.count * picked.reduce((sum, { hives }) => sum + hives.length, 0)
    return perform(made === 1 ? `A copy of ${hivesInWords(picked)} made.` : `${made} copies made.`, steps)
  }
  /** To another yard: they stand there before they are taken away here. */
  function move(picked: readonly Picked[], to: Yard): boolean {
    const moving = picked.filter(({ yard }) => yard.id !== to.id)
    let there = to
    const steps = moving.flatMap(({ yard, hives }) => {
      const { into, out } = deeds.moveHives(yard, there, hives, makeId)
      there = deeds.after(there, into)
      return [
        { yardId: to.id, edit: into },
        { yardId: yard.id, edit: out },
      ]
    })
    return perform(
      `${hivesInWords(moving)} moved to ${to.name}, with what was written of ${moving.length === 1 ? 'it' : 'them'}.`,
      steps,
    )
  }
  return { remove, stand, copy, move }
}
