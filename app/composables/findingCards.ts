import { causesOf, type Finding, type Remedy } from '#core/checks'
import type { FindingWords } from '#core/wording'

/** A card: the findings of one cause with their words, and the ways out of them. */
export interface FindingCardWords {
  readonly key: string
  readonly findings: readonly { readonly finding: Finding; readonly words: FindingWords }[]
  readonly ways: readonly { readonly remedy: Remedy; readonly word: string }[]
}

/** Findings as cards. While something is tried out no way out is offered, and each finding has its own. */
export function findingCards(
  findings: readonly Finding[],
  wordsOf: (finding: Finding) => FindingWords,
  dry: boolean,
): FindingCardWords[] {
  if (dry)
    return findings.map((finding) => ({ key: finding.key, findings: [{ finding, words: wordsOf(finding) }], ways: [] }))
  return causesOf(findings).map((cause) => {
    const told = cause.findings.map((finding) => ({ finding, words: wordsOf(finding) }))
    return {
      key: cause.findings[0]!.key,
      findings: told,
      ways: cause.ways.map(({ remedy, of, index }) => ({
        remedy,
        word: told.find(({ finding }) => finding === of)!.words.remedies[index]!,
      })),
    }
  })
}
