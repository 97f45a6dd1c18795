import type { Ref } from 'vue'
import type { HangingPattern, ResolvedPart } from '#core/parts'
import { cutList, panelOutlines, type BoxBill, type Corner, type FoundationKind, type Stock } from '#core/parts/making'
import { showCut } from '#core/units'
import { boxSheet, frameSheet, type Sheet } from '#core/words'
import { download, fileName } from '~/composables/download'
import { boxDrawings, frameDrawings, type BuildDrawings } from '~/drawing/build'
import { server } from '~/client/server'
import type { PrintedSheet } from '#wire/sheet-schema'

interface Making {
  readonly frame: Ref<HangingPattern | undefined>
  readonly box: Ref<ResolvedPart | undefined>
  readonly many: Ref<number | null>
  readonly bill: Ref<BoxBill | null>
  readonly foundation: Ref<FoundationKind>
  readonly corner: Ref<Corner>
  readonly stock: Ref<Stock>
  readonly isSound: () => boolean
}

/** What a sheet takes at most. */
const MOST_DRAWINGS = 60

/** The sheet of what is made: its lines and drawings, printed and saved. */
export function useBuildSheet(making: Making) {
  const view = useView()
  const preferences = usePreferences()
  const { frame, box, many, foundation, corner, stock } = making
  const sheet = computed<Sheet | null>(() => {
    if (!making.isSound() || !many.value) return null
    if (box.value) return boxSheet(box.value, many.value, corner.value, stock.value, view.catalogue, preferences.reader)
    return frame.value
      ? frameSheet(frame.value, many.value, foundation.value, view.catalogue.figures, preferences.reader)
      : null
  })
  const say = (mm: number) => showCut(mm, preferences.units)
  const drawings = computed<BuildDrawings | null>(() => {
    if (!sheet.value || !many.value) return null
    if (box.value) return boxDrawings(box.value, many.value, corner.value, stock.value, say)
    return frame.value ? frameDrawings(frame.value, many.value, foundation.value, view.catalogue.figures, say) : null
  })
  /** As it goes to the printer: the drawings of the screen, the boards that are cut alike once. */
  const printed = computed<PrintedSheet | null>(() => {
    if (!sheet.value || !drawings.value) return null
    const { apart, pieces, boards, steps } = drawings.value
    return {
      ...sheet.value,
      paper: preferences.paper,
      drawings: [
        { caption: 'Taken apart', drawing: apart },
        ...pieces.map(({ word, count: n, drawing }) => ({ caption: `${n} × ${word}`, drawing })),
        ...boards.map(({ count: n, drawing }) => ({ caption: `${n} × board, cut so`, drawing })),
      ].slice(0, MOST_DRAWINGS),
      stepDrawings: steps,
    }
  })
  return { sheet, drawings, ...useSaved({ ...making, sheet, printed }) }
}

type Saved = Pick<Making, 'bill' | 'stock'> & {
  readonly sheet: Ref<Sheet | null>
  readonly printed: Ref<PrintedSheet | null>
}

/** The sheet on paper and as files. */
function useSaved({ bill, stock, sheet, printed }: Saved) {
  const printing = ref(false)
  const failed = ref('')
  const panels = computed(() => bill.value?.panels ?? [])
  const outlines = computed(() => panelOutlines(panels.value))
  const file = computed(() => fileName(sheet.value?.title ?? 'sheet'))

  async function print() {
    if (!printed.value) return
    printing.value = true
    failed.value = ''
    const answer = await server.print(printed.value)
    printing.value = false
    if (answer.ok) download(`${file.value}.pdf`, answer.pdf, 'application/pdf')
    else failed.value = `The sheet was not printed: ${answer.sentence}`
  }
  async function saveCsv() {
    const { cutListCsv } = await import('~/export/cut-list-csv')
    if (panels.value.length > 0)
      download(`${file.value}.csv`, cutListCsv(panels.value, cutList(panels.value, stock.value)), 'text/csv')
  }
  async function saveDxf() {
    const { panelsDxf } = await import('~/export/panels-dxf')
    if (sheet.value) download(`${file.value}.dxf`, panelsDxf(outlines.value), 'image/vnd.dxf')
  }
  async function saveSvg() {
    const { panelsSvg } = await import('~/export/panels-svg')
    if (sheet.value) download(`${file.value}.svg`, panelsSvg(outlines.value), 'image/svg+xml')
  }
  return { file, printing, failed, print, saveCsv, saveDxf, saveSvg }
}
