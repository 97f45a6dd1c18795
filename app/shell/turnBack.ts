import { useRoute, useRouter } from 'vue-router'
import { namedBy } from '~/composables/paths'
import { useView } from '~/stores/view'
import { useYards } from '~/stores/yards'

/** Undo or redo in the yard that one is at; where what one looks at is gone by it, back to the row. */
export function useTurnBack(): (how: 'undo' | 'redo', beyondSitting?: boolean) => void {
  const yards = useYards()
  const view = useView()
  const route = useRoute()
  const router = useRouter()
  return (how, beyondSitting = false) => {
    const yard = view.yard
    if (!yard) return
    if (how === 'undo') yards.undo(yard.id, beyondSitting)
    else yards.redo(yard.id)
    const { hiveId } = namedBy(route.params)
    const now = view.yard
    const gone =
      (hiveId !== null && !now?.hives.some(({ id }) => id === hiveId)) ||
      (route.params.part !== undefined && !now?.parts.some(({ id }) => id === route.params.part))
    if (gone) void router.replace('/')
  }
}
