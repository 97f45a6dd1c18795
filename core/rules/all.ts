import { BAIT_COMB } from './bait/comb'
import { BAIT_DOOR } from './bait/door'
import { BAIT_EXCLUDER } from './bait/excluder'
import { BAIT_HONEY } from './bait/honey'
import { BAIT_ROOM } from './bait/room'
import { END_BAR } from './bee-space/end-bar'
import { GAP } from './bee-space/gap'
import { OPEN_SPACE } from './bee-space/open-space'
import { CLOSED } from './colony/closed'
import { COMBS_HELD } from './colony/combs-held'
import { DEAD } from './colony/dead'
import { EMPTY } from './colony/empty'
import { CLEAR_DOOR } from './entrance/clear-door'
import { INSERT_IN } from './entrance/insert-in'
import { LOWER_OPENING } from './entrance/lower-opening'
import { MESH_SHUT_OFF } from './entrance/mesh-shut-off'
import { MESH_WIND } from './entrance/mesh-wind'
import { NARROW_ENTRANCE } from './entrance/narrow-entrance'
import { NO_GUARD } from './entrance/no-guard'
import { SHUT_IN } from './entrance/shut-in'
import { TRAVEL_OPEN } from './entrance/travel-open'
import { UPPER_HOLE } from './entrance/upper-hole'
import { WIDE_ENTRANCE } from './entrance/wide-entrance'
import { SHORT_OF_FOOD } from './food/short-of-food'
import { COMB_GAP } from './frames/comb-gap'
import { DOES_NOT_FIT } from './frames/does-not-fit'
import { DRAIN_IN_BROOD } from './frames/drain-in-brood'
import { DRAIN_LOOSE } from './frames/drain-loose'
import { DRAIN_OFF_CENTRE } from './frames/drain-off-centre'
import { EMPTY_PLACE } from './frames/empty-place'
import { FOUNDATIONLESS_PAIR } from './frames/foundationless-pair'
import { FOUNDATIONLESS_UNSUPPORTED } from './frames/foundationless-unsupported'
import { MIXED } from './frames/mixed'
import { NO_PLAY } from './frames/no-play'
import { NO_SPACING } from './frames/no-spacing'
import { ROOM_BESIDE } from './frames/room-beside'
import { SPREAD_SHOULDERS } from './frames/spread-shoulders'
import { TOO_MANY } from './frames/too-many'
import { UNDRAWN_WIDE } from './frames/undrawn-wide'
import { WINTER_SPACING } from './frames/winter-spacing'
import { LITTLE_BEARING } from './joints/bearing'
import { LIP_ON_FLAT } from './joints/lip'
import { JOINT_OPEN } from './joints/open'
import { ROOF_SHORT } from './joints/roof'
import { ABOVE_ROOF } from './order/above-roof'
import { BELOW_FLOOR } from './order/below-floor'
import { BOX_ABOVE_CROWN } from './order/box-above-crown'
import { BOX_ABOVE_FEEDER } from './order/box-above-feeder'
import { BROOD_ABOVE_EXCLUDER } from './order/brood-above-excluder'
import { EMPTY_BOX } from './order/empty-box'
import { EXCLUDER_IN_WINTER } from './order/excluder-in-winter'
import { FEEDER_NO_WAY_UP } from './order/feeder-no-way-up'
import { FEEDER_PROUD } from './order/feeder-proud'
import { FLUSH_LID_ALONE } from './order/flush-lid-alone'
import { FOOD_BELOW_BROOD } from './order/food-below-brood'
import { NO_BOX } from './order/no-box'
import { NO_CROWN } from './order/no-crown'
import { NO_EXCLUDER } from './order/no-excluder'
import { NO_EXCLUDER_CLEAN_COMB } from './order/no-excluder-clean-comb'
import { NO_FLOOR } from './order/no-floor'
import { NO_ROOF } from './order/no-roof'
import { SECOND_CROWN } from './order/second-crown'
import { SECOND_EXCLUDER } from './order/second-excluder'
import { SECOND_FLOOR } from './order/second-floor'
import { SUPER_BELOW_BROOD } from './order/super-below-brood'
import { SUPER_UNDER_EXCLUDER } from './order/super-under-excluder'
import { UNKNOWN_PATTERN } from './order/unknown-pattern'
import { UPSIDE_DOWN } from './order/upside-down'
import { TOO_LITTLE_ROOM } from './room/too-little'
import { TOO_MUCH_ROOM } from './room/too-much'
import { BROOD_KIT } from './supers/brood-kit'
import { FED_UNDER_SUPERS } from './supers/fed-under'
import { HEADSPACE_OVERDUE } from './supers/headspace-overdue'
import { HEADSPACE_UNDATED } from './supers/headspace-undated'
import { SUPERS_IN_TREATMENT } from './supers/in-treatment'
import { SUPERS_IN_WINTER } from './supers/in-winter'
import { NEXT_BOX } from './supers/next-box'
import { NO_ROOM } from './supers/no-room'
import { NO_TIME_TO_TREAT } from './supers/no-time-to-treat'
import { SUPER_TOO_SOON } from './supers/too-soon'
import { TRAVEL_AIR } from './travel/air'
import { TRAVEL_COVERED } from './travel/covered'
import { TRAVEL_FOOD } from './travel/food'
import { ABSORBER_LACKS } from './winter-top/absorber-lacks'
import { ABSORBER_ROOFED_IN } from './winter-top/absorber-roofed-in'
import { ABSORBER_SHUT_OFF } from './winter-top/absorber-shut-off'
import { BARE_TOP } from './winter-top/bare'
import { COLD_TOP } from './winter-top/cold'
import { THIN_CHIPS } from './winter-top/thin-chips'
import { VENT_COLD } from './winter-top/vent-cold'
import { VENT_SHUT_OFF } from './winter-top/vent-shut-off'
import { WINTER_HOLE } from './winter-top/winter-hole'
import type { Rule } from './rule'

