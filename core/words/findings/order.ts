import type { PartKind } from '../../parts'
import type { Facts, RuleId } from '../../rules'
import { showVolume } from '../../units'
import { capital, the, listed } from '../names'
import { crownName, withArticle } from './common'
import type { Tellers } from './telling'

/** How the order of a stack, and its room for brood, are told. */
export const TELL_ORDER = {
  'order.no-floor': () => ({
    title: 'no floor',
    what: 'Nothing closes the hive below.',
    fate: 'Comb is built below the frames, and wasps, mice and cold come in from all sides.',
  }),
  'order.below-floor': ({ finding, named }) => ({
    title: `${listed(finding.partIds.map(named))} under the floor`,
    what: `The floor stands above ${listed(finding.partIds.map(named))}.`,
    fate: 'Bees come in at the floor; what is below it is cut off from the colony.',
  }),
  'order.second-floor': ({ part }) => ({
    title: `a second floor: ${part(0)}`,
    what: 'A hive has one floor, at the bottom.',
    fate: 'It divides the colony, and what is above it is left without bees.',
  }),
  'order.no-roof': () => ({
    title: 'no roof',
    what: 'Nothing covers the hive.',
    fate: 'Rain runs into the colony, and robbers walk in.',
  }),
  'order.above-roof': ({ finding, named }) => ({
    title: `${listed(finding.partIds.map(named))} on top of the roof`,
    what: 'The roof is not the uppermost part.',
    fate: 'What stands above the roof is outside the hive.',
  }),
  'order.no-crown': ({ part, reader }) => ({
    title: `${part(0)} straight on ${part(1)}`,
    what: `There is no ${crownName(reader)} under it.`,
    fate: 'The roof is glued to what is below and its skirt leaves no grip to pry it off.',
  }),
  'order.flush-lid-alone': ({ part, figure, reader }) => ({
    title: `${part(0)} without ${withArticle(crownName(reader))}`,
    what: `It lies right over the bees, ${figure} above the frames.`,
    fate:
      'Some keep hives so: one part less, and a flush lid has a grip. Others put ' +
      `${withArticle(crownName(reader))} under it: the lid is glued to the frames where the ` +
      'room is not bee space, the bees fly up when it comes off, and in winter there is only ' +
      'its own board over them.',
  }),
  'order.box-above-crown': ({ finding, named }) => ({
    title: `${listed(finding.partIds.map(named))} above ${the(named(finding.facts.crownId))}`,
    what: `${capital(the(named(finding.facts.crownId)))} closes the colony below it.`,
    fate:
      'Bees come up through the hole at best: they carry the honey down or build under it. ' +
      'Right only for supers that are to be licked clean.',
  }),
  'order.second-crown': ({ finding, part, reader }) => ({
    title: `a second ${crownName(reader)}: ${part(0)}`,
    what: `${capital(the(part(1)))} closes the colony already.`,
    fate: finding.facts.clearing
      ? 'Right while the supers between are cleared of bees or licked clean: off again once they are.'
      : 'Bees build in the space between the two, and damp stands there in winter.',
  }),
  'order.box-above-feeder': ({ finding, named }) => ({
    title: `${listed(finding.partIds.map(named))} above ${the(named(finding.facts.feederId))}`,
    what: `${capital(the(named(finding.facts.feederId)))} stands between the frames and it.`,
    fate: 'Bees hardly get up past the feed: the frames above are left without bees, and comb is built in the feeder.',
  }),
  'order.food-below-brood': ({ finding, named }) => ({
    title: `food below the brood: ${listed(finding.partIds.map(named))}`,
    what: `It stands below ${the(named(finding.facts.broodId))}.`,
    fate: 'The cluster moves up through the winter, not down: it starves above food that it does not reach.',
  }),
  'order.no-box': () => ({
    title: 'no box yet',
    what: 'There is nowhere for bees to live in this hive.',
    fate: 'Add a brood box from the tray.',
  }),
  'order.super-below-brood': ({ finding, named }) => ({
    title: `${listed(finding.partIds.map(named))} below the brood`,
    what: `It stands below ${the(named(finding.facts.broodId))}.`,
    fate:
      'Until about October some put it there on purpose: bees carry its food up. As a crop box it fills last, and ' +
      'the ' +
      'queen lays in it; by winter food stands above the cluster, or they starve over it.',
  }),
  'order.super-under-excluder': ({ part }) => ({
    title: `${part(0)} under the excluder`,
    what: 'The queen can reach it.',
    fate: 'She lays in it, and there is brood in the honey at the crop.',
  }),
  'order.brood-above-excluder': ({ finding, part }) => ({
    title: `${part(0)} above the excluder`,
    what: finding.facts.broodBelow
      ? 'The queen can only be on one side of it: look for eggs. Above it she lays in the supers, which is the worst.'
      : 'The excluder is below all the brood: the queen is above it, and lays in the supers.',
    fate: finding.facts.broodBelow
      ? 'For about three weeks, with a way out for drones above, it is a way of keeping down swarming. Longer, or ' +
        'without that way out, drones die in the excluder and block it.'
      : 'Drones that hatch above it cannot get out; they die in the excluder and block it.',
  }),
  'order.two-excluders': ({ part }) => ({
    title: `a second excluder: ${part(0)}`,
    what: 'One excluder keeps the queen below.',
    fate: 'Drones between the two are trapped and block it.',
  }),
  'order.no-excluder': ({ part }) => ({
    title: 'no excluder',
    what: `Nothing keeps the queen out of ${the(part(1))}.`,
    fate: 'Many keepers do without. She may lay in the super; look for brood before the crop is taken.',
  }),
  'order.excluder-in-winter': ({ finding, part }) => ({
    title: `${part(0)} left in for winter`,
    what: 'There is food above it.',
    fate: finding.facts.mild
      ? 'Where winters are so mild that the bees break cluster every few days, some leave it in ' +
        'all year. In a cold spell the bees follow the food up and leave the queen below to die.'
      : 'The bees follow the food up and leave the queen below to die of cold.',
  }),
  'order.feeder-no-way-up': ({ part }) => ({
    title: `no way up to ${part(0)}`,
    what: 'Bees cannot get from the frames into it.',
    fate: 'The feed stays where it is while the colony starves.',
  }),
  'order.feeder-proud': ({ part, figure }) => ({
    title: `${part(0)} stands too high`,
    what: `It stands ${figure} above the rim round it, so ${the(part(1))} does not close.`,
    fate: 'Robbers get in at the feed.',
  }),
  'order.empty-box': ({ part }) => ({
    title: `no frames in ${part(0)}`,
    what: 'It is an empty shell.',
    fate: 'Allowed for a time as headspace for feeding or a treatment; at any other time bees build wild comb in it.',
  }),
  'order.upside-down': ({ finding, part }) => ({
    title: `${part(0)} stands on its head`,
    what: 'It has one right way up.',
    fate: onItsHead(finding.facts)[finding.facts.kind] ?? '',
  }),
  'order.no-excluder-clean-comb': ({ part }) => ({
    title: `no excluder below ${part(0)}`,
    what: 'It holds comb that is sold or drained as it is.',
    fate: 'The queen lays in it, and comb with brood cannot be used.',
  }),
  'room.brood': ({ finding, named, reader }) => ({
    title: finding.facts.shared
      ? `little room for brood: ${listed(finding.partIds.map(named))}`
      : 'little room for brood',
    what:
      `${count(finding.facts.cells)} cells (${showVolume(finding.facts.litres, reader.units)}) ` +
      `in the brood boxes; ${count(finding.facts.needCells)} are wanted for a queen who lays ` +
      `${count(finding.facts.layingPeak)} eggs a day at her peak, as brood alone: pollen and food want combs ` +
      `beside it.`,
    fate:
      finding.severity === 'mend'
        ? 'The brood nest is full before the flow and the colony swarms: add a second brood box or a larger one.'
        : 'Enough for most queens; a prolific one swarms from it.',
  }),
  'room.too-much': ({ finding, named }) => ({
    title: 'much hive for a small colony',
    what: `${listed(finding.partIds.map(named))} stands on a colony that is still settling.`,
    fate: 'A small colony cannot keep it warm: the brood chills, or the bees leave.',
  }),
  'pattern.unknown': ({ finding, part }) => ({
    title: part(0),
    what: `This catalogue has no pattern “${finding.facts.patternId}”.`,
    fate: 'It is kept and drawn as a plain block; gaps next to it are not judged.',
  }),
} satisfies Partial<Tellers<RuleId>>

/** What happens in a part that stands on its head. */
function onItsHead({ empty }: Facts['order.upside-down']): Partial<Record<PartKind, string>> {
  return {
    box: empty
      ? 'Its rests are at the bottom: frames put into it fall through.'
      : 'The frames slide off their rests and fall out.',
    roof: 'It holds rain like a tray.',
    feeder: 'It cannot hold feed.',
    absorber: 'The chips fall out.',
    floor: 'The bees have no way in.',
  }
}

function count(value: number): string {
  return value.toLocaleString('en-GB').replaceAll(',', ' ')
}
