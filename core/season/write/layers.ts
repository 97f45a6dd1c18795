import { FOOTPRINTS, type Catalogue, type Format, type Pattern } from '../../catalogue'
import { LIMITS } from '../../checks'
import { spacedFor } from '../../frames'
import { isBox, isExcluder, isFeeder, isFloor, isFramePattern, isStand, resolvePart } from '../../parts'
import type { AssembledHive } from '../../geometry'
import { hasHeldBrood, isCold, newPart, newPlacement, WANTED, type BoxSize, type Content, type Part, type Placement, type Role, type Stage, type Way } from '../../hive'
import { isUndrawn } from '../../comb'
import { alike, boxIdOf, formBoxes, sizeOf } from '../ways'
import { isWanted, type Pool } from './pool'
import { supersAt } from './stages'

/** A layer of a stage: the part, changed where the stage asks for it, and how it stands. */
export interface Layer {
  readonly part: Part
  readonly placement: Placement
}

/** What one stage is written from. */
export interface Writing {
  readonly stage: Stage
  readonly way: Way
  readonly assembled: AssembledHive
  readonly catalogue: Catalogue
  readonly pool: Pool
  readonly format: Format
}

/** The layers of a hive at a stage, bottom first (the domain's table of stages; common practice). */
export function layersAt(writing: Writing): Layer[] {
  const { stage, way } = writing
  const { brood, food } = broodBoxes(writing)
  const supers = superBoxes(writing, supersAt(stage, way))
  const excluder = supers.length > 0 && way.excluder !== 'none' ? [excluderOf(writing)] : []
  const overBrood = way.excluder === 'above-food' ? [...brood, ...food, ...excluder] : [...brood, ...excluder, ...food]
  return [...ground(writing), ...overBrood, ...supers, ...tops(writing)]
}

function layer({ assembled, catalogue }: Writing, part: Part, role?: Role): Layer {
  const standing = assembled.stack.find(({ part: one }) => one.id === part.id)?.placement
  const fresh = newPlacement(part.id, catalogue.patterns.get(part.patternId), role)
  return { part, placement: standing ? (role ? { ...standing, role } : standing) : fresh }
}

/** Stands as they are, and the floor by the way of keeping. */
function ground(writing: Writing): Layer[] {
  const { assembled, way, format, pool } = writing
  const stands = assembled.stack.filter(isStand).map(({ part }) => layer(writing, pool.take(part.patternId, (one) => one.id === part.id)))
  const floorId = way.floor === 'as-it-stands' ? undefined : `floor-${way.floor === 'mesh-and-insert' ? 'insert' : way.floor}-${FOOTPRINTS[format].short}`
  const floor = floorId ? pool.take(floorId) : pool.take(`floor-mesh-${FOOTPRINTS[format].short}`, (_, pattern) => isFloor({ pattern }) && pattern?.format === format)
  return [...stands, layer(writing, floor)]
}

/** Where the colony lives: all of it, one box while it settles or where it winters in one; food boxes stay with it. */
function broodBoxes(writing: Writing): { brood: Layer[]; food: Layer[] } {
  const { stage, way, assembled, format, pool, catalogue } = writing
  const form = way.broodForm === 'as-it-stands' ? undefined : formBoxes(way.broodForm, format)
  const lone = stage === 'settling' || stage === 'bait' || (isCold(stage) && way.winterSize === 'one')
  const boxes: Layer[] = []
  const inUse = assembled.stack.filter(({ pattern, placement }) => isBox({ pattern }) && placement.role !== 'super')
  if (form) {
    for (const { size, role } of form) if (!(lone && role === 'brood' && boxes.some(({ placement }) => placement.role === 'brood'))) boxes.push(layer(writing, framed(boxOf(writing, size, (part) => inUse.some((one) => one.part.id === part.id) || part.hasHeld.includes('brood') || !part.hasHeld.includes('honey') || role === 'food'), writing), role))
    // A box that the keeper has said is food stays food, whatever the form.
    for (const { part, placement } of inUse) if (placement.role === 'food' && !boxes.some((one) => one.part.id === part.id)) boxes.push(layer(writing, pool.take(part.patternId, (one) => one.id === part.id), 'food'))
  } else {
    for (const { part, placement } of inUse) {
      if (lone && placement.role === 'brood' && boxes.some((one) => one.placement.role === 'brood')) continue
      boxes.push(layer(writing, framed(pool.take(part.patternId, (one) => one.id === part.id), writing), placement.role))
    }
    if (boxes.length === 0) boxes.push(layer(writing, framed(pool.take(boxIdOf(format, 'deep') ?? boxIdOf(format, 'medium')!, (_, pattern) => pattern !== undefined && pattern.format === format && catalogue.patterns.get(pattern.id)?.usualRole === 'brood'), writing), 'brood'))
  }
  return { brood: boxes.filter(({ placement }) => placement.role === 'brood'), food: stage === 'settling' || stage === 'bait' ? [] : boxes.filter(({ placement }) => placement.role === 'food') }
}

function boxOf(writing: Writing, size: BoxSize, willDo: (part: Part) => boolean): Part {
  const { format, pool, assembled, catalogue } = writing
  const standing = assembled.stack.filter(isBox).map(({ pattern }) => pattern)
  const id = alike(boxIdOf(format, size)!, standing, catalogue)
  return pool.take(id, (part, pattern) => isPlainBox(pattern, catalogue.patterns.get(id)!.format) && sizeOf(pattern!) === sizeOf(catalogue.patterns.get(id)!) && willDo(part))
}

