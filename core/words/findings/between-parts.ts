import { inWords, type Catalogue } from '../../parts'
import type { Finding, FindingOf, RuleId } from '../../rules'
import { comparableMm, showLength } from '../../units'
import { frameFitFate, frameFitInWords } from '../fit-words'
import { gapFate, verdictWord } from '../gap-words'
import { capital, counted, patternName, the, type Reader, listed } from '../names'
import { UNSURE, withArticle } from './common'
import type { Tellers, Telling } from './telling'

/** What comes of the room at the end bars, by where it lies. */
const END_BAR_FATES: Readonly<Record<string, string>> = {
  jams: 'The frames do not go between the walls.',
  over: 'Comb is built between the end bars and the wall.',
  under: 'The end bars are glued to the wall.',
  inside: 'Bees pass behind the end bars, if the figures hold.',
}

/** How gaps, joints and frames in their boxes are told. */
export const TELL_BETWEEN_PARTS = {
  'bee-space.gap': ({ finding, part, figure, limit, named, reader, catalogue }) => ({
    before: `${plainFigure(finding, reader)} ${hardly(finding)}${gapWord(finding, reader)}, `,
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
    title: `room beside the frames in ${listed(finding.partIds.map(named))}`,
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
  'joint.open': ({ finding, part, figure, reader }) => ({
    before: `${plainFigure(finding, reader)} open, `,
    title: `${part(1)} on ${part(0)}`,
    what:
      finding.measured && comparableMm(finding.measured.mm) > 0
        ? `An opening ${figure} wide at the ${listed(finding.facts.sides)}: the two edges do not meet.`
        : `At the ${listed(finding.facts.sides)} the two edges only just meet: nothing bears on anything.`,
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
  'fit.frame': ({ finding, part, figure, catalogue, reader }) => ({
    title: `${frameName(finding, catalogue, reader).replace(/^the /, '')} in ${part(0)}`,
    what: frameFitInWords(finding.facts.reason, figure),
    fate: `${frameFitFate(finding.facts.reason)}${finding.marginal ? UNSURE : ''}`,
  }),
} satisfies Partial<Tellers<RuleId>>

/** The figure alone, where a list has room for little. */
const plainFigure = ({ measured }: Pick<Finding, 'measured'>, { units }: Reader) =>
  measured ? showLength(measured.mm, units) : ''

const gapWord = ({ facts: { verdict } }: FindingOf<'bee-space.gap'>, reader: Reader) =>
  verdictWord({ verdict, marginal: false }, reader)

const hardly = ({ marginal, facts }: FindingOf<'bee-space.gap'>) =>
  marginal && facts.verdict === 'bee-space' ? 'hardly ' : ''

/** Where frames hang to two heights: which of them a gap is under. */
const underFrames = ({ under }: FindingOf<'bee-space.gap'>['facts']) =>
  under ? `, under ${under.count} of ${counted(under.of, 'frame')}` : ''

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
