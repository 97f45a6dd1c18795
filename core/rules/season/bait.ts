import { meaningOf } from '../../yard'
import { insideLitres } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding } from '../finding'
import { attach, takeOff } from '../remedies'
import { isBox, isEntranceFitting, isExcluder, isFloor, find } from '../../parts'

/**
 * Room that a swarm looks for, litres: about 40 (Seeley 1977, Behavioral Ecology and Sociobiology 2, from memory; the
 * bounds too).
 */
const ROOM_LITRES = { least: 25, most: 60 } as const

/**
 * A bait hive: room of the right size, a small door, an old comb without honey, no more on it than that (common
 * practice).
 */
export function checkBait({ layout, assembled }: MeasuredHive, { stage, catalogue }: Context): Finding[] {
  if (meaningOf(stage).comes !== 'as-bait') return []
  const { hive, attached } = assembled
  const boxes = layout.parts.filter(isBox)
  if (boxes.length === 0) return []
  const ids = boxes.map(({ part }) => part.id)
  const found: Finding[] = []
  const litres = boxes.reduce((sum, { resolved }) => sum + insideLitres(resolved), 0)
  if (litres < ROOM_LITRES.least || litres > ROOM_LITRES.most)
    found.push(
      findingOf('season.bait-room', 'note', ids, {
        facts: { litres: Math.round(litres), least: ROOM_LITRES.least, most: ROOM_LITRES.most },
        ways: () => (boxes.length > 1 ? [takeOff(hive, boxes.at(-1)!)] : []),
      }),
    )
  const frames = boxes.flatMap(({ hung }) => hung)
  if (frames.some(({ content }) => content.holds === 'capped-honey' || content.holds === 'nectar'))
    found.push(findingOf('season.bait-honey', 'mend', ids))
  if (frames.length > 0 && !frames.some(({ content }) => content.comb === 'drawn'))
    found.push(findingOf('season.bait-comb', 'note', ids))
  const block = find(catalogue, { kind: 'entrance-fitting', use: 'narrow' })
  const floor = layout.parts.find(isFloor)
  if (floor && !attached.some(isEntranceFitting))
    found.push(
      findingOf('season.bait-door', 'note', [floor.part.id], {
        ways: () => (block ? [attach(hive, block, catalogue)] : []),
      }),
    )
  for (const excluder of layout.parts.filter(isExcluder))
    found.push(findingOf('season.bait-excluder', 'mend', [excluder.part.id], { ways: () => [takeOff(hive, excluder)] }))
  return found
}
