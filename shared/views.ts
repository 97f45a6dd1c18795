// Every view there is: one line each. Menus, keys, the finder, the server's pages and what stays in view are made of it.
import { there } from '#core/units'

/** A view: its address, its word and key, what it is of. */
export interface View {
  /** Its address; a star stands for a yard, a hive or a box. */
  readonly page: string
  /** What it is of: looked up anywhere, of a yard, of a hive, or of a box of it. */
  readonly of: 'anything' | 'yard' | 'hive' | 'box'
  /** Its word and its key after G; null where no menu leads to it. */
  readonly word: string | null
  readonly letter: string | null
  /** Other names that keepers look for it by: of either side of the Atlantic, and what it was called before. */
  readonly also: string
  /** It stays in view where another yard or hive is gone to. */
  readonly staysInView: boolean
}

const YARD = 'yards/*'
const HIVE = 'yards/*/hives/*'

export const VIEWS = {
  row: { page: '', of: 'yard', word: 'Row', letter: 'r', also: 'hives apiary start home', staysInView: false },
  year: {
    page: `${YARD}/year`,
    of: 'yard',
    word: 'Year',
    letter: 'y',
    also: 'season calendar stages flow climate changeover',
    staysInView: true,
  },
  shed: {
    page: `${YARD}/shed`,
    of: 'yard',
    word: 'Shed',
    letter: 's',
    also: 'kit stock store parts spares loans',
    staysInView: true,
  },
  records: { page: `${YARD}/due/records`, of: 'yard', word: null, letter: null, also: '', staysInView: true },
  due: {
    page: `${YARD}/due`,
    of: 'yard',
    word: 'Due',
    letter: 'd',
    also: 'to-do tasks reminders records unite merge combine nuclei trials inspector',
    staysInView: true,
  },
  keepers: { page: `${YARD}/keepers`, of: 'yard', word: null, letter: null, also: '', staysInView: true },
  boxes: { page: `${YARD}/boxes`, of: 'yard', word: null, letter: null, also: '', staysInView: true },
  bench: {
    page: `${HIVE}/bench`,
    of: 'hive',
    word: 'Bench',
    letter: 'b',
    also: 'stack entrance door gaps bee-space',
    staysInView: true,
  },
  frames: {
    page: `${YARD}/boxes/*`,
    of: 'box',
    word: 'Frames',
    letter: 'f',
    also: 'combs runner rabbet castellation spacer lug ear dummy follower spacing',
    staysInView: true,
  },
  weight: {
    page: `${HIVE}/weight`,
    of: 'hive',
    word: 'Weight',
    letter: 'w',
    also: 'lifts mass scale heft weigh',
    staysInView: true,
  },
  winter: {
    page: `${HIVE}/winter`,
    of: 'hive',
    word: 'Winter',
    letter: 'n',
    also: 'insulation cluster wrap heat damp sensors',
    staysInView: true,
  },
  book: {
    page: `${HIVE}/book`,
    of: 'hive',
    word: 'Book',
    letter: 'k',
    also: 'inspection look mites drop tray wash treatment feed crop harvest queen notes diary',
    staysInView: true,
  },
  look: { page: `${HIVE}/look`, of: 'hive', word: null, letter: null, also: '', staysInView: true },
  visit: { page: `${HIVE}/visit`, of: 'hive', word: null, letter: null, also: '', staysInView: false },
  fit: { page: 'fit', of: 'anything', word: 'Fit', letter: 'i', also: 'compatible sizes formats', staysInView: false },
  build: {
    page: 'build',
    of: 'anything',
    word: 'Build',
    letter: 'u',
    also: 'cut list make boards timber',
    staysInView: false,
  },
  sources: {
    page: 'sources',
    of: 'anything',
    word: 'Sources',
    letter: 'o',
    also: 'figures numbers limits patterns',
    staysInView: false,
  },
  join: { page: 'join', of: 'anything', word: null, letter: null, also: '', staysInView: false },
} as const satisfies Readonly<Record<string, View>>

/** Every view, in the order of its menu. */
export const ALL_VIEWS: readonly View[] = Object.values(VIEWS)

/** Addresses of an older Duvet, on printed cards and in bookmarks: they lead on to the new ones. */
const OLDER = ['frames', 'frames/*', 'hives/*', 'lift', 'lift/*', 'log', 'log/*', 'shed', 'visit/*', 'year']

/** The addresses that have a page. */
export const PAGES: readonly string[] = [...ALL_VIEWS.map(({ page }) => page), ...OLDER]

/** The address of a view, with the yard, hive or box that it is of in the place of each star. */
export function addressOf({ page }: View, ...of: readonly string[]): string {
  const left = [...of]
  return `/${page.replaceAll('*', () => encodeURIComponent(left.shift() ?? ''))}`
}

/** Whether a view is shown at an address. */
export function isShownAt({ page }: Pick<View, 'page'>, path: string): boolean {
  const [wanted, parts] = [page, path.split('?')[0]!].map((one) => one.split('/').filter(Boolean))
  return (
    there(wanted).length === there(parts).length &&
    there(wanted).every((part, i) => part === '*' || part === there(parts)[i])
  )
}
