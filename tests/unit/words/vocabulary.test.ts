import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/parts'
import {
  dueInWords,
  entryInWords,
  mergeSteps,
  SWARM_WAYS,
  cautionInWords,
  inVocabulary,
  patternName,
  type Reader,
  hasOwnWord,
} from '#core/words'
import { CAUTIONS } from '#core/year'
import { entry } from '../../helpers/book'

const AMERICAN: Reader = { vocabulary: 'northAmerican', units: 'inches' }
const BRITISH: Reader = { vocabulary: 'british', units: 'mm' }
const line = (reason: Parameters<typeof dueInWords>[0]['reason'], reader: Reader, name = 'the part') =>
  dueInWords({ id: 'x', hiveId: 'h', day: '2026-08-01', reason }, reader, () => name)

describe('words of the trade on either side of the Atlantic (common practice)', () => {
  it.each([
    ['the crop supers come off, then the crop', 'the honey supers come off, then the harvest'],
    ['lugs on the frame rest, in a castellation', 'ears on the rabbet, in a frame spacer'],
    ['two are united; a colony is united with it', 'two are combined; a colony is combined with it'],
    ['brace comb and wild comb', 'burr comb and burr comb'],
    ['A crop; an eke', 'A harvest; a shim'],
  ])('%s', (british, american) => {
    expect(inVocabulary(british, 'northAmerican')).toBe(american)
    expect(inVocabulary(british, 'british')).toBe(british)
    expect([hasOwnWord(british), hasOwnWord(american)]).toEqual([true, false])
  })

  it('names roofs as each keeper does', () => {
    const names = (id: string) => (['british', 'northAmerican'] as const).map((of) => patternName(id, CATALOGUE, of))
    expect(names('roof-telescoping-langstroth')).toEqual(['deep roof', 'telescoping cover'])
    expect(names('roof-flush-langstroth')).toEqual(['flush roof', 'migratory cover'])
  })

  it('says what is due so, but never what the keeper wrote or named', () => {
    expect(line({ due: 'visit', stage: 'crop', stands: 'flow', parting: 'free' }, AMERICAN).text).toBe(
      'Change to harvest',
    )
    expect(line({ due: 'visit', stage: 'crop', stands: 'flow', parting: 'free' }, BRITISH).text).toBe('Change to crop')
    expect(line({ due: 'task', text: 'fetch the crop boxes' }, AMERICAN).text).toBe('Fetch the crop boxes')
    expect(line({ due: 'headspace', partId: 'p' }, AMERICAN, 'Crop eke of mine').text).toMatch(/Crop eke of mine/)
    const crop = entry('crop', '2026-08-10T10:00', { kg: 10 })
    expect([entryInWords(crop, AMERICAN), entryInWords(crop, BRITISH)]).toEqual([
      expect.stringMatching(/^Harvest taken/),
      expect.stringMatching(/^Crop taken/),
    ])
  })

  it('leaves no word of the other side in a caution or a way of working', () => {
    const own = [
      ...CAUTIONS.map((caution) => cautionInWords(caution, AMERICAN)),
      ...[
        ...mergeSteps('A', 'B'),
        ...SWARM_WAYS.flatMap(({ gains, givesUp, steps }) => [gains, givesUp, ...steps]),
      ].map((text) => inVocabulary(text, 'northAmerican')),
    ]
    for (const text of own) expect(hasOwnWord(text), text).toBe(false)
    for (const text of own) expect(text).not.toMatch(/\bdoors?\b|\ba look\b/)
  })
})
