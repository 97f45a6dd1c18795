import { drag, type D3DragEvent } from 'd3-drag'
import { select } from 'd3-selection'
import { hangAcross, resolvePart, type Across, type Part } from '#core/parts'
import { moved, putByHand, takenOut } from '#core/yard'
import { placeAtMm, type AboveScale } from '~/drawing/frames-from-above'
import { useFrames } from './store'

/** Where a dragged frame is on the screen, while it is in the hand. */
export interface HeldFrame {
  readonly id: string
  /** px from where it was taken. */
  readonly dy: number
  readonly dx: number
  readonly out: boolean
}

/** This far beside the box a frame is taken out, px. */
const OUT_PX = 70

interface Point {
  readonly clientX: number
  readonly clientY: number
}

/** Drags frames across the box with mouse, pen or finger; what the box would be is shown all the while. */
export function dragFrames(
  svg: SVGSVGElement,
  scaleNow: () => AboveScale,
  hold: (held: HeldFrame | null) => void,
): void {
  const frames = useFrames()
  let id: string | undefined
  let from: { part: Part; across: Across; centreMm: number; clientX: number; clientY: number } | undefined
  let moving = false

  const behaviour = drag<SVGSVGElement, unknown>()
    .filter((event: MouseEvent) => !event.ctrlKey && !event.button && elementOf(event)?.closest('[data-frame]') != null)
    .clickDistance(6)
    .container(() => document.documentElement)
    .on('start', ({ sourceEvent }: D3DragEvent<Element, unknown, unknown>) => {
      const point = pointOf(sourceEvent)
      id = elementOf(sourceEvent)?.closest('[data-frame]')?.getAttribute('data-frame') ?? undefined
      const part = frames.part
      if (!id || !part) return
      const across = hangAcross(resolvePart(part, frames.catalogue))
      const place = across.places.find(({ content }) => content.id === id)
      from = place && { part, across, centreMm: place.centreMm, ...point }
      moving = false
    })
    .on('drag', ({ sourceEvent }: D3DragEvent<Element, unknown, unknown>) => {
      if (!from || !id) return
      const point = pointOf(sourceEvent)
      const [dx, dy] = [point.clientX - from.clientX, point.clientY - from.clientY]
      if (!moving && Math.hypot(dx, dy) < 5) return
      if (!moving) frames.select([id])
      moving = true
      const out = Math.abs(dx) > OUT_PX && Math.abs(dx) > Math.abs(dy)
      hold({ id, dy, dx: out ? dx : 0, out })
      frames.trial = afterDrag(from, id, dy / scaleNow().pxPerMm, out, frames.trial)
    })
    .on('end', () => {
      const after = frames.trial
      hold(null)
      frames.trial = null
      if (moving && after && from) {
        if (after.contents.length < from.part.contents.length) frames.takeOut()
        else frames.change(after)
      }
      from = undefined
    })
  select(svg).call(behaviour)
}

/** The box as it would be; the same object as before where nothing changed, so that nothing is worked out again. */
function afterDrag(
  from: { part: Part; across: Across; centreMm: number },
  id: string,
  byMm: number,
  out: boolean,
  before: Part | null,
): Part {
  if (out)
    return before && before.contents.length < from.part.contents.length ? before : takenOut(from.part, new Set([id]))
  if (from.part.spacing?.system === 'by-hand') {
    return putByHand(
      from.part,
      new Map(
        from.across.places.map(({ content, centreMm }) => [
          content.id,
          Math.round((centreMm + (content.id === id ? byMm : 0)) * 2) / 2,
        ]),
      ),
    )
  }
  const place = placeAtMm(from.across, from.centreMm + byMm)
  const held = before?.contents.find((content) => content.id === id)
  return before && held?.place === place && before.contents.length === from.part.contents.length
    ? before
    : moved(from.part, id, place)
}

function pointOf(event: MouseEvent | TouchEvent): Point {
  const { clientX, clientY } = 'changedTouches' in event ? event.changedTouches[0]! : event
  return { clientX, clientY }
}
