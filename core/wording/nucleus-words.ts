/** A comb that is given, as it is found: its hive, and its place in its box. */
interface Given {
  readonly hive: string
  readonly box: string
  readonly place: number
}

/** How a nucleus is made of two combs of brood, in the order of work. */
export function nucleusSteps(given: readonly Given[]): string[] {
  return [
    'Set the box on its floor with its door shut; an empty comb, 1 to 2 of food, feeder, crown, roof and travel ' +
      'screen at hand.',
    ...given.map(
      ({ hive, box, place }) =>
        `${hive}: see the queen first and set her comb aside. Comb ${place} of ${box} comes out with its bees, never ` +
        'with her; a fresh frame goes into its place. Close it again.',
    ),
    'Hang in 1 to 2 combs of food and the empty one, and shake in the bees of one more comb, without a queen.',
    'Give it a queen or a sealed cell, or look that it has eggs: of older brood it raises none.',
    'Screen on while it travels. Where it is to stay, feed it and open the door a bee wide after a day.',
  ]
}
