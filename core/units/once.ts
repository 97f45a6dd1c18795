/** A thing with room for what is worked out of it: that goes when the thing goes. */
export interface Keeps {
  readonly kept: unknown[]
}

let slots = 0

/**
 * A question that is worked out once for each thing and then remembered with it: a table of all things for each
 * question takes longer to sweep than the answers take to find.
 * @param keptIn where it is remembered: with the thing itself, or with what it has in common with others
 */
export function once<Of extends Keeps, Answer extends object>(
  answerOf: (of: Of) => Answer,
  keptIn: (of: Of) => unknown[] = ({ kept }) => kept,
): (of: Of) => Answer {
  const slot = slots++
  return (of) => {
    const kept = keptIn(of)
    const known = kept[slot]
    if (known !== undefined) return known as Answer
    const answer = answerOf(of)
    kept[slot] = answer
    return answer
  }
}
