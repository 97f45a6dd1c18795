import { isShownAt, PAGES } from '#wire/views'

/** Whether a page is shown at an address. */
export function hasPage(path: string): boolean {
  return PAGES.some((page) => isShownAt({ page }, path))
}
