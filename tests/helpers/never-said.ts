import type { Reader } from '#core/words'

export const READERS: readonly Reader[] = (['mm', 'inches'] as const).flatMap((units) =>
  (['british', 'northAmerican'] as const).map((vocabulary) => ({ units, vocabulary })),
)

/** What no reader is to read: each with what it is, so that a failure says what is wrong. */
const NEVER: readonly (readonly [what: string, found: RegExp, of?: (reader: Reader) => boolean])[] = [
  [
    'a British word',
    /\b(roofs?|crowns?|crown boards?|brood box(es)?|dummy|dummies|ekes?|floors?|lugs?|castellations?|brace comb|crops?|united?)\b/i,
    ({ vocabulary }) => vocabulary === 'northAmerican',
  ],
  [
    'an American word',
    /\b(inner cover|outer cover|hive body|hive bodies|bottom board|follower|shim)\b/i,
    ({ vocabulary }) => vocabulary === 'british',
  ],
  [
    'a metric figure',
    /\d\s?(mm|cm²?|dm²|m²|m³|mL|L|g|km|m²K\/W|kg|°C)(?![\w/])|litres?|kilogram|metre|kg\/m/,
    ({ units }) => units === 'inches',
  ],
  [
    'an imperial figure',
    /\d[./]\d+ in\b(?! (100|the) )|\d (lb|oz|°F|mph|ft|miles?)\b|\bquarts\b/,
    ({ units }) => units === 'mm',
  ],
  ['a figure of nothing', /undefined|NaN|Infinity|null|\[object|± 0( |$)|\d[+−]( |$|\.)|−0( |$)/],
  ['a count that does not agree', /\b1 (frames|gaps|pairs|lifts|moves|boxes|combs|places|supers|findings)\b|\bAll 1\b/],
  ['an article that does not fit', /\ba [aeio]|\ban [bcdfgjklmnpqrstvwxz]/i],
  ['a word said twice', /\b([a-z]{3,}) \1\b/i],
  ['two words run into one', /\b(?!Mc|Duvet)[a-z]{3,}[A-Z][a-z]{2,}/],
  ['a day as a machine writes it', /\b\d{4}-\d{2}-\d{2}\b/],
  ['an empty name', / {2}|\(\)|: ?[.|]|^\s*$|\bthe [,.]/],
]

/** Throws at the first line that says what this reader is never to read. */
export function look(lines: readonly string[], reader: Reader, of: string): void {
  for (const line of lines)
    for (const [what, found, applies] of NEVER) {
      // Names of boxes by their depth in inches are names, not figures.
      const text = line.replace(/,? ?9 (9\/16|5\/8) in\b/g, '')
      if (text && (!applies || applies(reader)) && found.test(text))
        throw new Error(`${what} for ${reader.vocabulary}, ${reader.units} in ${of}: ${line}`)
    }
}
