import { keysOf } from '../units'
import type { BoxSize } from '../parts'
import type { Way } from '../yard'

/** A choice with what it gains and what it gives up. */
interface Choice {
  readonly value: string
  readonly word: string
  readonly gains: string
  readonly gives: string
}

/** A choice of a way of keeping, with its words. */
export interface WayField {
  readonly field: keyof Way
  readonly word: string
  readonly choices: readonly Choice[]
}

const choice = (value: string | number | boolean, word: string, gains: string, gives: string): Choice => ({
  value: String(value),
  word,
  gains,
  gives,
})

/** Which boxes the colony lives in. */
export function broodFields(british: boolean): WayField[] {
  return [
    {
      field: 'broodForm',
      word: 'Brood in',
      choices: [
        choice('as-it-stands', 'the boxes that stand there', 'no box to get or to change', 'stays with what is there'),
        choice(
          'single',
          'one brood box',
          'one box to look through, least to lift',
          'tight for a prolific queen; food is watched closely',
        ),
        choice('single-large', 'one large box', 'all brood in one box', 'the heaviest frames and box of all'),
        choice(
          'with-food',
          'one brood box and a food box',
          'winter food stays on the hive',
          'one box more to own and to lift',
        ),
        choice(
          'brood-and-half',
          british ? 'brood and a half' : 'one deep and one shallow',
          'room without a second deep',
          'two frame sizes in the brood nest',
        ),
        choice(
          'double',
          'two brood boxes',
          'room for a prolific queen, much food',
          'two heavy boxes; every inspection goes through both',
        ),
        choice(
          'mediums',
          'three medium boxes',
          'every frame fits every box; light boxes',
          'more boxes, more lifts, more frames to look at',
        ),
      ],
    },
  ]
}

/** What the crop stands in, and what keeps the queen out of it. */
export function superFields(british: boolean): WayField[] {
  const size: Record<BoxSize, string> = british
    ? { deep: 'brood depth', medium: 'medium', shallow: 'super depth', large: 'large (14×12, jumbo)' }
    : { deep: 'deep', medium: 'medium', shallow: 'shallow', large: 'jumbo' }
  return [
    {
      field: 'excluder',
      word: 'Excluder',
      choices: [
        choice(
          'above-brood',
          'above the brood',
          'no brood in the crop, the queen is easier to find',
          'one more thing in the bees’ way; that it costs honey is not settled: your own crops can tell',
        ),
        choice('above-food', 'above the food box', 'the queen may use the food box', 'more boxes to look for her in'),
        choice('none', 'none', 'nothing in the bees’ way', 'brood may be in the crop'),
      ],
    },
    {
      field: 'supers',
      word: 'Supers in the flow',
      choices: Array.from({ length: 7 }, (_, n) =>
        choice(
          n,
          String(n),
          n < 3 ? 'little to own, little to lift' : 'room in a good flow',
          n < 3 ? 'may run out in mid-flow' : 'more boxes, a higher stack',
        ),
      ),
    },
    {
      field: 'superSize',
      word: 'Supers of',
      choices: keysOf(size).map((one) =>
        choice(
          one,
          size[one],
          one === 'deep' || one === 'large' ? 'one size for all' : 'lighter to lift',
          one === 'deep' || one === 'large'
            ? 'very heavy when full'
            : 'another frame size than the brood, unless all are alike',
        ),
      ),
    },
  ]
}

