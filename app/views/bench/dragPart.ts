import { drag, type D3DragEvent } from 'd3-drag'
import { select } from 'd3-selection'
import type { ObjectDirective } from 'vue'
import { findPart } from '#core/yard'
import { useBench } from './store'

/** What is dragged: a pattern of the tray, a part of the shed, or a part that stands. */
export interface Dragged {
  readonly patternId?: string
  readonly shedId?: string
  readonly partId?: string
}

type PlaceAt = (clientX: number, clientY: number) => number | null
let placeAt: PlaceAt = () => null

/** The drawing says which place of the stack a point of the window is. */
export function dropsOn(ask: PlaceAt): void {
  placeAt = ask
}

interface Point {
  readonly clientX: number
  readonly clientY: number
}

type WhatIsDragged = (target: Element) => Dragged | undefined

/** Drags with the mouse or pen; touch has buttons for it, so that the page still scrolls. */
export function attachDrag(element: HTMLElement | SVGElement, whatIs: WhatIsDragged): void {
  const bench = useBench()
  let picked: Dragged | undefined
  const whatIsAt = (event: Event) => {
    const element = elementOf(event)
    return element ? whatIs(element) : undefined
  }
  let moved = false
  const behaviour = drag<HTMLElement | SVGElement, unknown>()
    .filter(
      (event: MouseEvent) => !event.ctrlKey && !event.button && !('touches' in event) && whatIsAt(event) !== undefined,
    )
    .touchable(false)
    .clickDistance(5)
    .container(() => document.documentElement)
    .on('start', ({ sourceEvent }: D3DragEvent<Element, unknown, unknown>) => {
      moved = false
      picked = whatIsAt(sourceEvent)
    })
    .on('drag', ({ sourceEvent, dx, dy }: D3DragEvent<Element, unknown, unknown>) => {
      if (!moved && dx === 0 && dy === 0) return
      const { clientX, clientY }: Point = sourceEvent
      const place = placeAt(clientX, clientY)
      if (moved) return bench.holdAt(place)
      moved = true
      pickUp(bench, picked ?? {}, place)
    })
    .on('end', ({ sourceEvent }: D3DragEvent<Element, unknown, unknown>) => {
      if (!moved) return
      const { clientX, clientY }: Point = sourceEvent
      const place = placeAt(clientX, clientY)
      bench.holdAt(place)
      if (place === null) bench.letGo()
      else bench.putDown()
    })
  select(element).call(behaviour)
}

function pickUp(
  bench: ReturnType<typeof useBench>,
  { patternId, shedId, partId }: Dragged,
  place: number | null,
): void {
  if (patternId) bench.takePattern(patternId, place)
  const shedPart = shedId && bench.yard && findPart(bench.yard, shedId)
  if (shedPart) bench.takeFromShed(shedPart, place)
  if (partId) bench.takeFromStack(partId, place)
}

const values = new WeakMap<Element, Dragged>()

/** Makes one thing of the tray or the shed draggable. */
export const vDragPart: ObjectDirective<HTMLElement, Dragged> = {
  mounted(element, { value }) {
    values.set(element, value)
    attachDrag(element, () => values.get(element))
  },
  updated(element, { value }) {
    values.set(element, value)
  },
}
