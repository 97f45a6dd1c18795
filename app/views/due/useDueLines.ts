import { catalogueOf } from '#core/parts'
import { dueOf, type DueLine } from '#core/book'
import type { Hive, Yard } from '#core/yard'
import { patternName, dueInWords, type DueWords } from '#core/words'
import type { OpenBook } from '#wire/answers'

/** A line of what is due, with the yard and the hive that it is due at. */
export interface DueAt extends DueLine {
  readonly yard: Yard
  readonly hive: Hive | undefined
}

/** A change of a hive that is due. */
export type ChangeAt = DueAt & { readonly reason: Extract<DueLine['reason'], { due: 'visit' }> }
export const isChange = (line: DueAt): line is ChangeAt => line.reason.due === 'visit'

/** What is due today in these yards, from their books, and how a line is told. */
export function useDueLines(yards: () => readonly Yard[], today: string) {
  const book = useBook()
  const preferences = usePreferences()
  const open = shallowRef<ReadonlyMap<string, OpenBook>>(new Map())
  const silent = ref(false)
  let round = 0
  async function load() {
    const mine = ++round
    const ids = yards().map(({ id }) => id)
    const found = await Promise.all(ids.map(async (id) => [id, await book.openOf(id, today)] as const))
    if (mine !== round) return
    silent.value = found.some(([, one]) => one === null)
    open.value = new Map(found.flatMap(([id, one]) => (one ? [[id, one] as const] : [])))
  }
  watch(
    () =>
      yards()
        .map(({ id }) => id)
        .join(' '),
    load,
    { immediate: true },
  )

  const lines = computed<readonly DueAt[]>(() =>
    yards()
      .flatMap((yard) => {
        const known = open.value.get(yard.id)
        const hives = new Map(yard.hives.map((hive) => [hive.id, hive]))
        return known
          ? dueOf(yard, known.entries, today, known.weighedOn, known.devices).map((line): DueAt => ({
              ...line,
              yard,
              hive: hives.get(line.hiveId),
            }))
          : []
      })
      // Each yard by day already: of one day they stay in the order of the yards.
      .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)),
  )

  function told(line: DueAt): DueWords {
    const partName = (partId: string) => {
      const part = line.yard.parts.find(({ id }) => id === partId)
      const made = part && patternName(part.patternId, catalogueOf(line.yard), preferences.vocabulary)
      return part?.name ?? made ?? 'the part'
    }
    return dueInWords(line, preferences.reader, partName)
  }
  return { load, silent, open, lines, told }
}
