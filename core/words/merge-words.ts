/** Two colonies made one, in the order of work: who does it and how the better queen is kept. */
export function mergeSteps(weak: string, onto: string): string[] {
  return [
    `On a mild evening, when both have stopped flying. Look once more: no sign in the brood of ${weak} or ${onto}.`,
    'Crop supers and excluder come off both first, cleared of bees: no box of brood goes above them.',
    `Find the queens. The better one is kept; the other is taken away from ${weak} or ${onto} first.`,
    `Take the roof and crown off ${onto}. Lay one sheet of newspaper over its frames, with a few pin holes.`,
    `Set the box of ${weak} on it with its bees and combs. Bees, brood and food stay together.`,
    `Crown and roof on. The entrance below stays open, one to two bees wide; the bees of ${weak} have air through ` +
      `a mesh ` +
      'or a small way out of their own at the top until they are through the paper.',
    'Do not open the hive for a week: they eat through the paper and become one. Never shut the entrance for it.',
    'After a week go through the frames: what has brood and food stays below, and only a box without bees comes off.',
  ]
}

export const NO_MERGE_WORDS = {
  gone: 'no colony in it',
  'no-look': 'no inspection within four weeks',
  sign: 'a sign was seen: it is united with none',
} as const
