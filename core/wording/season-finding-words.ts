import type { Rule } from '../checks'
import type { Telling, Told } from './telling'

type SeasonRule = Extract<Rule, `season.${string}`>

/** Findings about the time of the year. */
export const TELL_SEASON: Record<SeasonRule, (telling: Telling) => Told> = {
  'season.no-guard': ({ finding }) => ({
    title: finding.facts.narrow ? 'no mouse guard at the entrance' : 'entrance open for winter',
    what: finding.facts.narrow ? 'The entrance is narrowed, but nothing keeps mice out. An opening at the upper edge stays free when dead bees pile up.' : 'Nothing narrows the entrance and nothing keeps mice out.',
    fate: 'Mice nest in the combs, and wind blows in.',
  }),
  'season.wide-entrance': ({ finding }) => ({
    title: 'entrance is wide open', what: finding.facts.stage === 'settling' ? 'A new colony has few bees to stand guard.' : 'Nothing comes in at this time, and other bees look for food.', fate: 'Robbers and wasps get in.',
  }),
  'season.narrow-entrance': ({ part }) => ({ title: `${part(0)} still at the entrance`, what: 'The flow needs the full width.', fate: 'Bees queue at the door, and the hive runs hot.' }),
  'season.insert-in': ({ part }) => ({ title: `${part(0)} still in the floor`, what: 'It is warm, and the mesh is shut.', fate: 'Less air, and what falls stays within reach.' }),
  'season.travel-open': () => ({ title: 'entrance is open for the road', what: 'Bees fly out while the hive is moved.', fate: 'They are lost, and they sting on the road. Close it with mesh, so that they have air.' }),
  'season.winter-hole': ({ part }) => ({ title: `${part(0)} is open under ${part(1)}`, what: 'Warm, damp air goes up through the hole and meets the cold there.', fate: 'Water forms over the cluster and drips on the bees, instead of running down the walls where they drink it.' }),
  'season.thin-slab': ({ part, figure, finding }) => ({ title: `${part(0)} is thin`, what: `${figure} thick; ${String(finding.facts.leastMm)} mm is the least.`, fate: 'The top may be colder than the walls, and water forms over the cluster.' }),
  'season.thin-chips': ({ part, figure, finding }) => ({ title: `little in ${part(0)}`, what: `${figure} of chips; ${String(finding.facts.leastMm)} mm is the least.`, fate: 'It is soaked through early in winter and drips.' }),
  'season.absorber-shut-off': ({ part }) => ({ title: `${part(0)} shuts ${part(1)} off`, what: 'Its hole is closed, so no damp air reaches the chips.', fate: 'Water forms under the board, over the cluster.' }),
  'season.bare-top': ({ part }) => ({ title: `nothing keeps ${part(0)} warm`, what: 'No slab and no chips over the bees.', fate: 'Where winters are cold, water forms over the cluster and drips on it.' }),
  'season.brood-kit': ({ part }) => ({ title: `${part(0)} has held brood`, what: 'It stands as a super now.', fate: 'Disease travels with old brood comb, and the crop tastes of it. Use it for brood.' }),
  'season.supers-in-treatment': ({ finding, part }) => ({ title: `${superWords(finding.partIds.length, part(0))} on after the crop`, what: 'Mites are treated and sugar is fed at this time.', fate: 'Neither may be done with crop supers on: what is in them is no food for people any more.' }),
  'season.supers-in-winter': ({ finding, part }) => ({ title: `${superWords(finding.partIds.length, part(0))} left on for winter`, what: 'More room than the bees can keep warm, unless it holds their food.', fate: 'Comb in it goes mouldy, or moths take it. A box of food is better kept as one.' }),
  'season.super-too-soon': ({ finding, part }) => ({ title: `${superWords(finding.partIds.length, part(0))} on too soon`, what: 'The colony is still settling in its first box.', fate: 'It is chilled and draws comb in the wrong place. Give room when 8 of 10 frames are covered.' }),
  'season.no-room': ({ part }) => ({ title: 'no room for nectar', what: `Nothing stands over ${part(0)} in the flow.`, fate: 'Nectar goes into the brood nest, the queen runs out of cells, and the colony swarms.' }),
  'season.travel-roof': ({ part }) => ({ title: `${part(0)} on the road`, what: 'It overhangs, so hives do not stand side by side; and it lies loose.', fate: 'Take a flush roof where hives are packed, and fix every part to the next with a strap or screws.' }),
}

function superWords(count: number, name: string): string {
  return count === 1 ? name : `${count} supers`
}
