import { type Catalogue, type PartKind, inWords } from '../parts'
import { remediesOf, type Facts, type Finding, type FindingOf, type Remedy, type RemedyKind, type Rule } from '../rules'
import { comparableMm, showLength, showVolume } from '../units'
import { gapFate, heldAgainst, limitAgainst, unevenInWords, verdictWord } from './gap-words'
import { frameFitFate, frameFitInWords } from './fit-words'
import { TELL_FRAMES, frameRemedyInWords } from './frame-finding-words'
import { counted, capital, ofFormat, patternName, the, type Reader } from './names'
import { TELL_COLONY } from './colony-words'
import { severityWord } from './severity-words'
import { TELL_SEASON } from './season-finding-words'
import type { Tellers, Telling, ToldFinding } from './telling'
import { inVocabulary } from './vocabulary'

export interface FindingWords extends ToldFinding {
  readonly severity: string
  /** The whole in half a line, for a row of hives. */
  readonly short: string
  /** What the buttons of its ways out say; they are tried once this is read. */
  readonly remedies: readonly string[]
}

/** What comes of the room at the end bars, by where it lies. */
const END_BAR_FATES: Readonly<Record<string, string>> = {
  jams: 'The frames do not go between the walls.',
  over: 'Comb is built between the end bars and the wall.',
  under: 'The end bars are glued to the wall.',
  inside: 'Bees pass behind the end bars, if the figures hold.',
}

/** Behind a verdict that the ± could turn. */
const UNSURE = ' The figure may be off by more than it is from the limit: measure both parts to be sure.'

/** A finding in the reader's words and units. */
export function findingInWords(
  finding: Finding,
  names: ReadonlyMap<string, string>,
  catalogue: Catalogue,
  reader: Reader,
): FindingWords {
  const named = (partId: unknown) => names.get(String(partId)) ?? 'this hive'
  const said = (text: string) => inVocabulary(text, reader.vocabulary, names.values())
  const plain = tell({
    finding,
    reader,
    catalogue,
    named,
    part: (n) => named(finding.partIds[n]),
    figure: finding.measured ? heldAgainst(finding.measured, limitsOf(finding), reader) : '',
    limit: (mm) => limitAgainst(mm, finding.measured ?? undefined, reader),
  })
  const told: ToldFinding = {
    title: said(plain.title),
    what: said(`${plain.what}${unevenInWords(finding.uneven, reader)}`),
    fate: said(plain.fate),
  }
  const short = `${shortly(finding, reader)}${told.title}`
  return {
    ...told,
    title: capital(told.title),
    short: capital(short),
    severity: severityWord(finding.severity),
    get remedies() {
      return remediesOf(finding).map((remedy) => said(remedyInWords(remedy, named, catalogue, reader)))
    },
  }
}

function tell<R extends Rule>(telling: Telling<R>): ToldFinding {
  return TELL[telling.finding.rule](telling)
}

/** The figure before the title, where a list has room for little. */
function shortly(finding: Finding, reader: Reader): string {
  if (!finding.measured) return ''
  const figure = showLength(finding.measured.mm, reader.units)
  switch (finding.rule) {
    case 'joint.open':
      return `${figure} open, `
    case 'bee-space.gap':
      return (
        `${figure} ${finding.marginal && finding.facts.verdict === 'bee-space' ? 'hardly ' : ''}` +
        `${verdictWord({ verdict: finding.facts.verdict, marginal: false }, reader)}, `
      )
    default:
      return ''
  }
}

/** Where frames hang to two heights: which of them a gap is under. */
const underFrames = ({ under }: FindingOf<'bee-space.gap'>['facts']) =>
  under ? `, under ${under.count} of ${counted(under.of, 'frame')}` : ''

