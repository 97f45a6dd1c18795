import type { RuleId } from '../../rules'
import { showMass, showVolume } from '../../units'
import { CLIMATE_UNSAID } from '../climate-words'
import { dayInWords } from '../day-words'
import { needInWords } from '../need-words'
import { storesOfFinding } from '../stores-words'
import { treatConflictInWords } from '../treat-words'
import type { Tellers } from './telling'

/** How supers, food and bait hives are told. */
export const TELL_SUPERS_AND_FOOD = {
  'season.headspace-overdue': ({ part, finding, reader }) => ({
    title: `${part(0)} was to come off by ${dayInWords(finding.facts.offBy, reader.vocabulary)}`,
    what: 'There is nothing in it.',
    fate: 'Bees hang comb in it within weeks of a flow.',
  }),
  'season.headspace-undated': ({ part }) => ({
    title: `${part(0)} without a day to come off`,
    what: 'Room over the frames does for a treatment or a feeder, as long as it lasts.',
    fate: 'Forgotten, it is full of comb. Set the day by which it is to come off.',
  }),
  'season.next-box': ({ part, finding }) => ({
    title: `${part(0)} is nearly full`,
    what: `${finding.facts.frames} of its ${finding.facts.of} frames are drawn and in use.`,
    fate: 'Give the next box now, before they look for room elsewhere.',
  }),
  'season.short-of-food': ({ finding: { facts, severity }, reader }) => ({
    title: severity === 'mend' ? 'it can starve any day' : 'food may not last',
    what:
      `${storesOfFinding(facts, reader)}; ` +
      needInWords({ low: facts.needLow, high: facts.needHigh, share: facts.share, until: facts.until }, reader) +
      `${facts.unsaid ? CLIMATE_UNSAID : ''}. ` +
      `Never under ${showMass(facts.leastKg, reader.units, 0)}, two full frames.`,
    fate:
      'A colony that runs out starves in days. Heft or weigh it' +
      (facts.supers
        ? '; with crop supers on it is not fed: leave them on as food, or take them off first.'
        : facts.share === 0
          ? ', and feed it today, in the evening.'
          : ', and feed the difference.'),
  }),
  'season.bait-room': ({ finding, reader }) => ({
    title: 'bait hive of the wrong size',
    what:
      `${showVolume(finding.facts.litres, reader.units)} of room; swarms look for about ` +
      `${showVolume(finding.facts.usual, reader.units)}, ${showVolume(finding.facts.least, reader.units)} to ` +
      `${showVolume(finding.facts.most, reader.units)} will do.`,
    fate: 'Scouts pass it by.',
  }),
  'season.bait-honey': () => ({
    title: 'honey in a bait hive',
    what: 'A comb in it holds honey.',
    fate: 'It draws robbers, moths and ants instead of a swarm, and spreads disease.',
  }),
  'season.bait-comb': () => ({
    title: 'no old comb in the bait hive',
    what: 'None of its frames is said to be drawn.',
    fate: 'Scouts prefer a box that smells of bees: hang one old, dry comb of a healthy colony in it.',
  }),
  'season.bait-door': ({ reader }) => ({
    title: 'entrance of the bait hive is wide open',
    what: 'A swarm wants an entrance that it can guard.',
    fate: `Scouts pass it by. Narrow it to ${reader.units === 'mm' ? '10 to 15 cm²' : '1 1/2 to 2 1/4 square inches'}.`,
  }),
  'season.bait-excluder': ({ part }) => ({
    title: `${part(0)} in a bait hive`,
    what: 'The queen comes in with the swarm.',
    fate: 'She is caught under it, and the swarm leaves again.',
  }),
  'season.brood-kit': ({ part, finding }) => ({
    title: finding.facts.combs > 0 ? `brood comb in ${part(0)}` : `${part(0)} has held brood`,
    what:
      finding.facts.combs > 0
        ? (finding.facts.combs === 1
            ? 'One comb that hangs in it has'
            : `${finding.facts.combs} combs that hang in it have`) + ' held brood in another box.'
        : 'It stands as a super now.',
    fate: finding.facts.isOneSize
      ? 'In hives of one size without an excluder every super has: it is a way of keeping. No brood in what is ' +
        'cropped, and none of a sick colony.'
      : 'Disease travels with old brood comb, and the crop tastes of it. Use it for brood.',
  }),
  'season.supers-in-treatment': ({ finding, part }) => ({
    title: `${superWords(finding.partIds.length, part(0))} on after the crop`,
    what: 'Mites are treated and sugar is fed at this time.',
    fate:
      'Sugar is never fed with crop supers on, and whether a treatment may go in with them is its label’s word: else ' +
      'what is in them is no food for people any more. Left on as food, they are the bees’ own and never cropped.',
  }),
  'season.feed-under-supers': ({ part }) => ({
    title: `${part(0)} with crop supers on`,
    what: 'What is fed now is carried up.',
    fate:
      'Sugar ends in the crop, and it is not honey any more: feed only with the supers off. ' +
      'Kept on empty, as some keep it all year in place of a cover, it does no harm.',
  }),
  'season.supers-in-winter': ({ finding, part }) => ({
    title: `${superWords(finding.partIds.length, part(0))} left on for winter`,
    what: 'More room than the bees can keep warm, unless it holds their food.',
    fate: 'Comb in it goes mouldy, or moths take it. A box of food is better kept as one.',
  }),
  'season.super-too-soon': ({ finding, part }) => ({
    title: `${superWords(finding.partIds.length, part(0))} on too soon`,
    what: 'The hive stands as settling in: its colony is in its first box. Say its stage where that is not so.',
    fate: 'It is chilled and draws comb in the wrong place. Give room when 8 of 10 frames are covered.',
  }),
  'season.no-time-to-treat': ({ finding: { facts }, reader }) => ({
    title: 'no time to treat before the winter bees',
    ...treatConflictInWords(facts, reader),
  }),
  'season.no-room': ({ part }) => ({
    title: 'no room for nectar',
    what: `Nothing stands over ${part(0)} in the flow.`,
    fate: 'Nectar goes into the brood nest, the queen runs out of cells, and the colony swarms.',
  }),
} satisfies Partial<Tellers<RuleId>>

function superWords(count: number, name: string): string {
  return count === 1 ? name : `${count} supers`
}
