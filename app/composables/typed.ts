/** What was typed or picked in the control that an event came from. */
export function typedIn({ target }: Event): string {
  return target instanceof HTMLInputElement || target instanceof HTMLSelectElement ? target.value : ''
}

/** Whether the box that an event came from is ticked. */
export function ticked({ target }: Event): boolean {
  return target instanceof HTMLInputElement && target.checked
}

/** What was picked of a list; its first where what came is none of them. */
export function picked<const T extends string | number>(list: readonly T[], event: Event): T {
  const text = typedIn(event)
  return list.find((one) => String(one) === text) ?? list[0]!
}

/** The files that were chosen. */
export function chosenFile({ target }: Event): File | undefined {
  return target instanceof HTMLInputElement ? target.files?.[0] : undefined
}

/** The element that an event came from, or the part of a page that is none. */
export function elementOf({ target }: Pick<Event, 'target'>): Element | null {
  return target instanceof Element ? target : null
}