/** What the button of a remedy says, with the figure that it gives. */
function remedyInWords(
  remedy: Remedy,
  named: (partId: unknown) => string,
  catalogue: Catalogue,
  reader: Reader,
): string {
  const pattern = remedy.patternId ? patternName(remedy.patternId, catalogue, reader.vocabulary) : ''
  const result =
    remedy.resultMm === undefined
      ? ''
      : `: ${showLength(remedy.resultMm, reader.units)}${remedy.onlyBetter ? ', better, not good' : ''}`
  const dummy = catalogue.hanging.get(remedy.patternId ?? '')
  const aboutFrames = frameRemedyInWords(
    remedy.kind,
    { partName: named(remedy.partId), boxes: remedy.boxes },
    remedy.count,
    dummy
      ? inWords(dummy.label, reader.vocabulary)
      : inWords({ british: 'dummy board', northAmerican: 'follower board' }, reader.vocabulary),
  )
  if (aboutFrames) return aboutFrames + result
  const words: Partial<Record<RemedyKind, () => string>> = {
    'turn-over': () => `Turn ${the(named(remedy.partId))} over`,
    'swap-for': () => {
      const sameName = named(remedy.partId).replace(/ \d+$/, '') === pattern
      const wanted = sameName ? ofFormat(remedy.patternId!, pattern, catalogue) : pattern
      return `Swap ${the(named(remedy.partId))} for ${withArticle(wanted)}`
    },
    exchange: () => `Put ${the(named(remedy.partId))} above ${the(named(remedy.otherId))}`,
    add: () =>
      `Add ${withArticle(pattern)}${remedy.partId ? `, and close the hole of ${the(named(remedy.partId))}` : ''}`,
    'take-off': () =>
      `Take ${the(named(remedy.partId))}${(remedy.count ?? 1) > 1 ? ' and all that is over it' : ''} off`,
    'move-below': () => `Move ${the(named(remedy.partId))} below ${the(named(remedy.otherId))}`,
    'move-above': () => `Move ${the(named(remedy.partId))} above ${the(named(remedy.otherId))}`,
    'use-as-food': () =>
      remedy.count === 1 ? `Use ${the(named(remedy.partId))} as food` : `Use all ${remedy.count} supers as food`,
    'mend-part': () => `Say that ${the(named(remedy.partId))} has it now`,
    centre: () => `Put ${the(named(remedy.partId))} straight over the middle`,
    'open-hole': () => `Open the hole in ${the(named(remedy.partId))}`,
    'close-hole': () => `Close the hole in ${the(named(remedy.partId))}`,
  }
  return (words[remedy.kind]?.() ?? '') + result
}

function withArticle(name: string): string {
  return `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`
}

function list(names: readonly string[]): string {
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
}

const TELL: Tellers<Rule> = {
  ...TELL_FRAMES,
  ...TELL_SEASON,
  ...TELL_COLONY,
  'bee-space.gap': ({ finding, part, figure, limit, named, reader, catalogue }) => ({
    title: `${part(1)} over ${part(0)}`,
    what:
      `${figure} here${underFrames(finding.facts)}; accepted is ${bandOfFinding(finding, limit)}.` +
      causeInWords(finding, named),
    fate:
      gapFate({
        verdict: finding.facts.verdict,
        place: finding.facts.place,
        marginal: finding.marginal,
        usual: finding.facts.usual === true,
      }) + closerMakeInWords(finding, catalogue, reader),
  }),
  'bee-space.end-bar': ({ finding, part, figure, limit, catalogue, reader }) => ({
    title: `frames in ${part(0)}, end to end`,
    what:
      `${figure} between the end bars of ${frameName(finding, catalogue, reader)} and each end ` +
      `wall; accepted is ${bandOfFinding(finding, limit)}.`,
    fate:
      END_BAR_FATES[finding.measured && finding.measured.mm < 0 ? 'jams' : finding.facts.side]! +
      (finding.marginal ? UNSURE : ''),
  }),
  'bee-space.side': ({ finding, figure, named }) => ({
    title: `room beside the frames in ${list(finding.partIds.map(named))}`,
    what: `${figure} between the last frame and the wall.`,
    fate:
      finding.severity === 'watch'
        ? 'Bees build a comb of their own in it, or one more frame goes in.'
        : finding.facts.isShared
          ? 'The outer combs grow a little fat; it is shared between both walls already, and a dummy takes it up.'
          : 'The outer comb grows fat on that side; a dummy or an even share at both walls keeps it straight.',
  }),
  'open-space': ({ finding, figure, part, named }) => ({
    title: finding.facts.verdict === 'filled' ? `comb will fill ${the(part(0))}` : `open space in ${the(part(0))}`,
    what:
      `${figure} from ${the(named(finding.facts.lowerId))} up to ` +
      `${the(named(finding.facts.upperId))} with nothing in it.`,
    fate:
      finding.facts.verdict === 'filled'
        ? 'In a time when bees build they fill it with comb within weeks.'
        : 'Put up with at this stage, for feeding, treatment or winter. Take it off before bees build again.',
  }),
  'joint.open': ({ finding, part, figure }) => ({
    title: `${part(1)} on ${part(0)}`,
    what:
      finding.measured && comparableMm(finding.measured.mm) > 0
        ? `An opening ${figure} wide at the ${list(finding.facts.sides)}: the two edges do not meet.`
        : `At the ${list(finding.facts.sides)} the two edges only just meet: nothing bears on anything.`,
    fate: `Bees, rain and robbers get in.${finding.marginal ? UNSURE : ''}`,
  }),
  'joint.bearing': ({ finding, part, figure, limit }) => ({
    title: `${part(1)} on ${part(0)}`,
    what:
      `The edges bear on each other by only ${figure} at the ${finding.facts.side}; ` +
      `${limit(finding.facts.leastMm)} seals.`,
    fate: `A knock opens the joint to robbers and rain.${finding.marginal ? UNSURE : ''}`,
  }),
  'joint.roof': ({ part, figure }) => ({
    title: `${part(1)} does not go on`,
    what: `It is ${figure} too small inside to go over what stands below it.`,
    fate: 'The hive stands open to the rain.',
  }),
  'joint.lip': ({ part }) => ({
    title: `${part(1)} on ${part(0)}`,
    what: 'One edge interlocks and the other is flat.',
    fate:
      'The lip holds the parts apart all round: bees, rain and robbers get in. Interlocking ' +
      'parts go with their own kind.',
  }),
  'order.no-floor': () => ({
    title: 'no floor',
    what: 'Nothing closes the hive below.',
    fate: 'Comb is built below the frames, and wasps, mice and cold come in from all sides.',
  }),
  'order.below-floor': ({ finding, named }) => ({
    title: `${list(finding.partIds.map(named))} under the floor`,
    what: `The floor stands above ${list(finding.partIds.map(named))}.`,
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
    title: `${list(finding.partIds.map(named))} on top of the roof`,
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
    title: `${list(finding.partIds.map(named))} above ${the(named(finding.facts.crownId))}`,
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
    title: `${list(finding.partIds.map(named))} above ${the(named(finding.facts.feederId))}`,
    what: `${capital(the(named(finding.facts.feederId)))} stands between the frames and it.`,
    fate: 'Bees hardly get up past the feed: the frames above are left without bees, and comb is built in the feeder.',
  }),
  'order.food-below-brood': ({ finding, named }) => ({
    title: `food below the brood: ${list(finding.partIds.map(named))}`,
    what: `It stands below ${the(named(finding.facts.broodId))}.`,
    fate: 'The cluster moves up through the winter, not down: it starves above food that it does not reach.',
  }),
  'order.no-box': () => ({
    title: 'no box yet',
    what: 'There is nowhere for bees to live in this hive.',
    fate: 'Add a brood box from the tray.',
  }),
  'order.super-below-brood': ({ finding, named }) => ({
    title: `${list(finding.partIds.map(named))} below the brood`,
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
      ? `little room for brood: ${list(finding.partIds.map(named))}`
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
    what: `${list(finding.partIds.map(named))} stands on a colony that is still settling.`,
    fate: 'A small colony cannot keep it warm: the brood chills, or the bees leave.',
  }),
  'fit.frame': ({ finding, part, figure, catalogue, reader }) => ({
    title: `${frameName(finding, catalogue, reader).replace(/^the /, '')} in ${part(0)}`,
    what: frameFitInWords(finding.facts.reason, figure),
    fate: `${frameFitFate(finding.facts.reason)}${finding.marginal ? UNSURE : ''}`,
  }),
  'pattern.unknown': ({ finding, part }) => ({
    title: part(0),
    what: `This catalogue has no pattern “${finding.facts.patternId}”.`,
    fate: 'It is kept and drawn as a plain block; gaps next to it are not judged.',
  }),
}

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