function isPlainBox(pattern: Pattern | undefined, format: Pattern['format']): boolean {
  return isBox({ pattern }) && pattern?.format === format && !pattern.halves && !pattern.sections && !pattern.cleanComb
}

/** The supers of the hive's format that stand there now, from below; then the shed's that never held brood; then new ones. */
function superBoxes(writing: Writing, count: number): Layer[] {
  const { assembled, pool, format, way, catalogue } = writing
  const size = boxIdOf(format, way.superSize) ? way.superSize : 'deep'
  const formats = new Set<string | undefined>([format, catalogue.patterns.get(boxIdOf(format, size)!)?.format])
  const standing = assembled.stack.filter(isBox).filter(({ pattern, placement }) => formats.has(pattern.format) && placement.role === 'super').slice(0, count)
  const kept = standing.map(({ part }) => pool.take(part.patternId, (one) => one.id === part.id))
  const more = Array.from({ length: count - kept.length }, () => boxOf(writing, size, (part) => !hasHeldBrood(part)))
  return [...kept, ...more].map((part) => layer(writing, spaced(started(framed(part, writing), writing), writing), 'super'))
}

/** An empty shell is given the frames it is made for: they have to be got. */
function framed(part: Part, { catalogue }: Pick<Writing, 'catalogue'>): Part {
  const pattern = catalogue.patterns.get(part.patternId)
  if (part.contents.length > 0 || !pattern?.normalContents) return part
  let n = 0
  return { ...part, contents: newPart(pattern, catalogue, () => `${WANTED}frames/${part.id}/${n++}`).contents }
}

/** What hangs in a super and is still to be had: as its frames are started; tall ones that are built freely have a mid-bar. */
function started(part: Part, { way: { superStart }, catalogue }: Pick<Writing, 'way' | 'catalogue'>): Part {
  const fresh = part.contents.filter(isWanted)
  if (fresh.length === 0) return part
  const tall = ({ patternId }: Content) => (catalogue.hanging.get(patternId)?.height.mm ?? 0) > LIMITS.unsupportedComb.value
  const comb = (place: number) => (superStart === 'foundation' || (superStart === 'alternating' && place % 2 === 0) ? 'wax-foundation' as const : 'foundationless' as const)
  return { ...part, contents: part.contents.map((content) => {
    if (!isWanted(content) || !isFramePattern(catalogue.hanging.get(content.patternId))) return content
    const start = comb(content.place)
    return { ...content, comb: start, ...(start === 'foundationless' && tall(content) ? { support: 'mid-bar' as const } : {}) }
  }) }
}

/** Fewer frames only in drawn comb, and only in the flow. */
function spaced(part: Part, { stage, way, catalogue }: Writing): Part {
  if (way.framesLess === 0 || stage !== 'flow' || part.contents.length === 0 || part.contents.some(isUndrawn)) return part
  const box = resolvePart(part, catalogue)
  const count = (box.pattern?.normalContents?.count ?? part.contents.length) - way.framesLess
  if (count < 1 || part.contents.length <= count) return part
  return spacedFor(box, count, catalogue)?.part ?? part
}

function excluderOf(writing: Writing): Layer {
  const { format, pool } = writing
  return layer(writing, pool.take(`excluder-framed-${FOOTPRINTS[format].short}`, (_, pattern) => isExcluder({ pattern }) && pattern?.format === format))
}

/** Crown, winter top, feeder and roof. */
function tops(writing: Writing): Layer[] {
  const { stage, way, format, pool } = writing
  const short = FOOTPRINTS[format].short
  const kind = (wanted: Pattern['kind']) => (_: Part, pattern: Pattern | undefined) => pattern?.kind === wanted && pattern.format === format
  const cold = isCold(stage)
  const feeder = way.feeds && (stage === 'settling' || stage === 'after-crop') ? pool.take(`feeder-tray-${short}`, (_, pattern) => isFeeder({ pattern }) && pattern?.feederForm === 'tray' && pattern.format === format) : undefined
  if (stage === 'moving') return [layer(writing, pool.take(`travel-screen-${short}`)), layer(writing, pool.take(`roof-flush-${short}`, (part, pattern) => kind('roof')(part, pattern) && pattern?.roofForm === 'flush'))]
  const crown = pool.take(`crown-${short}`, (part, pattern) => kind('crown')(part, pattern) && pattern?.surface !== 'mesh')
  const closed = cold && way.winterTop === 'condensing' && crown.hole === 'open' ? { ...crown, hole: 'closed' as const } : cold && (way.winterTop === 'absorbing' || way.winterTop === 'vented') && crown.hole === 'closed' ? { ...crown, hole: 'open' as const } : crown
  const top = !cold || way.winterTop === 'bare' ? [] : [layer(writing, way.winterTop === 'absorbing' ? pool.take(`absorber-${short}`, kind('absorber')) : pool.take(`slab-${short}`, kind('slab')))]
  const vent = cold && way.winterTop === 'vented' ? [layer(writing, pool.take(`vent-rim-${short}`))] : []
  const roof = pool.take(`roof-telescoping-${short}`, kind('roof'))
  return [...(feeder ? [layer(writing, feeder)] : []), layer(writing, closed), ...vent, ...top, layer(writing, roof)]
}
