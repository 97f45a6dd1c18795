/** An entry of a menu: what it stands for, its words, and a tick where it is one of several that can be chosen. */
export interface MenuEntry<T extends string | object> {
  readonly command: T
  readonly word: string
  readonly divided?: boolean
  readonly disabled?: boolean
  readonly chosen?: boolean
  readonly testid?: string
}
