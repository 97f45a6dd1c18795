import { inWords, type Catalogue } from '../../parts'
import type { Remedy, RemedyKind } from '../../rules'
import { showLength, there } from '../../units'
import { ofFormat, patternName, the, type Reader } from '../names'
import { withArticle } from './common'

/** What the button of a remedy says, with the figure that it gives. */
export function remedyInWords(
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
      const wanted = sameName ? ofFormat(there(remedy.patternId), pattern, catalogue) : pattern
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

/** What the button of a remedy about frames says. */
function frameRemedyInWords(
  kind: string,
  { partName, boxes }: { readonly partName: string; readonly boxes: number | undefined },
  count: number | undefined,
  dummyName: string,
): string | undefined {
  const box = boxes === undefined ? the(partName) : `each of the ${boxes} boxes`
  const words: Record<string, string> = {
    'push-together': `Push the frames in ${box} together`,
    'centre-frames': `Share the room in ${box} between both walls`,
    'touch-one-side': `Push the frames in ${box} together, to one wall`,
    castellate: `Hang them in a castellation of ${count}`,
    'leave-out': `Leave ${count} out of ${box}`,
    alternate: `Hang each between comb it can follow`,
    'add-dummy': `Put a ${dummyName} in ${box}`,
    'add-frames': `Hang ${count === 1 ? 'one more frame' : `${count} more frames`} in ${box}`,
    'wire-frames': `Note wires in ${count === 1 ? 'this frame' : `these ${count} frames`}`,
  }
  return words[kind]
}
