import type { Catalogue } from '../../parts'
import { remediesOf, type Finding, type RuleId } from '../../rules'
import { heldAgainst, limitAgainst, unevenInWords } from '../gap-words'
import { capital, type Reader } from '../names'
import { severityWord } from '../severity-words'
import { inVocabulary } from '../vocabulary'
import { TELL_BETWEEN_PARTS } from './between-parts'
import { TELL_COLONY } from './colony'
import { TELL_DOOR_AND_TOP } from './door-and-top'
import { TELL_FRAMES } from './frames'
import { TELL_ORDER } from './order'
import { remedyInWords } from './remedies'
import { TELL_SUPERS_AND_FOOD } from './supers-and-food'
import type { Tellers, Telling, ToldFinding } from './telling'

/** What a finding says: what is, what comes of it, in a word and in a line. */
export interface FindingWords extends ToldFinding {
  readonly severity: string
  /** The whole in half a line, for a row of hives. */
  readonly short: string
  /** What the buttons of its ways out say; they are tried once this is read. */
  readonly remedies: readonly string[]
}

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
  const short = `${plain.before ?? ''}${told.title}`
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

function tell<R extends RuleId>(telling: Telling<R>): ToldFinding {
  return TELL[telling.finding.rule](telling)
}

const TELL: Tellers<RuleId> = {
  ...TELL_COLONY,
  ...TELL_ORDER,
  ...TELL_BETWEEN_PARTS,
  ...TELL_FRAMES,
  ...TELL_DOOR_AND_TOP,
  ...TELL_SUPERS_AND_FOOD,
}

/** Every rule that there is a sentence for. */
export const TOLD_RULES: readonly string[] = Object.keys(TELL)

/** The limits that a finding's figure is held against, mm: a band's, or the least that will do. */
export function limitsOf({ band, facts }: Finding): readonly number[] {
  if (band) return [band.minMm, band.maxMm]
  return 'leastMm' in facts && typeof facts.leastMm === 'number' ? [facts.leastMm] : []
}
