import { keysOf, showLength, type Length } from '#core/units'
import { otherWithSize, type DimensionName, type Pattern, type Part, type Reading } from '#core/parts'
import { RULERS, limitsOf, parseDimension, sizeNonsense, withMeasured, withReading, withReadingInUse } from '#core/yard'
import { dimensionWord, lengthProblemInWords, patternName, sizeNonsenseInWords } from '#core/words'

export const RULER_WORDS = {
  'half-mm': '0.5 mm',
  'one-mm': '1 mm',
  'thirty-second': '1/32 in',
  sixteenth: '1/16 in',
} as const

type OfSizes<T> = Partial<Record<DimensionName, T>>

/** What stands in the fields: what was measured or is typed, on one side and, where it differs, on the other. */
function useSizeTexts(part: () => Part) {
  const preferences = usePreferences()
  const inUnits = (mm: number | undefined) => (mm === undefined ? '' : showLength(mm, preferences.units))
  const typed = reactive<OfSizes<string>>({})
  const typedOther = reactive<OfSizes<string>>({})
  const measuredAs = (name: DimensionName) => inUnits(part().measured?.[name]?.mm)
  /** The right or back side, where it is another one: both sides bear, so that a gap opens towards the lower. */
  const otherAs = (name: DimensionName) => inUnits(part().measured?.[name]?.otherMm)
  const written = (name: DimensionName) => typed[name] ?? measuredAs(name)
  const writtenOther = (name: DimensionName) => typedOther[name] ?? otherAs(name)
  const isOpen = (name: DimensionName) => typedOther[name] !== undefined || otherAs(name) !== ''
  const isSame = (name: DimensionName) => written(name) === measuredAs(name) && writtenOther(name) === otherAs(name)
  return { typed, typedOther, written, writtenOther, isOpen, isSame }
}

/** Reads sizes as they are typed, and says at each field what is wrong with it. */
function useSizeReader(texts: ReturnType<typeof useSizeTexts>) {
  const preferences = usePreferences()
  const problems = reactive<OfSizes<string>>({})
  const otherProblems = reactive<OfSizes<string>>({})
  const meanings = reactive<OfSizes<readonly string[]>>({})
  const ruler = ref<(typeof RULERS)[number]['id']>(preferences.units === 'mm' ? 'half-mm' : 'thirty-second')
  type Parsed = ReturnType<typeof parseDimension>
  const said = (called: string, name: DimensionName, { problem, readings }: Extract<Parsed, { ok: false }>) =>
    lengthProblemInWords(called, problem, limitsOf(name), preferences.units, readings)

  function readOther(name: DimensionName): { readonly otherMm?: number } | undefined {
    const text = texts.writtenOther(name).trim()
    if (text === '') return {}
    const parsed = parseDimension(name, text, preferences.units)
    if (parsed.ok) return { otherMm: parsed.mm }
    otherProblems[name] = said(`${dimensionWord(name)}, right or back side,`, name, parsed)
    return undefined
  }
  function read(name: DimensionName, text: string): Reading | undefined {
    const parsed = parseDimension(name, text, preferences.units)
    if (!parsed.ok) {
      problems[name] = said(dimensionWord(name), name, parsed)
      if (parsed.readings) meanings[name] = parsed.readings
      return undefined
    }
    return {
      id: crypto.randomUUID(),
      dimension: name,
      mm: parsed.mm,
      plusMinusMm: (RULERS.find(({ id }) => id === ruler.value) ?? RULERS[0]).plusMinusMm,
      text: `ruler read to ${RULER_WORDS[ruler.value]}`,
      at: new Date().toISOString(),
      ...(parsed.inches ? { inches: parsed.inches } : {}),
    }
  }
  function forget(name: DimensionName): void {
    delete problems[name]
    delete meanings[name]
    delete otherProblems[name]
  }
  const isSound = () => Object.keys(problems).length + Object.keys(otherProblems).length === 0
  return { problems, otherProblems, meanings, ruler, read, readOther, forget, isSound }
}

/** The sizes of a part as they are typed: every reading kept, what is wrong told at its field, nothing typed lost. */
export function useTypedSizes(part: () => Part, pattern: () => Pattern | undefined, take: (part: Part) => void) {
  const view = useView()
  const preferences = usePreferences()
  const texts = useSizeTexts(part)
  const { read, readOther, forget, isSound, ...reader } = useSizeReader(texts)
  const rows = computed(() =>
    keysOf({ ...pattern()?.dimensions, ...part().measured }).map((name) => ({
      name,
      drawn: pattern()?.dimensions[name],
      measured: part().measured?.[name],
      readings: (part().readings ?? []).filter(({ dimension }) => dimension === name),
    })),
  )
  const shown = (length: Length | undefined) => (length ? showLength(length.mm, preferences.units) : 'not known')
  const sourceOf = (drawn: Length | undefined) =>
    drawn ? `As made ${shown(drawn)}: ${drawn.source.text}` : 'Nobody has said what it is as made.'
  /** Another pattern's own size was typed: asked about once. */
  const asked = reactive<OfSizes<{ readonly mm: number; readonly other: string }>>({})
  function isOthers(name: DimensionName, { mm, plusMinusMm }: Reading): boolean {
    const own = pattern()
    if (!own || asked[name]?.mm === mm) return false
    const other = otherWithSize(view.catalogue, own, name, mm, plusMinusMm)
    if (other) asked[name] = { mm, other: patternName(other.id, view.catalogue, preferences.vocabulary) }
    return other !== undefined
  }
  function save(): void {
    let next = part()
    let unsure = false
    for (const { name, drawn } of rows.value) {
      forget(name)
      if (texts.isSame(name)) continue
      const other = readOther(name)
      // One side as made and the other not: what stands as made is what the pattern has.
      const text = texts.written(name).trim() || (other?.otherMm === undefined ? '' : shown(drawn))
      const reading = text === '' ? undefined : read(name, text)
      if (text === '') next = withMeasured(next, name, undefined)
      if (!reading || !other) continue
      unsure = isOthers(name, reading) || unsure
      next = withReading(next, other.otherMm === reading.mm ? reading : { ...reading, ...other })
    }
    const nonsense = sizeNonsense({ ...pattern()?.dimensions, ...next.measured })
    if (nonsense) reader.problems[nonsense.dimension] ??= sizeNonsenseInWords(nonsense)
    if (isSound() && !unsure) take(next)
  }
  const use = (reading: Reading): void => take(withReadingInUse(part(), reading))
  return reactive({ rows, ...texts, ...reader, asked, shown, sourceOf, save, use })
}
