import type { FigureName } from '../../figures'

/** What a stage of the year means: all that hangs on it is asked here. Common practice, where nothing else is said. */
export interface StageMeaning {
  /** What it is called. */
  readonly words: string
  /** The year has it at its dates; it comes at any time; or nobody lives there yet. */
  readonly comes: 'each-year' | 'any-time' | 'as-bait'
  /** A colony that has just come: too much hive is told, a super is too soon. */
  readonly isSettling: boolean
  /** The hive travels: a screen for a cover, the door shut. */
  readonly isOnTheRoad: boolean
  /** Looks are due at all. */
  readonly isInspected: boolean
  /** It is visited on a day of autumn of its own: packed down, or wrapped. */
  readonly autumnDay: 'pack' | 'wrap' | null
  /** A year that is told from spring on begins with the first of these. */
  readonly beginsSpring: boolean
  /** Hives stand as high, or as low, as they get: rows of a whole year are drawn to its scale. */
  readonly setsScale: boolean
  /** The main flow; nothing at all; or as it comes. */
  readonly forage: 'flow' | 'dearth' | 'as-it-comes'
  /** The colony sits closed in its winter form. */
  readonly isCold: boolean
  /** There is no brood, whatever was noted before. */
  readonly isBroodless: boolean
  /** The queen is at or near her peak, and the colony asks for more room. */
  readonly isGrowing: boolean
  /** Bees build comb wherever there is room. */
  readonly buildsComb: boolean
  /** An open space over or under the frames is put up with for a time. */
  readonly bearsOpenSpace: boolean
  /** What spreads frames for honey is closed up again; too late once the hive is not opened for it. */
  readonly closesUp: 'now' | 'too-late' | 'no'
  /** Share of the frames of the highest box at which the next one is given; null where none is. */
  readonly nextBoxAt: FigureName | null

  /** Supers that stand on: none, the first, or all there are. */
  readonly supers: 'none' | 'first' | 'all'
  /** What comes in goes into supers: nothing in them is settled yet. */
  readonly fillsSupers: boolean
  /** What stands in a super is honey, and boxes of it may be carried about. */
  readonly supersHoldHoney: boolean
  /** Supers come off: they are cleared and cleaned out, and what is left may starve within weeks. */
  readonly isCropTaken: boolean
  /** Supers that the food of the hive does not let go stay on as its food. */
  readonly supersMayBeFood: boolean
  /** A colony that lives in one box while it is small. */
  readonly livesInOneBox: boolean

  /** Most colonies that starve do so now: food is watched each week or two; each month; or nobody asks. */
  readonly foodWatched: 'each-week' | 'each-month' | 'no'
  /** What is fed: thick syrup to fill up for winter, thin to grow on, fondant in the cold. */
  readonly feed: 'two-to-one' | 'one-to-one' | 'fondant'
  /** A feeder stands on, where hives are fed by the way of keeping. */
  readonly feederStands: boolean
  /** How full combs are of which nothing was said. */
  readonly fullness: 'full' | 'drawn' | 'winter' | 'in-flow'

  /** What the plan puts at the door; what winter asks; narrow until they are strong; as it is; free; all of it open. */
  readonly door: 'narrow' | 'shut' | 'as-in-winter' | 'narrow-after-winter' | 'stays-narrow' | 'free' | 'wide'
  /** Snow and dead bees are cleared from the door. */
  readonly isDoorCleared: boolean
  /** Robbers come to honey that stands open, wherever nothing comes in, to a colony too small to keep them out. */
  readonly robbers: 'none' | 'to-open-honey' | 'about' | 'to-the-weak'
  /** A wrap goes on, or only stays where it is; tops and inserts of winter stay as long. */
  readonly wrap: 'on' | 'stays' | 'off'

  /** Mites are treated first thing, are usually treated now, or are not. */
  readonly treating: 'first' | 'usual' | 'no'
  /** Winter bees are not reared yet: treated now, they grow up with few mites. */
  readonly isBeforeWinterBees: boolean
  /** The yard's limit for the fall of mites. */
  readonly fallLimit: FigureName
  /** Colonies too weak to winter alone are united. */
  readonly isUnitingTime: boolean
  /** Days of autumn that are told: packed down by, wrapped by, closed by. */
  readonly autumnTold: readonly ('pack' | 'wrap' | 'close')[]
}
