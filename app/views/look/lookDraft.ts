import type { Entry, EntryOf, FeedGiven, Look } from '#core/book'
import { USUAL_YEAR, yearOf } from '#core/year'
import { browserStorage, useKept } from '~/composables/kept'
import { localNow } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'

/** A look as it is being written: it is there again after a call, a closed page or a flat battery. */
interface Draft {
  /** The look that this one takes the place of. */
  corrects?: string
  /** Mites on the tray that was drawn out, and the days it was in. */
  tray?: { mites: number | undefined; days: number | undefined }
  fed?: { feed: FeedGiven['feed']; kg: number | undefined }
  at: string
  look: { -readonly [K in keyof Look]: Look[K] }
  note: string
  tasks: { text: string; by: string }[]
}
const empty = (): Draft => ({ at: '', look: {}, note: '', tasks: [] })

/** Where the draft of a look is kept on this device; one that is written again beside the one that is new. */
const keyOf = (yardId: string, hiveId: string, again: string) =>
  `duvet.look.${yardId}/${hiveId}${again ? `#${again}` : ''}`

/** Lays a look of the book out as a draft, to be written again in the place of the first of its chain. */
export function beginAgain(yardId: string, { hiveId, at, body, note = '' }: EntryOf<'look'>, again: string): void {
  const draft: Draft = { at, look: body, note, tasks: [], corrects: again }
  browserStorage().setItem(keyOf(yardId, hiveId, again), JSON.stringify(draft))
}

/** The draft of a look of a hive, kept on this device, with its fields one by one and the entries that it comes to. */
export function useLookDraft(yardId: string, hiveId: string, again: string) {
  const written = useWritten()
  const view = useView()
  const figures = computed(() => (view.yard ? yearOf(view.yard) : USUAL_YEAR).figures)
  const all = useKept<Draft>(keyOf(yardId, hiveId, again), empty())
  /** Who writes here, kept for the next time. */
  const by = useKept('duvet.by', '')
  const setBy = (who: string): void => void (by.value = who)
  const set = (change: Partial<Draft>): void => void (all.value = { ...all.value, ...change })

  /** A field of the look: what is not said is not there. */
  function field<K extends keyof Look>(name: K) {
    return computed<Look[K] | undefined>({
      get: () => all.value.look[name],
      set: (value) => {
        const { [name]: _before, ...rest } = all.value.look
        set({ look: value === undefined ? rest : { ...rest, [name]: value } })
      },
    })
  }
  /** A field that is so or not, as two words to press. */
  function yesNo(name: 'queenMarked' | 'queenClipped' | 'droneBrood' | 'crossComb') {
    const flag = field(name)
    return computed({
      get: () => (flag.value === undefined ? undefined : flag.value ? ('yes' as const) : ('no' as const)),
      set: (said: 'yes' | 'no' | readonly ('yes' | 'no')[] | undefined) => {
        flag.value = said === undefined ? undefined : said === 'yes'
      },
    })
  }
  const tray = computed({
    get: () => all.value.tray ?? { mites: undefined, days: figures.value.trayCountDays },
    set: (typed) => set({ tray: typed }),
  })
  const fed = computed({
    get: () => all.value.fed ?? { feed: 'two-to-one' as const, kg: undefined },
    set: (typed) => set({ fed: typed }),
  })
  const isSaid = computed(
    () =>
      Object.keys(all.value.look).length > 0 ||
      all.value.note.trim() !== '' ||
      all.value.tasks.length > 0 ||
      tray.value.mites !== undefined ||
      Boolean(fed.value.kg),
  )
  const at = computed({ get: () => all.value.at || localNow(), set: (moment) => set({ at: moment }) })

  const entries = (): Entry[] =>
    entriesOfDraft({ ...all.value, tray: tray.value, fed: fed.value }, () => {
      const who = by.value.trim()
      return { ...written(hiveId, at.value), ...(who ? { by: who } : {}) }
    })
  const clear = (): void => void (all.value = empty())

  return reactive({ all, by, at, tray, fed, isSaid, set, setBy, field, yesNo, entries, clear })
}
/** An inspection as far as it is typed. */
export type LookDraft = ReturnType<typeof useLookDraft>

/** The entries that a draft comes to: the look itself first, then what was counted and fed, and what is next. */
function entriesOfDraft(
  { corrects, look, note, tasks, tray, fed }: Required<Pick<Draft, 'tray' | 'fed'>> & Draft,
  said: () => ReturnType<ReturnType<typeof useWritten>>,
): Entry[] {
  const noted = note.trim()
  const own: Entry = {
    ...said(),
    ...(corrects ? { corrects } : {}),
    ...(noted ? { note: noted } : {}),
    sort: 'look',
    body: look,
  }
  const { mites, days } = tray
  const { feed, kg } = fed
  return [
    own,
    ...(mites !== undefined && days
      ? [{ ...said(), sort: 'mites' as const, body: { way: 'tray' as const, mites, days } }]
      : []),
    ...(kg ? [{ ...said(), sort: 'feed' as const, body: { feed, kg } }] : []),
    ...tasks.map((one): Entry => ({ ...said(), sort: 'task', body: { ...one, from: own.id } })),
  ]
}

/** The two words of a field that is so or not. */
export const YES_NO = [
  ['yes', 'yes'],
  ['no', 'no'],
] as const
