import type { DripFacts, RuleId } from '../../rules'
import { showLength, showResistance } from '../../units'
import { meaningOf } from '../../yard'
import { counted, the, type Reader } from '../names'
import type { Tellers } from './telling'

/** From which humidity on the top and the walls are wet, in the coldest month. */
const drips = ({ topDrips, wallsDrip, topM2KPerW, wallM2KPerW }: DripFacts, { units }: Reader) =>
  `In the coldest month the top (${showResistance(topM2KPerW, units)}) drips from ${topDrips} % of humidity inside ` +
  `on, the walls (${showResistance(wallM2KPerW, units)}) from ${wallsDrip} %.`

/** When chips are full that cannot dry, by the figures. */
const full = ({ fullInDays }: { readonly fullInDays: number | null }) =>
  fullInDays === null
    ? ''
    : `By the figures they are full after about ${counted(fullInDays, 'day')}, if all the water goes up.`

/** How what is at the door, over the bees and on the road is told. */
export const TELL_DOOR_AND_TOP = {
  'season.no-guard': ({ finding, reader }) => ({
    title: finding.facts.narrow ? 'no mouse guard at the entrance' : 'entrance open for winter',
    what: finding.facts.narrow
      ? 'The entrance is narrowed, but nothing is said to keep mice out: some winter behind a ' +
        `slot no more than ${showLength(8, reader.units)} high, others behind a guard of the full ` +
        'width. An opening at the upper edge stays free when dead bees pile up.'
      : 'Nothing narrows the entrance and nothing keeps mice out.',
    fate: 'Mice nest in the combs, and wind blows in.',
  }),
  'season.wide-entrance': ({ finding }) => ({
    title: 'entrance is wide open',
    what: meaningOf(finding.facts.stage).isSettling
      ? 'A new colony has few bees to stand guard.'
      : 'Nothing comes in at this time, and other bees look for food.',
    fate: 'Robbers and wasps get in.',
  }),
  'season.narrow-entrance': ({ part }) => ({
    title: `${part(0)} still at the entrance`,
    what: 'The flow wants the full width.',
    fate: 'Bees queue at the entrance, and the hive runs hot. Some keep it on all year: then look whether they queue.',
  }),
  'season.insert-in': ({ part }) => ({
    title: `${part(0)} still in the floor`,
    what: 'It is warm, and the mesh is shut.',
    fate: 'Less air, and what falls stays within reach.',
  }),
  'season.mesh-shut-off': ({ part }) => ({
    title: `no air under ${part(0)}`,
    what: `It lies right on ${part(1)}, which is closed: the mesh airs nothing.`,
    fate: 'Mites that fall through it stay and climb back, and a tray cannot be drawn. A frame between them opens it.',
  }),
  'season.mesh-wind': ({ part }) => ({
    title: `${part(0)} is open to the wind`,
    what: 'Nothing lies under the mesh. In still air it loses little; every wind takes more: no figure knows it.',
    fate: 'In a windy place the colony eats more. Close the stand round its feet, or put the insert in its slots.',
  }),
  'season.clear-door': () => ({
    title: 'look at the entrance on a mild day',
    what: 'Bees die all through winter, and many fall where the entrance is.',
    fate: 'They block it, and those alive cannot get out. Sweep them out with a bent wire; no box is parted for it.',
  }),
  'season.travel-open': () => ({
    title: 'entrance is open for the road',
    what: 'Bees fly out while the hive is moved.',
    fate: 'They are lost, and they sting on the road. Close it with mesh, so that they have air.',
  }),
  'season.winter-hole': ({ part }) => ({
    title: `${part(0)} is open under ${part(1)}`,
    what: 'Warm, damp air goes up through the hole and meets the cold there.',
    fate: 'Water forms over the cluster and drips on the bees, instead of running down the walls where they drink it.',
  }),
  'season.thin-chips': ({ part, figure, finding, limit }) => ({
    title: `little in ${part(0)}`,
    what: `${figure} of chips; ${limit(finding.facts.leastMm)} is the least.`,
    fate: 'It is soaked through early in winter and drips.',
  }),
  'season.absorber-shut-off': ({ part }) => ({
    title: `${part(0)} shuts ${part(1)} off`,
    what: 'Its hole is closed, so no damp air reaches the chips.',
    fate: 'Water forms under the board, over the cluster.',
  }),
  'season.absorber-roofed-in': ({ part, figure, finding, limit }) => ({
    title: `${part(0)} shuts the vents of ${the(part(1))}`,
    what:
      `${figure} between its skirt and the wood; damp air wants ` +
      `${limit(finding.facts.leastMm)} or more. ${full(finding.facts)}`.trim(),
    fate:
      'The chips cannot dry: they soak through and drip on the cluster. Raise the roof on two ' +
      'battens, or take one that is wider inside.',
  }),
  'season.bare-top': ({ part, finding, reader }) => ({
    title: `nothing keeps ${the(part(0))} warm`,
    what: `No slab and no chips over the bees. ${drips(finding.facts, reader)}`,
    fate:
      'What drips from the top falls on the cluster. Some say that the top loses most of the warmth and walls ' +
      'very little: under a slab the walls lose more than half of it. What the slab keeps off the bees is the water.',
  }),
  'season.absorber-lacks': ({ part, finding }) =>
    finding.facts.feature === 'screen'
      ? {
          title: `${part(0)} has no screen`,
          what: 'Nothing carries the chips over the bees.',
          fate: 'Chips fall among the frames, and bees chew and carry them for weeks.',
        }
      : {
          title: `${part(0)} has no vent holes`,
          what: `No hole above the chips lets the damp out. ${full(finding.facts)}`.trim(),
          fate: 'The chips soak through and drip on the cluster.',
        },
  'season.vent-shut-off': ({ part }) => ({
    title: `${part(0)} shuts ${part(1)} off`,
    what: 'Its hole is closed, so no air goes up to the vent.',
    fate: 'Water forms under the board, and the bees have no upper way out.',
  }),
  'season.vent-cold': ({ part }) => ({
    title: `no insulation over ${part(0)}`,
    what:
      'What it gives: damp air goes out, and bees have a way out above snow and dead bees. What it takes: warm air ' +
      'goes with it, and the roof over it is cold.',
    fate:
      'Water forms under the roof and runs back down. A slab over it keeps the gain and spares most of the cost; to ' +
      'close it altogether, wait for a mild day.',
  }),
  'season.cold-top': ({ part, finding, reader }) => ({
    title: `top colder than the walls of ${part(1)}`,
    what: drips(finding.facts, reader),
    fate: 'Water forms over the cluster instead of at the walls. More insulation over it turns that round.',
  }),
  'season.lower-opening': ({ part }) => ({
    title: `${part(0)} opens at the lower edge`,
    what: 'Dead bees pile up on the floor in winter.',
    fate: 'They block the entrance. Turn it, so that it opens at the upper edge.',
  }),
  'season.upper-hole': ({ part, finding }) => ({
    title: `second entrance in ${part(0)}`,
    what: meaningOf(finding.facts.stage).isOnTheRoad
      ? 'It is open for the road.'
      : 'Robbers look for a way in at this time, and there are two to guard.',
    fate: meaningOf(finding.facts.stage).isOnTheRoad
      ? 'Bees fly out and are lost.'
      : 'The upper one is not guarded, and the hive is robbed.',
  }),
  'season.shut-in': ({ part }) => ({
    title: `${part(0)} shuts the bees in`,
    what: 'It belongs on the road only.',
    fate: 'They overheat or starve behind it. Take it off where the hive stands.',
  }),
  'season.travel-air': ({ part, finding }) => ({
    title: `no air through ${part(0)}`,
    what: finding.facts.isAired
      ? 'Bees that are shut in heat up within minutes; the mesh of the floor alone may not be enough.'
      : 'Bees that are shut in heat up within minutes, and the floor is closed too.',
    fate: 'Combs melt and the colony dies on the road. A screen is the top, with nothing on it.',
  }),
  'season.travel-food': ({ part }) => ({
    title: `no food seen in ${part(0)}`,
    what: 'No comb of food is said to be in it, and no feeder stands on it.',
    fate:
      'A nucleus on the road lives on what it carries. Give it a comb of food, and a feeder ' +
      'that fills without opening it.',
  }),
  'season.travel-covered': ({ part, finding, reader }) => ({
    title: `${part(1)} covers ${part(0)}`,
    what:
      finding.facts.freeMm === 0
        ? 'No air gets out over the screen: what lies on it closes it, or hangs down before it.'
        : `Only ${showLength(finding.facts.freeMm, reader.units)} are left for the air over the screen; ` +
          `${showLength(finding.facts.leastMm, reader.units)} is the least.`,
    fate:
      'Shut-in bees heat up within minutes, and a strong colony can be dead within the hour. Carry the roof apart, ' +
      'or lay a flat one on battens that leave a way out at the ends.',
  }),
} satisfies Partial<Tellers<RuleId>>
