/** A way of keeping a swarm that is about to leave: what it gains, what it gives up, and how it is done. */
export interface SwarmWay {
  readonly id: 'nucleus' | 'artificial-swarm' | 'split'
  readonly name: string
  readonly gains: string
  readonly givesUp: string
  readonly steps: readonly string[]
}

/** Ways of acting on queen cells with eggs or larvae (common practice). */
export const SWARM_WAYS: readonly SwarmWay[] = [
  {
    id: 'nucleus',
    name: 'Nucleus with the old queen',
    gains: 'the fewest parts, and the old queen kept as a reserve',
    givesUp: 'three weeks without brood in the old hive',
    steps: [
      'Find the queen. Hang the comb that she is on into a nucleus box, free of queen cells.',
      'Add a comb of food, a comb of sealed brood and an empty one; shake in the bees of two more combs.',
      'Small open entrance, air, feeder. In this yard its flyers go home, so shake in two combs more; else it ' +
        'goes more than ' +
        'about 3 miles (5 km) away. Feed it towards evening.',
      'In the old hive leave one open cell with a larva in jelly, marked; take the others off, never shake its comb.',
      'After a week look once more: one cell, no others begun since. Then leave it alone for three weeks.',
    ],
  },
  {
    id: 'artificial-swarm',
    name: 'Artificial swarm',
    gains: 'the flying bees stay with the old queen and the supers: the crop goes on',
    givesUp: 'a second floor, box, cover and roof; two lifts of the old hive',
    steps: [
      'Move the old hive a few steps aside; put a new floor and box with foundation or drawn comb on its stand.',
      'Hang the queen on her comb, with no queen cell on it, into the middle of the new box.',
      'Excluder and supers go on the new box; close it up. The flying bees come home to it.',
      'In the old hive leave one open cell; feed it, as nobody flies for it at first.',
      'After a week move the old hive to the other side: its new flyers join the old queen, and no cast leaves.',
    ],
  },
  {
    id: 'split',
    name: 'Split in two',
    gains: 'quick where the queen is not found',
    givesUp: 'the half without her is behind by a month; both bring less',
    steps: [
      'Share combs of brood and food evenly into two boxes, each with eggs and larvae; leave one open cell in each.',
      'Stand both half a hive’s width to the left and right of the old place, so that the flyers share out.',
      'After four days: the half with fresh eggs has the queen. Take the cells off there, leave one in the other.',
      'Then leave the half without her alone for three weeks; feed it if nothing comes in.',
    ],
  },
]
