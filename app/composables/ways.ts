import type { RouteLocationNormalizedLoaded } from 'vue-router'
import type { Hive, Yard } from '#core/yard'
import { laidIn } from '#core/ask'
import { isBox } from '#core/parts'
import { addressOf, ALL_VIEWS, VIEWS, type View } from '#wire/views'
import { useView } from '~/stores/view'

/** A view that can be gone to: its word, its key after G, where it is, and what its addresses begin with. */
export interface ShownWay {
  readonly word: string
  readonly letter: string
  readonly path: string
  readonly under: string
  /** Other names that keepers look for it by: of either side of the Atlantic, and what it was called before. */
  readonly also: string
}
/** The views on their three rungs. */
export interface Ways {
  readonly yard: readonly ShownWay[]
  readonly hive: readonly ShownWay[]
  readonly reference: readonly ShownWay[]
}

type InMenu = View & { readonly word: string; readonly letter: string }
const isInMenu = (view: View): view is InMenu => view.word !== null && view.letter !== null

const wayTo = ({ word, letter, also }: InMenu, path: string, under = path): ShownWay => ({
  word,
  letter,
  path,
  also,
  under,
})

/** Where a hive's lowest box of frames is looked at from above; all boxes of the yard where it has none. */
function framesPath(yard: Yard, hive: Hive): string {
  const box = laidIn(yard, hive).assembled.stack.find((layer) => isBox(layer) && !layer.pattern?.sections)
  return box ? boxPath(yard.id, box.part.id) : yardPath(yard.id, 'boxes')
}

/** The views of the yard and the hive that one is at, and what is looked up. */
export function waysFrom(yard: Yard | undefined, hive: Hive | undefined): Ways {
  const menu = ALL_VIEWS.filter(isInMenu)
  const inMenu = (...rungs: readonly View['of'][]) => menu.filter((view) => rungs.includes(view.of))
  return {
    // The row is of every yard.
    yard: inMenu('yard').flatMap((view) =>
      view.page === '' ? wayTo(view, '/') : yard ? wayTo(view, addressOf(view, yard.id)) : [],
    ),
    hive:
      yard && hive
        ? inMenu('hive', 'box').map((view) =>
            view.of === 'box'
              ? wayTo(view, framesPath(yard, hive), yardPath(yard.id, 'boxes'))
              : wayTo(view, addressOf(view, yard.id, hive.id)),
          )
        : [],
    reference: inMenu('anything').map((view) => wayTo(view, addressOf(view))),
  }
}

/** Whether a view is the one that one looks at. */
export function isHere({ under }: ShownWay, path: string): boolean {
  return under === '/' ? path === '/' : path === under || path.startsWith(`${under}/`)
}

/** By how an address ends: one of an older Duvet has not led on to the new one yet. */
const staying = (of: View['of'], path: string) =>
  ALL_VIEWS.find(
    (view) => view.of === of && view.staysInView && path.endsWith(view.page.slice(view.page.lastIndexOf('*') + 1)),
  )

/** The same view of another hive, or its bench where the view is of no hive. */
export function sameViewOf(route: RouteLocationNormalizedLoaded, yard: Yard, hive: Hive): string {
  if (route.params.part !== undefined) return framesPath(yard, hive)
  return addressOf(staying('hive', route.path) ?? VIEWS.bench, yard.id, hive.id)
}

/** The same view of another yard, or its row. */
export function sameViewOfYard(route: RouteLocationNormalizedLoaded, yard: Yard): string | null {
  if (route.params.hive !== undefined || route.params.part !== undefined) return yardPath(yard.id, 'boxes')
  const view = staying('yard', route.path)
  return view ? addressOf(view, yard.id) : null
}

/** The hives before and after the one that one is at, in the order of the row. */
export function useNeighbours() {
  const view = useView()
  return computed(() => {
    const hives = view.yard?.hives ?? []
    const at = hives.findIndex(({ id }) => id === view.hive?.id)
    return { before: at > 0 ? hives[at - 1] : undefined, after: at < 0 ? undefined : hives[at + 1] }
  })
}