/** How many frames, and on what they start. */
export function combFields(): WayField[] {
  return [
    {
      field: 'framesLess',
      word: 'Frames in drawn supers',
      choices: [
        choice(0, 'full count', 'straight comb, brood frames fit between', 'more frames to uncap'),
        choice(1, 'one fewer', 'thicker comb, easier to uncap', 'only on drawn comb'),
        choice(
          2,
          'two fewer',
          'fewest frames to uncap',
          'only on drawn comb; about the honey of one fewer, since bees draw comb no thicker than about 40 mm, 1 ' +
            '5/8 in',
        ),
      ],
    },
    {
      field: 'superStart',
      word: 'New supers start on',
      choices: [
        choice('foundation', 'foundation', 'straight comb at once', 'foundation is bought'),
        choice(
          'alternating',
          'foundation and empty by turns',
          'half the foundation, straight guides',
          'needs a level hive',
        ),
        choice(
          'foundationless',
          'no foundation',
          'nothing is bought',
          'comb may run across without a drawn one beside it',
        ),
      ],
    },
  ]
}

/** Floor and winter form. */
export function winterFields(): WayField[] {
  return [
    {
      field: 'floor',
      word: 'Floor',
      choices: [
        choice('as-it-stands', 'as it is', 'no floor to get', 'stays with what is there'),
        choice(
          'solid',
          'solid',
          'no draught',
          'wet is not drained; mites are counted by a wash or roll, or a tray on it',
        ),
        choice(
          'mesh',
          'mesh',
          'air, and mites fall through a little; usual all winter in mild places',
          'draught in the cold',
        ),
        choice(
          'mesh-and-insert',
          'mesh with insert',
          'a mite count, and less draught',
          'the insert is pulled and cleaned',
        ),
      ],
    },
    {
      field: 'winterTop',
      word: 'Winter top',
      choices: [
        choice('condensing', 'warm and closed', 'water forms at the walls and is drunk', 'top and holes must be tight'),
        choice(
          'absorbing',
          'absorbing',
          'chips take up the wet; some set it straight on the box, others over a board with its hole open',
          'chips are dried or changed; holes above them needed',
        ),
        choice('vented', 'vented', 'damp air leaves at the top', 'warmth leaves with it'),
        choice('bare', 'bare', 'nothing to own', 'only where winters are mild'),
      ],
    },
    {
      field: 'winterSize',
      word: 'Winter in',
      choices: [
        choice('all', 'all its boxes', 'more food', 'more space to heat'),
        choice(
          'one',
          'one box',
          'less space to heat: 10 000 to 15 000 bees cover 7 to 8 frames as the trade counts, 4 to 6 close together',
          'less food on the hive',
        ),
      ],
    },
  ]
}

/** What closes a hive against the cold, beside its top and floor. */
export function closingFields(): WayField[] {
  return [
    {
      field: 'wrap',
      word: 'Round the boxes',
      choices: [
        choice('none', 'nothing', 'nothing to own or to store', 'the walls lose most of the warmth'),
        choice(
          'wrap',
          'a wrap',
          'the walls lose less',
          'foam keeps the sun off the wall, black felt takes it in; must be dry and tight',
        ),
      ],
    },
    {
      field: 'winterDoor',
      word: 'Entrance in winter',
      choices: [
        choice('guard', 'mouse guard', 'no mouse gets in', 'must be kept clear of dead bees'),
        choice('narrow', 'entrance block', 'little to defend', 'mice may get in; shut by dead bees sooner'),
        choice('open', 'open', 'nothing to put on', 'mice walk in, wind blows in'),
      ],
    },
  ]
}

/** Crops and food. */
export function workFields(): WayField[] {
  return [
    {
      field: 'crops',
      word: 'Crop',
      choices: [
        choice('one', 'once', 'one round of work', 'spring honey may set in the comb'),
        choice(
          'spring-and-summer',
          'spring and summer',
          'spring honey comes off before it sets; half the supers stand at once, so the stack is lower',
          'two rounds of work; have the next boxes ready when the first come off',
        ),
      ],
    },
    {
      field: 'feeds',
      word: 'Feeder',
      choices: [
        choice(
          true,
          'on while settling and after the crop',
          'stores up to weight in time',
          'sugar to buy; never with crop supers on',
        ),
        choice(false, 'none', 'nothing to own', 'what is short stays short'),
      ],
    },
  ]
}
