import { describe, expect, it } from 'vitest'
import { SHIPPED_FIGURES } from '#core/figures'
import { glossary, splitterOf } from '#core/words'
import { look, READERS } from '../../helpers/never-said'

const words = (vocabulary: 'british' | 'northAmerican', units: 'mm' | 'inches') =>
  glossary(SHIPPED_FIGURES, { vocabulary, units })

describe('the words of the trade', () => {
  it.each(READERS)('are told in the words and figures of their reader: $vocabulary, $units', (reader) => {
    const all = glossary(SHIPPED_FIGURES, reader)
    look(
      all.map(({ word }) => word),
      reader,
      'the words',
    )
    look(
      all.map(({ means }) => means),
      reader,
      'what they mean',
    )
  })

  it('are each there once, with what they mean', () => {
    const all = words('british', 'mm')
    expect(new Set(all.map(({ word }) => word)).size).toBe(all.length)
    for (const { word, means } of all) expect(means, word).toMatch(/^[A-Z].*[.]$/)
  })

  it.each(READERS)('are met in a sentence as they stand, each with its meaning: $vocabulary, $units', (reader) => {
    const all = glossary(SHIPPED_FIGURES, reader)
    const split = splitterOf(all)
    for (const { word } of all.flatMap((one) => one.word.split(', ').map((word) => ({ ...one, word })))) {
      const met = split(`Here is ${word}.`).find(({ text }) => text === word)
      expect(met?.means, word).toMatch(/^[A-Z].*[.]$/)
    }
  })

  it('are the reader’s own, with the figure in the reader’s unit', () => {
    const american = words('northAmerican', 'inches').map(({ word }) => word)
    expect(american).toContain('hive body')
    expect(american).toContain('inner cover')
    expect(american).not.toContain('crown board')
    expect(words('british', 'mm')[0]!.means).toContain('6.35 mm to 9.53 mm')
    expect(words('northAmerican', 'inches')[0]!.means).toContain('1/4')
  })

  it('say the bee space that the yard counts with', () => {
    const own = { ...SHIPPED_FIGURES, beeSpaceMinMm: 6, beeSpaceMaxMm: 9 }
    expect(glossary(own, { vocabulary: 'british', units: 'mm' })[0]!.means).toContain('6 mm to 9 mm')
  })

  it('are found in a sentence where they come first, whole, and the longer before the shorter', () => {
    const split = splitterOf(words('british', 'mm'))
    const sentence = 'Brood box over brood: propolis, the rims, a superb rest and propolis.'
    const pieces = split(sentence)
    expect(pieces.map(({ text }) => text).join('')).toBe(sentence)
    expect(pieces.filter(({ means }) => means).map(({ text }) => text)).toEqual([
      'Brood box',
      'brood',
      'propolis',
      'rest',
    ])
    expect(split('Nothing of the trade.')).toEqual([{ text: 'Nothing of the trade.' }])
  })
})
