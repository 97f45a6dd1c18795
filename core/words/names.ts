import { there } from '../units'
import {
  HIVE_FORMATS,
  isFormat,
  inWords,
  type Vocabulary,
  formatName,
  type Catalogue,
  type HangingPattern,
  type Pattern,
  isBox,
  isFrame,
  type ResolvedPart,
} from '../parts'
import { type Stage, meaningOf, type Yard } from '../yard'
import type { UnitSystem } from '../units'

/** How one reader wants things said. */
export interface Reader {
  readonly vocabulary: Vocabulary
  readonly units: UnitSystem
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** So many of a thing: `1 frame`, `4 frames`. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`
}

const LISTED = new Intl.ListFormat('en-GB', { type: 'conjunction' })

/** Names one after the other: `a`, `a and b`, `a, b and c`. */
export const listed = (names: readonly string[]): string => LISTED.format(names)

/** The name with its article, where it is not numbered and not the keeper's own: `the crown board`, `super 1`. */
export function the(name: string): string {
  return /^[a-z]/.test(name) && !/\d$/.test(name) ? `the ${name}` : name
}

export function stageWord(stage: Stage): string {
  return meaningOf(stage).words
}

/** What a pattern is called; an identity that the catalogue lacks stays visible as it is. */
export function patternName(patternId: string, catalogue: Catalogue, vocabulary: Vocabulary): string {
  const pattern = catalogue.patterns.get(patternId)
  return pattern ? inWords(pattern.label, vocabulary) : `unknown pattern “${patternId}”`
}

/** A pattern's name with its format: two formats of a part may be called alike. */
export function ofFormat(patternId: string, name: string, catalogue: Catalogue): string {
  const format = catalogue.patterns.get(patternId)?.format
  return format && format !== 'any' ? `${name}, ${formatName(format)}` : name
}

/** A pattern's name without its format, where only one format is in sight. */
export function shortPatternName(pattern: Pattern, vocabulary: Vocabulary): string {
  const name = inWords(pattern.label, vocabulary)
  const leftOut = isFormat(pattern.format) ? HIVE_FORMATS[pattern.format].leftOut : null
  return capital(leftOut && name.startsWith(`${leftOut} `) ? name.slice(leftOut.length + 1) : name)
}

/** The short line under a part's name: what it is as made, and what hangs in it. */
export function partDetail({ pattern, hung }: Pick<ResolvedPart, 'pattern' | 'hung'>, vocabulary: Vocabulary): string {
  if (!pattern) return 'not in this catalogue'
  return isBox({ pattern }) ? `${inWords(pattern.label, vocabulary)}, ${hungInWords(hung, vocabulary)}` : ''
}

const BOARD_WORDS: Readonly<Record<HangingPattern['kind'], Record<Vocabulary, string>>> = {
  dummy: { british: 'dummy', northAmerican: 'follower' },
  feeder: { british: 'feeder', northAmerican: 'feeder' },
  division: { british: 'division', northAmerican: 'division' },
  frame: { british: 'frame', northAmerican: 'frame' },
}

function hungInWords(hung: ResolvedPart['hung'], vocabulary: Vocabulary): string {
  const boards = hung.filter(({ pattern }) => pattern && !isFrame({ pattern }))
  const frames = hung.length - boards.length
  const others =
    boards.length === 1
      ? ` + ${BOARD_WORDS[there(boards[0]!.pattern).kind][vocabulary]}`
      : boards.length > 1
        ? ` + ${boards.length} boards`
        : ''
  return `${frames === 0 ? 'no frames' : counted(frames, 'frame')}${others}`
}

/** The first of many names, and how many more there are. */
export function someNamed(names: readonly string[], most = 4): string {
  const more = names.length - most
  return names.slice(0, most).join(', ') + (more > 0 ? ` and ${more} more` : '')
}

/** The name of a hive of a yard, by its identity; what a record says of one that was removed. */
export function hiveNameIn({ hives }: Pick<Yard, 'hives'>, hiveId: string): string {
  return hives.find(({ id }) => id === hiveId)?.name ?? 'a hive that is gone'
}
