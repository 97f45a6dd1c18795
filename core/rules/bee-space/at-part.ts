import { there } from '../../units'
import { bySeverity, type JudgedGap, type PlacedPart } from '../../stack'
import type { MeasuredHive } from '../context'
import type { Found } from '../rule'

/** A part of the hive as it stands. */
export const partAt = (measured: MeasuredHive, partId: string): PlacedPart =>
  there(measured.layout.parts.find(({ part }) => part.id === partId))

/** A gap as a finding tells it. */
export const figureOf = ({ mm, plusMinusMm, likelyPlusMinusMm }: JudgedGap) => ({ mm, plusMinusMm, likelyPlusMinusMm })

/** Of findings at one place (frames of two sizes in a box, say) the gravest, and the largest of equals. */
export function gravestOfEach<F extends Found<unknown>>(all: readonly F[]): readonly F[] {
  const worst = new Map<string | undefined, F>()
  for (const one of all) {
    const known = worst.get(one.at)
    if (!known || isWorse(one, known)) worst.set(one.at, one)
  }
  return [...worst.values()]
}

function isWorse(a: Found<unknown>, b: Found<unknown>): boolean {
  const order = bySeverity(a, b)
  return order < 0 || (order === 0 && Math.abs(a.measured?.mm ?? 0) > Math.abs(b.measured?.mm ?? 0))
}
