import { there } from '#core/units'
import { causesOf, type Finding, type Remedy } from '#core/rules'
import type { FindingWords } from '#core/words'

/** A card: the findings of one cause with their words, and the ways out of them. */
export interface FindingCardWords {
  readonly key: string
  readonly findings: readonly {
    readonly finding: Finding
    readonly words: FindingWords
    readonly ways: readonly WayWords[]
  }[]
  /** What puts several of them right at once. */
  readonly shared: readonly WayWords[]
}

/** A way out with its words. */
export interface WayWords {
  readonly remedy: Remedy
  readonly word: string
}

/** Findings as cards. While something is tried out no way out is offered, and each finding has its own. */
export function findingCards(
  findings: readonly Finding[],
  wordsOf: (finding: Finding) => FindingWords,
  dry: boolean,
): FindingCardWords[] {
  if (dry)
    return findings.map((finding) => ({
      key: finding.key,
      findings: [{ finding, words: wordsOf(finding), ways: [] }],
      shared: [],
    }))
  return causesOf(findings).map((cause) => {
    const words = new Map(cause.findings.map((finding) => [finding, wordsOf(finding)]))
    const ways = cause.ways.map((way) => ({ ...way, word: there(words.get(way.of)).remedies[way.index]! }))
    return {
      key: cause.findings[0]!.key,
      findings: cause.findings.map((finding) => ({
        finding,
        words: there(words.get(finding)),
        ways: ways.filter(({ of, shared }) => of === finding && !shared),
      })),
      shared: ways.filter(({ shared }) => shared),
    }
  })
}
