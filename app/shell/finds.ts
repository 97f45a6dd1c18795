/** Something that is found by a few letters of its name. */
export interface Find {
  readonly key: string
  readonly word: string
  readonly detail: string
  /** Other words that it is found by, though none is shown. */
  readonly also?: string
  readonly path: string | null
  readonly here: boolean
  readonly go?: () => void
}

/** All that can be found: hives, yards and views, those at hand first. */
export function useFinds() {
  const view = useView()
  const yards = useYards()
  const route = useRoute()
  const hives = computed<Find[]>(() =>
    [...yards.yards]
      .sort((a, b) => Number(b.id === view.yard?.id) - Number(a.id === view.yard?.id))
      .flatMap((yard) =>
        yard.hives.map((hive) => ({
          key: `${yard.id} ${hive.id}`,
          word: hive.name,
          detail: `${yard.name}, ${stageSaid(hive.stage)}`,
          path: sameViewOf(route, yard, hive),
          here: hive.id === view.hive?.id && yard.id === view.yard?.id,
        })),
      ),
  )
  const ofYards = computed<Find[]>(() =>
    yards.yards.map((yard) => ({
      key: yard.id,
      word: yard.name,
      detail: yard.hives.length === 1 ? 'one hive' : `${yard.hives.length} hives`,
      path: sameViewOfYard(route, yard),
      here: yard.id === view.yard?.id,
      go: () => {
        view.chosen = yard.id
      },
    })),
  )
  const views = computed<Find[]>(() => {
    const ways = waysFrom(view.yard, view.hive)
    const named = (list: readonly ShownWay[], of: string) =>
      list.map((way) => ({
        key: way.word,
        word: way.word,
        detail: of,
        path: way.path,
        also: way.also,
        here: isHere(way, route.path),
      }))
    return [
      ...named(ways.yard, view.yard?.name ?? ''),
      ...named(ways.hive, view.hive?.name ?? ''),
      ...named(ways.reference, 'to look up'),
    ]
  })
  return { hives, ofYards, views }
}
