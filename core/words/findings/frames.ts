import { meaningOf } from '../../yard'
import type { SpacedBy } from '../../parts'
import type { RuleId } from '../../rules'
import { showLength, there } from '../../units'
import { acrossFate } from '../frame-words'
import { counted } from '../names'
import type { Tellers } from './telling'

const SPACED: Readonly<Record<SpacedBy, string>> = {
  shoulders: 'their shoulders',
  ends: 'ends on the lugs',
  'wide-bars': 'wide end bars',
  nothing: 'nothing of their own',
}
const frames = (count: number) => counted(count, 'frame')

/** How the findings about frames across a box are told. */
export const TELL_FRAMES = {
  'frames.too-many': ({ finding, part, figure, reader }) => {
    const count = finding.facts.frames
    const others = finding.facts.others
    const leave = finding.facts.leave
    const narrower =
      `${count} frames go in only with end bars of ` +
      `${showLength(finding.facts.mostPitchMm, reader.units)} at most; these take ` +
      `${showLength(finding.facts.spacingMm, reader.units)}.`
    return {
      title: `too many frames in ${part(0)}`,
      what:
        finding.facts.slots > 0
          ? `${frames(count)} for ${finding.facts.slots} slots.`
          : finding.facts.inSlots
            ? `The shoulders are ${figure} wider than the slots.`
            : `${frames(count)}${others > 0 ? ` and ${others} more` : ''} take ${figure} more than ` +
              `there is; ${finding.facts.fits} of these frames ` +
              `fit.${others === 0 && count > 0 ? ` ${narrower}` : ''}`,
      fate: finding.facts.inSlots
        ? 'They do not go into the slots side by side: let the shoulders touch, or use wider slots.'
        : `It cannot be put together: leave ${leave > 0 ? leave : 'some'} out.`,
    }
  },
  'frames.no-play': ({ finding, part, figure }) => ({
    title: `no play in ${part(0)}`,
    what: `${finding.facts.frames} side by side leave ${figure}.`,
    fate:
      'Propolis soon uses it up, and the first frame can no longer be lifted out without ' +
      'crushing bees. Leave one out and put a dummy in.',
  }),
  'frames.no-spacing': ({ finding, part }) => ({
    title: `nothing keeps the frames in ${part(0)} apart`,
    what: `${frames(finding.facts.frames)} with straight bars hang bar to bar.`,
    fate: 'There is no room for comb between them: give them ends, castellations, or space them by hand.',
  }),
  'frames.mixed': ({ finding, part, reader }) => {
    const { how, ways } = finding.facts
    const words: Record<typeof how, string> = {
      systems: `Frames spaced by ${ways.map((way) => SPACED[way]).join(' and by ')} hang side by side.`,
      'in-slots': 'Frames with spacing of their own hang in castellations.',
      widths:
        `Frames of ${showLength(finding.facts.leastMm, reader.units)} and ` +
        `${showLength(finding.facts.mostMm, reader.units)} hang side by side.`,
    }
    return {
      title: `two spacings in ${part(0)}`,
      what: words[how],
      fate: 'Gaps come out uneven and the frames cannot change places: keep one way of spacing to a box.',
    }
  },
  'frames.spread-shoulders': ({ finding, part, figure, limit }) => ({
    title: `self-spacing frames spread in ${part(0)}`,
    what: `${figure} from middle to middle; their shoulders make ${limit(there(finding.band).maxMm)}.`,
    fate:
      'They are made to touch: apart they rock, bees pinch between the shoulders, and the comb ' +
      'grows uneven. Push them together.',
  }),
  'frames.winter-spacing': ({ finding, part, figure, limit }) => ({
    title: `frames in ${part(0)} still spread`,
    what: `${figure} from middle to middle; bees cluster on at most ` + `${limit(there(finding.band).maxMm)}.`,
    fate:
      meaningOf(finding.facts.stage).closesUp === 'too-late'
        ? 'The cluster has wide gaps to keep warm. Leave it shut now: opening it in the cold costs more. Close the ' +
          'frames up in spring, on a day when bees fly.'
        : 'Close the frames up before winter, while bees can still join the combs.',
  }),
  'frames.comb-gap': ({ finding, part, figure }) => ({
    title: finding.facts.board ? `gap beside a board in ${part(0)}` : `gaps between the combs in ${part(0)}`,
    what:
      `${figure} from comb to ${finding.facts.board ? 'board' : 'comb'}` +
      `${finding.facts.gaps > 1 ? ` at ${finding.facts.gaps} places, at worst` : ''}.`,
    fate:
      acrossFate(finding.facts.verdict) +
      (finding.facts.brood && finding.facts.verdict === 'bridged' && !finding.facts.board
        ? ' That is what the geometry says; many keep a brood box one frame short and find no harm in it.'
        : ''),
  }),
  'frames.empty-place': ({ finding, part }) => ({
    title: `${finding.facts.places === 1 ? 'an empty place' : `${finding.facts.places} empty places`} in ${part(0)}`,
    what: 'No frame hangs where one could.',
    fate: finding.facts.building
      ? 'Bees fill it with wild comb within days: push the frames together, or hang one in.'
      : 'Bees fill it with wild comb as soon as they build again.',
  }),
  'frames.undrawn-wide': ({ finding, part, figure, limit }) => ({
    title: finding.facts.whole ? `a new box spread wide: ${part(0)}` : `undrawn frames spread wide in ${part(0)}`,
    what:
      `${frames(finding.facts.undrawn)} still to be drawn ` +
      `${finding.facts.undrawn === 1 ? 'hangs' : 'hang'} ${figure} from middle to middle; ` +
      `foundation is drawn straight up to ${limit(there(finding.band).maxMm)}.`,
    fate:
      finding.severity === 'note'
        ? 'These end bars set it so: look in early, and keep drawn comb on both sides of each sheet.'
        : `Bees build a comb between the sheets instead of on them. Let ${finding.facts.full} be ` +
          'drawn first, then take one out and spread the rest.',
  }),
  'frames.foundationless-pair': ({ finding, part }) => ({
    title: `frames without foundation side by side in ${part(0)}`,
    what:
      `${finding.facts.pairs === 1 ? 'One pair has' : `${finding.facts.pairs} pairs have`} no ` +
      'comb between to follow.',
    fate: finding.facts.school
      ? 'Some keep whole boxes so: it goes well where the hive stands plumb and the first combs ' +
        'are looked at within days. Elsewhere bees cross from one into the other.'
      : 'Bees cross from one into the other, and they cannot be lifted apart. Hang each between ' +
        'drawn comb or foundation.',
  }),
  'frames.foundationless-unsupported': ({ finding, part, figure }) => ({
    title: `tall comb without support in ${part(0)}`,
    what:
      `${frames(finding.facts.frames)} ${figure} high without foundation, ` +
      `${finding.facts.said ? 'with no mid-bar and no wires' : 'and no mid-bar or wires noted'}.`,
    fate: 'New comb this tall breaks off in the heat or when the frame is turned.',
  }),
  'frames.drain-loose': ({ part, figure }) => ({
    title: `drain frames apart in ${part(0)}`,
    what: `${figure} between two of them.`,
    fate: 'They only drain clean pushed together; bees close the gap with propolis and the mechanism sticks.',
  }),
  'frames.drain-off-centre': ({ finding, part, figure, reader }) => ({
    title: `drain frames off centre in ${part(0)}`,
    what: `${figure} at one wall, of ${showLength(finding.facts.playMm, reader.units)} play in all.`,
    fate:
      'The way out no longer meets the tube, and a fat comb grows at that wall. Share the play ' +
      'between both walls and take it up with a spacer.',
  }),
  'frames.drain-in-brood': ({ part }) => ({
    title: `drain frames for brood: ${part(0)}`,
    what: 'They hang where the queen lays.',
    fate: 'Comb that drains must stay clean of brood: use them in a super above an excluder only.',
  }),
} satisfies Partial<Tellers<RuleId>>