/** All that a hive is looked through for, in the order in which equals are told. */
export const RULES = [
  DEAD,
  EMPTY,
  CLOSED,
  COMBS_HELD,
  NO_BOX,
  NO_FLOOR,
  BELOW_FLOOR,
  SECOND_FLOOR,
  NO_ROOF,
  ABOVE_ROOF,
  NO_CROWN,
  FLUSH_LID_ALONE,
  SECOND_CROWN,
  BOX_ABOVE_CROWN,
  UPSIDE_DOWN,
  UNKNOWN_PATTERN,
  SUPER_BELOW_BROOD,
  FOOD_BELOW_BROOD,
  SECOND_EXCLUDER,
  EXCLUDER_IN_WINTER,
  SUPER_UNDER_EXCLUDER,
  BROOD_ABOVE_EXCLUDER,
  NO_EXCLUDER_CLEAN_COMB,
  NO_EXCLUDER,
  FEEDER_NO_WAY_UP,
  FEEDER_PROUD,
  BOX_ABOVE_FEEDER,
  EMPTY_BOX,
  ROOF_SHORT,
  LIP_ON_FLAT,
  JOINT_OPEN,
  LITTLE_BEARING,
  DOES_NOT_FIT,
  GAP,
  OPEN_SPACE,
  END_BAR,
  TOO_MANY,
  NO_SPACING,
  NO_PLAY,
  MIXED,
  SPREAD_SHOULDERS,
  WINTER_SPACING,
  ROOM_BESIDE,
  UNDRAWN_WIDE,
  FOUNDATIONLESS_PAIR,
  FOUNDATIONLESS_UNSUPPORTED,
  EMPTY_PLACE,
  COMB_GAP,
  DRAIN_IN_BROOD,
  DRAIN_LOOSE,
  DRAIN_OFF_CENTRE,
  TOO_LITTLE_ROOM,
  TOO_MUCH_ROOM,
  NO_GUARD,
  LOWER_OPENING,
  MESH_WIND,
  CLEAR_DOOR,
  WIDE_ENTRANCE,
  NARROW_ENTRANCE,
  INSERT_IN,
  SHUT_IN,
  TRAVEL_OPEN,
  MESH_SHUT_OFF,
  UPPER_HOLE,
  WINTER_HOLE,
  THIN_CHIPS,
  ABSORBER_LACKS,
  ABSORBER_SHUT_OFF,
  ABSORBER_ROOFED_IN,
  VENT_SHUT_OFF,
  VENT_COLD,
  BARE_TOP,
  COLD_TOP,
  BROOD_KIT,
  SUPERS_IN_TREATMENT,
  FED_UNDER_SUPERS,
  SUPERS_IN_WINTER,
  SUPER_TOO_SOON,
  NO_TIME_TO_TREAT,
  NO_ROOM,
  TRAVEL_COVERED,
  TRAVEL_AIR,
  TRAVEL_FOOD,
  HEADSPACE_OVERDUE,
  HEADSPACE_UNDATED,
  NEXT_BOX,
  SHORT_OF_FOOD,
  BAIT_ROOM,
  BAIT_HONEY,
  BAIT_COMB,
  BAIT_DOOR,
  BAIT_EXCLUDER,
] as const

type AnyRule = (typeof RULES)[number]
/** The identity of a rule. */
export type RuleId = AnyRule['id']

/** What the sentence of each rule is made of. */
export type Facts = { readonly [One in AnyRule as One['id']]: One extends Rule<string, infer F> ? F : never }
