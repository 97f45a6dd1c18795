/** A comb that is given, as it is found: its hive, and its place in its box. */
interface Given {
  readonly hive: string
  readonly box: string
  readonly place: number
}

/** How a nucleus is made of two combs of brood, in the order of work. */
export function nucleusSteps(given: readonly Given[]): string[] {
  return [
    'Set the box on a mesh floor, or have a travel screen at hand: shut in without air a nucleus dies within ' +
      'minutes. Ready beside it: an empty comb, 1 to 2 of food, feeder, crown and roof. The entrance is small and ' +
      'open.',
    ...given.map(
      ({ hive, box, place }) =>
        `${hive}: see the queen first and set her comb aside. Comb ${place} of ${box} comes out with its bees, never ` +
        'with her; a fresh frame goes into its place. Close it again.',
    ),
    'Hang in 1 to 2 combs of food and the empty one, and shake in the bees of one more comb, without a queen.',
    'Give it a queen or a sealed cell, or look that it has eggs or larvae of up to three days: of older ones it ' +
      'raises ' +
      'none.',
    'It stays in this yard: the entrance one bee wide and open, bees of this yard fly back, so shake in one comb more.',
    'It goes elsewhere, more than about 3 miles (5 km) away, or its flyers come back: shut the entrance for the ' +
      'road only, under the screen as its top, out of the sun; for a day at ' +
      'the most, in the shade. Open it as soon as it stands, one bee wide. Feed it.',
  ]
}

/** The line in a hive's list of what is due for a nucleus that takes a comb of it; who brings the kit is told so. */
export function nucleusTask(number: number, otherHive: string, bringsKit: boolean): string {
  return (
    `Nucleus ${number}, with ${otherHive}: see the queen first, then one comb of sealed brood with its bees, ` +
    'without her' +
    (bringsKit ? '; bring the box, an empty comb, 1 to 2 of food, feeder, entrance block and screen' : '')
  )
}
