import type { Colony } from '#core/yard'

/** No colony is in it: it is drawn without what bees make. */
export function isBare(colony: Colony | undefined): boolean {
  return colony !== undefined && colony.is !== 'lives'
}

/** Nothing of it is moved: a bar is drawn across it. */
export function isBarred(colony: Colony | undefined): boolean {
  return colony?.holds === 'all'
}
