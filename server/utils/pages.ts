/** The addresses that have a page, as app/pages has them; a test holds the two together. */
export const PAGES = [
  '',
  'build',
  'fit',
  'join',
  'sources',
  'yards/*/boxes',
  'yards/*/boxes/*',
  'yards/*/hives/*/bench',
  'yards/*/hives/*/book',
  'yards/*/hives/*/look',
  'yards/*/hives/*/visit',
  'yards/*/hives/*/weight',
  'yards/*/hives/*/winter',
  'yards/*/due',
  'yards/*/due/records',
  'yards/*/keepers',
  'yards/*/shed',
  'yards/*/year',
  // Addresses of an older Duvet, on printed cards and in bookmarks: they lead on to the new ones.
  'frames',
  'frames/*',
  'hives/*',
  'lift',
  'lift/*',
  'log',
  'log/*',
  'shed',
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
