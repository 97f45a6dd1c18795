import { CATALOGUE } from '#core/parts'
import { buildHive, emptyYard, type Yard } from '#core/yard'
import { assessYard } from '#core/words'

/** Every hive of a yard assessed with its words, as the worker does it, told to nobody. */
export function assessAll(yard: Yard): Promise<boolean> {
  const reader = { vocabulary: 'british', units: 'mm' } as const
  return assessYard(
    yard,
    {},
    reader,
    () => undefined,
    () => false,
  )
}

/** A yard of many hives, nine parts each. */
export function manyHives(count: number): Yard {
  const stacks = [
    [
      'stand-timber-200',
      'floor-mesh-national',
      'box-national-brood',
      'excluder-framed-national',
      'box-national-super-top-space',
      'box-national-super',
      'box-national-super',
      'crown-national',
      'roof-telescoping-national',
    ],
    [
      'stand-timber-200',
      'floor-solid-langstroth',
      'box-langstroth-deep',
      'box-langstroth-deep',
      'excluder-framed-langstroth',
      'box-langstroth-medium',
      'box-langstroth-medium',
      'crown-langstroth',
      'roof-telescoping-langstroth',
    ],
  ]
  const built = Array.from({ length: count }, (_, i) => {
    let n = 0
    const built = buildHive(
      { name: `Hive ${i + 1}`, stage: 'flow', stack: stacks[i % 2]!.map((id) => [id] as const) },
      CATALOGUE,
      () => `h${i}/${n++}`,
    )
    return {
      ...built,
      parts: built.parts.map((part) =>
        part.contents.length > 0
          ? {
              ...part,
              measured: {
                depth: {
                  mm: CATALOGUE.patterns.get(part.patternId)!.dimensions.depth!.mm + (i % 7) / 10,
                  plusMinusMm: 0.5,
                  source: { mark: 'measured' as const, text: 'bench' },
                },
              },
            }
          : part,
      ),
    }
  })
  return {
    ...emptyYard(`many-${count}`, 'Kiln Bank'),
    hives: built.map(({ hive }) => hive),
    parts: built.flatMap(({ parts }) => parts),
  }
}