/** Every rule that there is a sentence for. */
export const TOLD_RULES: readonly string[] = Object.keys(TELL)

function count(value: number): string {
  return value.toLocaleString('en-GB').replaceAll(',', ' ')
}

function crownName(reader: Reader): string {
  return inWords({ british: 'crown board', northAmerican: 'inner cover' }, reader.vocabulary)
}

function closerMakeInWords(
  { facts: { closer } }: FindingOf<'bee-space.gap'>,
  catalogue: Catalogue,
  reader: Reader,
): string {
  if (closer === undefined) return ''
  return (
    ` Instead of one of them, ${withArticle(patternName(closer.patternId, catalogue, reader.vocabulary))}: ` +
    `then it is ${showLength(closer.mm, reader.units)}.`
  )
}

/** The limits that a finding's figure is held against, mm: a band's, or the least that will do. */
export function limitsOf({ band, facts }: Finding): readonly number[] {
  if (band) return [band.minMm, band.maxMm]
  return 'leastMm' in facts && typeof facts.leastMm === 'number' ? [facts.leastMm] : []
}

function bandOfFinding({ band }: Pick<Finding, 'band'>, limit: Telling['limit']): string {
  return band ? `${limit(band.minMm)} to ${limit(band.maxMm)}` : ''
}

function frameName(
  { facts }: FindingOf<'bee-space.end-bar' | 'fit.frame'>,
  catalogue: Catalogue,
  reader: Reader,
): string {
  const pattern = catalogue.hanging.get(facts.framePatternId)
  return pattern ? `the ${inWords(pattern.label, reader.vocabulary)}` : 'the frames'
}

function causeInWords(
  { facts: { mixed, eitherWay } }: FindingOf<'bee-space.gap'>,
  named: (partId: unknown) => string,
): string {
  const cause = mixed
    ? ` ${capital(the(named(mixed.topSpaceId)))} has its bee space on top, ` +
      `${the(named(mixed.bottomSpaceId))} at the bottom.`
    : ''
  const board = eitherWay ? the(named(eitherWay.partId)) : ''
  const way = {
    turned: ` ${capital(board)} is the wrong way up.`,
    neither: ` Turning ${board} over makes it neither better nor worse.`,
    'as-it-stands': '',
  }
  return cause + (eitherWay ? way[eitherWay.better] : '')
}
