import { daysLater, type Answer, type Entry } from '#core/book'
import { DAYS_A_WEEK } from '#core/units'
import { localNow, localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'
import { isChange, type ChangeAt, type DueAt } from './useDueLines'

/** What is said of things that are due: done, put off or dropped; the last can be taken back. */
export function useDueAnswers(load: () => Promise<unknown>, told: (line: DueAt) => { readonly text: string }) {
  const book = useBook()
  const me = useMe()
  const written = useWritten()
  const today = localToday()
  const asking = shallowRef<{ readonly line: DueAt; readonly what: 'put-off' | 'dropped' } | null>(null)
  const until = ref('')
  const why = ref('')
  /** A change that is said to be done is done in the stack too, or said not to be; who helps only says so. */
  const changing = shallowRef<ChangeAt | null>(null)
  const last = shallowRef<{ readonly entry: Entry; readonly text: string; readonly yardId: string } | null>(null)

  function ask(line: DueAt, what: 'put-off' | 'dropped'): void {
    asking.value = { line, what }
    until.value = daysLater(line.day > today ? line.day : today, DAYS_A_WEEK)
    why.value = ''
  }
  function done(line: DueAt): void {
    if (isChange(line) && me.mayIn(line.yard.id, 'keeper')) changing.value = line
    else void answer(line, { answer: 'done' })
  }
  async function answer(line: DueAt, body: Omit<Answer, 'to'>): Promise<void> {
    asking.value = null
    const entry: Entry = { ...written(line.hiveId, localNow()), sort: 'answer', body: { to: line.id, ...body } }
    if (await book.write(line.yard.id, [entry])) last.value = { entry, text: told(line).text, yardId: line.yard.id }
    await load()
  }
  async function takeBack(): Promise<void> {
    const was = last.value
    if (!was) return
    last.value = null
    const { entry } = was
    const gone: Entry = { ...entry, ...written(entry.hiveId, entry.at), corrects: entry.id, withdrawn: true }
    await book.write(was.yardId, [gone])
    await load()
  }
  return reactive({ asking, until, why, changing, last, ask, done, answer, takeBack })
}
/** What became of lines that are due, and how it is written down. */
export type DueAnswers = ReturnType<typeof useDueAnswers>
