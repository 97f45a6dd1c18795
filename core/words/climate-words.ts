import type { Yard } from '../yard'

/** Beside every figure that hangs on a climate which nobody has said. */
export const CLIMATE_UNSAID = ' (climate not said: cool, by the sea)'

/** The same where a yard has not said its climate; nothing where it has. */
export function climateUnsaid(yard: Pick<Yard, 'season'>): string {
  return yard.season?.calendar ? '' : CLIMATE_UNSAID
}
