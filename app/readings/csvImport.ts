import { proxy, wrap, type Remote } from 'comlink'
import { counted } from '#core/words'
import type { ServerAnswer } from '~/client/ask'
import type { OpenedFile, ReadRows } from '#wire/readings/csv-file'

const MOST_BYTES = 20_000_000

/** What every file of readings is read by. */
export interface ImportMapping {
  timeColumn: string
  decimal: string
  zone: string
}

/** One kind of file of readings: how its worker is asked, and where its readings go. */
interface CsvKind<Read extends ReadRows, One> {
  /** What a row has to have: `a time and a mass`. */
  readonly needs: string
  /** Readings that are sent at a time. */
  readonly atATime: number
  readonly open: (text: string) => Promise<OpenedFile>
  /** Guesses which column is which. */
  readonly guess: (file: OpenedFile) => void
  readonly read: (onProgress: (done: number) => void, isCancelled: () => boolean) => Promise<Read | null>
  readonly piece: (from: number, to: number) => Promise<readonly One[]>
  readonly send: (batchId: string, readings: readonly One[]) => Promise<ServerAnswer<{ readonly added: number }>>
  readonly onKept: () => void
}

/** A worker that reads files, opened when the first is chosen and closed with the page. */
export function useCsvDoor<Door>(worker: () => Worker): () => Remote<Door> {
  let opened: { readonly worker: Worker; readonly door: Remote<Door> } | undefined
  onBeforeUnmount(() => opened?.worker.terminate())
  return () => {
    if (!opened) {
      const own = worker()
      opened = { worker: own, door: wrap<Door>(own) }
    }
    return opened.door
  }
}

/** The zone of this machine's clock. */
export const ownZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'

/** The first column that is called so and is not another one already. */
export function columnLike(columns: readonly string[], like: RegExp, taken: readonly string[] = []) {
  return columns.find((name) => like.test(name) && !taken.includes(name))
}

/** The decimal sign that a written number has. */
export const decimalOf = (written: string | undefined) => (written?.includes(',') ? ',' : '.')

const keptInWords = (added: number, count: number) =>
  `${counted(added, 'reading')} kept, ${counted(count - added, 'was', 'were')} there already or not sent. ` +
  'All of them can be taken back with one press in the list.'

/** What a file holds, or why it is not read. */
async function openedBy(
  { needs, open }: Pick<CsvKind<ReadRows, unknown>, 'needs' | 'open'>,
  file: File,
): Promise<OpenedFile | string> {
  if (file.size > MOST_BYTES)
    return `The file has ${Math.round(file.size / 1e6)} MB: at most ${MOST_BYTES / 1e6} MB are read, so split it by year.`
  const found = await open(await file.text())
  return found.rows === 0 || found.columns.length < 2
    ? `The file has no rows with ${needs}: a CSV file has a line of names and a line for each reading.`
    : found
}

/** A file of readings from its choice to the readings that are kept: looked at before anything is. */
export function useCsvImport<Read extends ReadRows, One>(kind: CsvKind<Read, One>) {
  const opened = shallowRef<OpenedFile | null>(null)
  const read = shallowRef<Read | null>(null)
  const problem = ref('')
  const said = ref('')
  const progress = ref<{ done: number; of: number; what: string } | null>(null)
  let stopped = false
  const stop = () => void (stopped = true)
  onBeforeUnmount(stop)

  async function choose(file: File) {
    problem.value = said.value = ''
    opened.value = read.value = null
    const found = await openedBy(kind, file)
    if (typeof found === 'string') {
      problem.value = found
      return
    }
    opened.value = found
    kind.guess(found)
  }

  async function look() {
    const of = opened.value?.rows ?? 0
    stopped = false
    progress.value = { done: 0, of, what: 'read' }
    read.value = await kind.read(
      proxy((done: number) => {
        progress.value = { done, of, what: 'read' }
      }),
      proxy(() => stopped),
    )
    progress.value = null
  }

  async function keep() {
    const count = read.value?.count ?? 0
    const batchId = crypto.randomUUID()
    stopped = false
    let added = 0
    for (let at = 0; at < count && !stopped; at += kind.atATime) {
      progress.value = { done: at, of: count, what: 'kept' }
      const answer = await kind.send(batchId, await kind.piece(at, at + kind.atATime))
      if (!answer.ok) {
        problem.value = answer.problem.sentence
        break
      }
      added += answer.value.added
    }
    progress.value = null
    said.value = keptInWords(added, count)
    read.value = opened.value = null
    kind.onKept()
  }

  return reactive({ opened, read, problem, said, progress, choose, look, keep, stop })
}
