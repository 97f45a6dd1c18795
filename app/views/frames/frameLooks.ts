import { inWords, isFrame } from '#core/parts'
import { COMB_WORDS, holdsWord, SUPPORT_WORDS } from '#core/words'
import type { HungDrawing } from '~/drawing/frames-from-above'

/** What fills a comb, by what it holds. */
const HATCH: Record<string, string> = {
  'capped-honey': 'url(#hatch-honey)',
  nectar: '#f7e3a4',
  pollen: 'url(#hatch-chips)',
  brood: 'url(#hatch-brood)',
  empty: '#efe0c2',
}

/** How each frame of the box in view looks from above, and what is written on it. */
export function useFrameLooks() {
  const frames = useFrames()
  const preferences = usePreferences()
  const byId = computed(() => new Map(frames.shown?.contents.map((content) => [content.id, content])))
  const contentOf = (id: string) => byId.value.get(id)
  function named(id: string): string {
    const pattern = frames.catalogue.hanging.get(contentOf(id)?.patternId ?? '')
    return pattern ? inWords(pattern.label, preferences.vocabulary) : 'unknown frame'
  }
  /** What is written on a frame: what it holds, else how far it is. */
  function tag(id: string): string {
    const content = contentOf(id)
    if (!content) return ''
    const pattern = frames.catalogue.hanging.get(content.patternId)
    if (pattern && !isFrame({ pattern })) return inWords(pattern.label, preferences.vocabulary)
    const support = content.support && content.support !== 'none' ? `, ${SUPPORT_WORDS[content.support]}` : ''
    const state = content.holds
      ? holdsWord(content.holds, preferences.reader)
      : content.comb
        ? COMB_WORDS[content.comb]
        : ''
    return `${state}${support}${content.turned ? (state ? ', turned' : 'turned') : ''}`
  }
  function fill({ id, holdsComb, look }: HungDrawing): string {
    const content = contentOf(id)
    if (!holdsComb) return look === 'syrup' ? '#f6e4a8' : 'url(#hatch-timber)'
    if (content?.comb && content.comb !== 'drawn')
      return content.comb === 'plastic-foundation' ? '#5d6c6c' : content.comb === 'wax-foundation' ? '#d29d25' : 'none'
    return HATCH[content?.holds ?? ''] ?? (frames.use === 'brood' ? '#dcb68a' : '#f3dca0')
  }
  return { named, tag, fill }
}
