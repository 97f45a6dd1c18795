import { hiveIn, winterOf, type HiveIn, type WinterAsked } from '#core/ask'
import { stateOf } from '#core/heat'
import { winterSheet } from '#core/words'
import type { Hive, Yard } from '#core/yard'
import { printedHive } from '~/drawing/printed'
import { server } from '~/client/server'
import { download, fileName } from '~/composables/download'
import type { WinterSide } from './winterAsked'

/** One page of the winter of a hive: what to close, what to put on, why. */
export function usePrintWinter() {
  const preferences = usePreferences()
  const printing = ref(false)
  const failed = ref('')
  async function print(
    { yard, hive }: { yard: Yard; hive: Hive },
    known: HiveIn,
    side: WinterSide,
    asked: WinterAsked,
  ) {
    printing.value = true
    failed.value = ''
    const standing = hiveIn(yard, hive)
    const inside = { warm: 'cluster' } as const
    const before = stateOf(winterOf(standing).shell, { ...asked, inside }, standing.context.figures)
    const page = { standing, wintering: known, before, state: side.state, food: side.food }
    const sheet = winterSheet(page, preferences.reader)
    const answer = await server.print({
      ...sheet,
      paper: preferences.paper,
      drawings: [{ caption: `${hive.name} in winter`, drawing: printedHive(known.layout) }],
      stepDrawings: [],
    })
    printing.value = false
    if (answer.ok) download(`${fileName(sheet.title)}.pdf`, answer.pdf, 'application/pdf')
    else failed.value = `The page was not printed: ${answer.sentence}`
  }
  return reactive({ printing, failed, print })
}
