/** The addresses that have a page, as app/pages has them; a test holds the two together. */
export const PAGES = [
  '',
  'build',
  'fit',
  'frames',
  'frames/*',
  'hives/*',
  'lift',
  'lift/*',
  'log',
  'log/*',
  'shed',
  'sources',
  'visit/*',
  'year',
] as const

/** Whether a page is shown at an address. */
export function hasPage(path: string): boolean {
  const parts = path.split('?')[0]!.split('/').filter(Boolean)
  return PAGES.some((page) => {
    const wanted = page.split('/').filter(Boolean)
    return wanted.length === parts.length && wanted.every((part, i) => part === '*' || part === parts[i])
  })
}
