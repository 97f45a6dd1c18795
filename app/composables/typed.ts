/** What was picked of a list; its first where what came is none of them. */
export function picked<const T extends string | number>(list: readonly T[], value: unknown): T {
  return list.find((one) => one === value) ?? list[0]!
}

/** The element that an event came from, or the part of a page that is none. */
export function elementOf({ target }: Pick<Event, 'target'>): Element | null {
  return target instanceof Element ? target : null
}
