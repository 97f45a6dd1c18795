import { neediestFirst } from '#core/ask'
import type { Stage, Yard } from '#core/yard'
import { isWanted, yardVisit } from '#core/year'
import { server } from '~/client/server'
import { download, fileName } from '~/composables/download'
import { hiveCards } from '~/composables/hiveCards'
import { tickSheets } from './tickSheets'
import type { useYardVisit, YearChanges } from './yearChanges'

/** What of a year is printed. */
export type PrintedOfYear = 'visit' | 'hive' | 'cards'

/** The sheets of the whole yard, or of the hive that is looked at; or a card for each hive. */
export function usePrintYear(
  asked: () => { readonly yard: Yard; readonly stage: Stage; readonly today: string },
  changes: YearChanges,
  ofYard: ReturnType<typeof useYardVisit>,
) {
  const preferences = usePreferences()
  const printing = ref(false)
  const failed = ref('')
  const inOrder = ({ yard, today }: ReturnType<typeof asked>) =>
    preferences.printOrder === 'need' ? neediestFirst(yard, yard.hives, today) : yard.hives

  function sheets(what: 'visit' | 'hive') {
    const { yard, stage, today } = asked()
    const alone = what === 'hive' && changes.shown
    const own = alone ? [alone] : (changes.changeovers ?? [])
    const visit = alone ? yardVisit(own, isWanted) : ofYard.visit
    return tickSheets(
      {
        yard,
        stage,
        plans: new Map(changes.planned.map(({ id, one }) => [id, one])),
        changeovers: own,
        order: inOrder(asked()),
        visit,
        take: visit.take.map(ofYard.kitLine),
        bring: [...visit.bring.map(ofYard.kitLine), ...(alone ? [] : ofYard.keeping)],
        title: `${alone ? (changes.shownHive?.name ?? '') : yard.name}: to ${stageSaid(stage)}`,
      },
      preferences.reader,
      preferences.paper,
      today,
    )
  }
  function cards() {
    const { yard } = asked()
    return { title: `${yard.name}: hive cards`, paper: preferences.paper, cards: hiveCards(yard, inOrder(asked())) }
  }

  async function print(what: PrintedOfYear): Promise<void> {
    const { yard, stage } = asked()
    printing.value = true
    failed.value = ''
    if (what !== 'cards') await changes.whole(yard.id)
    const answer = what === 'cards' ? await server.printCards(cards()) : await server.printVisit(sheets(what))
    printing.value = false
    const called = what === 'hive' ? (changes.shownHive?.name ?? yard.name) : yard.name
    if (answer.ok)
      download(`${fileName(called)}-${what === 'cards' ? 'cards' : stage}.pdf`, answer.pdf, 'application/pdf')
    else failed.value = `Nothing was printed: ${answer.sentence}`
  }
  return reactive({ printing, failed, print })
}
