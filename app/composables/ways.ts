import type { RouteLocationNormalizedLoaded } from 'vue-router'
import type { Hive, Yard } from '#core/yard'
import { laidIn } from '#core/ask'
import { isBox } from '#core/parts'
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

const way = (word: string, letter: string, path: string, also: string, under = path): ShownWay => ({
  word,
  letter,
  path,
  also,
  under,
})

const REFERENCE: readonly ShownWay[] = [
  way('Fit', 'i', '/fit', 'compatible sizes formats'),
  way('Build', 'u', '/build', 'cut list make boards timber'),
  way('Sources', 'o', '/sources', 'figures numbers limits patterns'),
]

/** Where a hive's lowest box of frames is looked at from above; all boxes of the yard where it has none. */
function framesPath(yard: Yard, hive: Hive): string {
  const box = laidIn(yard, hive).assembled.stack.find((layer) => isBox(layer) && !layer.pattern?.sections)
  return box ? boxPath(yard.id, box.part.id) : yardPath(yard.id, 'boxes')
}

/** The views of the yard and the hive that one is at, and what is looked up. */
export function waysFrom(yard: Yard | undefined, hive: Hive | undefined): Ways {
  return {
    yard: [
      way('Row', 'r', '/', 'hives apiary start home'),
      ...(yard
        ? [
            way('Year', 'y', yardPath(yard.id, 'year'), 'season calendar stages flow climate changeover'),
            way('Shed', 's', yardPath(yard.id, 'shed'), 'kit stock store parts spares loans'),
            way(
              'Due',
              'd',
              yardPath(yard.id, 'due'),
              'to-do tasks reminders records unite merge combine nuclei trials inspector',
            ),
          ]
        : []),
    ],
    hive:
      yard && hive
        ? [
            way('Bench', 'b', hivePath(yard.id, hive.id, 'bench'), 'stack entrance door gaps bee-space'),
            way(
              'Frames',
              'f',
              framesPath(yard, hive),
              'combs runner rabbet castellation spacer lug ear dummy follower spacing',
              yardPath(yard.id, 'boxes'),
            ),
            way('Weight', 'w', hivePath(yard.id, hive.id, 'weight'), 'lifts mass scale heft weigh'),
            way('Winter', 'n', hivePath(yard.id, hive.id, 'winter'), 'insulation cluster wrap heat damp sensors'),
            way(
              'Book',
              'k',
              hivePath(yard.id, hive.id, 'book'),
              'inspection look mites drop tray wash treatment feed crop harvest queen notes diary',
            ),
          ]
        : [],
    reference: REFERENCE,
  }
}

/** Whether a view is the one that one looks at. */
export function isHere({ under }: ShownWay, path: string): boolean {
  return under === '/' ? path === '/' : path === under || path.startsWith(`${under}/`)
}

/** The same view of another hive, or its bench where the view is of no hive. */
export function sameViewOf(route: RouteLocationNormalizedLoaded, yard: Yard, hive: Hive): string {
  if (route.params.part !== undefined) return framesPath(yard, hive)
  const found = (['weight', 'winter', 'book', 'look'] as const).find((view) => route.path.endsWith(`/${view}`))
  return hivePath(yard.id, hive.id, found ?? 'bench')
}

/** The same view of another yard, or its row. */
export function sameViewOfYard(route: RouteLocationNormalizedLoaded, yard: Yard): string | null {
  if (route.params.hive !== undefined || route.params.part !== undefined) return yardPath(yard.id, 'boxes')
  const found = (['year', 'shed', 'due/records', 'due', 'boxes', 'keepers'] as const).find((view) =>
    route.path.endsWith(`/${view}`),
  )
  return found ? yardPath(yard.id, found) : null
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
