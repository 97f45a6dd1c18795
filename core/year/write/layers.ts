import { there } from '../../units'
import {
  boxOfSize,
  need,
  type BoxSize,
  type Pattern,
  isBox,
  isFramePattern,
  isStand,
  resolvePart,
  isUndrawn,
  type Content,
  type Part,
} from '../../parts'
import { spacedFor } from '../../stack'
import { hasHeldBrood, isCold, newPart, WANTED, meaningOf } from '../../yard'
import { formBoxes, usualSpace } from '../ways'
import { isWanted } from './pool'
import { supersAt } from './stages'
import { excluderOf, tops } from './tops'
import { type Writing, type PlannedLayer, layer } from './writing'

/** The layers of a hive at a stage, bottom first (the domain's table of stages; common practice). */
export function layersAt(writing: Writing): PlannedLayer[] {
  const { stage, way } = writing
  const { brood, food: fed } = broodBoxes(writing)
  const count = supersAt(stage, way)
  const supers = superBoxes(writing, count)
  const food = count > 0 || !meaningOf(stage).supersMayBeFood ? fed : [...fed, ...supersAsFood(writing)]
  const excluder = supers.length > 0 && way.excluder !== 'none' ? [excluderOf(writing)] : []
  const overBrood = way.excluder === 'above-food' ? [...brood, ...food, ...excluder] : [...brood, ...excluder, ...food]
  return [...ground(writing), ...overBrood, ...supers, ...tops(writing)]
}

/** Supers that the food of the hive does not let go: they stay where they are, as food. */
function supersAsFood(writing: Writing): PlannedLayer[] {
  return writing.assembled.stack
    .filter(({ part }) => writing.keptAsFood.has(part.id))
    .map(({ part }) => layer(writing, writing.pool.keep(part), 'food'))
}

/** Stands as they are, and the floor by the way of keeping. */
function ground(writing: Writing): PlannedLayer[] {
  const { assembled, way, format, pool, catalogue } = writing
  const stands = assembled.stack.filter(isStand).map(({ part }) => layer(writing, pool.keep(part)))
  const wanted = { kind: 'floor', format } as const
  const use = way.floor === 'mesh-and-insert' ? 'insert' : way.floor
  const floor =
    use === 'as-it-stands'
      ? pool.take(need(catalogue, { ...wanted, use: 'mesh' }), wanted)
      : pool.take(need(catalogue, { ...wanted, use }))
  return [...stands, layer(writing, floor)]
}

/** Where the colony lives: all of it, one box while it settles or where it winters in one; food boxes stay with it. */
function broodBoxes(writing: Writing): { brood: PlannedLayer[]; food: PlannedLayer[] } {
  const { stage, way, assembled, format, pool, catalogue } = writing
  const form = way.broodForm === 'as-it-stands' ? undefined : formBoxes(way.broodForm, format, catalogue)
  const { livesInOneBox } = meaningOf(stage)
  const lone = livesInOneBox || (isCold(stage) && way.winterSize === 'one')
  const boxes: PlannedLayer[] = []
  const inUse = assembled.stack.filter(({ pattern, placement }) => isBox({ pattern }) && placement.role !== 'super')
  if (form) {
    for (const { size, role } of form)
      if (!(lone && role === 'brood' && boxes.some(({ placement }) => placement.role === 'brood')))
        boxes.push(
          layer(
            writing,
            framed(
              boxOf(
                writing,
                size,
                (part) =>
                  inUse.some((one) => one.part.id === part.id) ||
                  part.hasHeld.includes('brood') ||
                  !part.hasHeld.includes('honey') ||
                  role === 'food',
              ),
              writing,
            ),
            role,
          ),
        )
    // A box that the keeper has said is food stays food, whatever the form.
    for (const { part, placement } of inUse)
      if (placement.role === 'food' && !boxes.some((one) => one.part.id === part.id))
        boxes.push(layer(writing, pool.keep(part), 'food'))
  } else {
    for (const { part, placement } of inUse) {
      if (lone && placement.role === 'brood' && boxes.some((one) => one.placement.role === 'brood')) continue
      boxes.push(layer(writing, framed(pool.keep(part), writing), placement.role))
    }
    if (boxes.length === 0)
      boxes.push(
        layer(
          writing,
          framed(
            pool.take(
              boxOfSize(catalogue, format, 'deep') ?? there(boxOfSize(catalogue, format, 'medium')),
              { kind: 'box', format },
              (_, pattern) => pattern?.usualRole === 'brood',
            ),
            writing,
          ),
          'brood',
        ),
      )
  }
  return {
    brood: boxes.filter(({ placement }) => placement.role === 'brood'),
    food: livesInOneBox ? [] : boxes.filter(({ placement }) => placement.role === 'food'),
  }
}

function boxOf(writing: Writing, size: BoxSize, willDo: (part: Part) => boolean): Part {
  const { format, pool, assembled, catalogue } = writing
  const pattern = there(
    boxOfSize(catalogue, format, size, usualSpace(assembled.stack.filter(isBox).map((box) => box.pattern))),
  )
  // Either bee space will do: what is in the shed is used before anything is bought.
  return pool.take(pattern, { kind: 'box', format: pattern.format, size: pattern.size }, willDo)
}

/**
 * The supers of the hive's format that stand there now, from below; then the shed's that never held brood; then new
 * ones.
 */
function superBoxes(writing: Writing, count: number): PlannedLayer[] {
  const { assembled, pool, format, way, catalogue } = writing
  const size = boxOfSize(catalogue, format, way.superSize) ? way.superSize : 'deep'
  const own = boxOfSize(catalogue, format, size)
  const standing = assembled.stack
    .filter(isBox)
    .filter(
      ({ pattern, placement }) =>
        placement.role === 'super' && (!own || standOnEachOther(pattern, own, catalogue.figures.makesMeetMm)),
    )
    .slice(0, count)
  const kept = standing.map(({ part }) => pool.keep(part))
  const clean = (part: Part) => !hasHeldBrood(part)
  // Supers of another make that fits are gone on with: nobody buys a second size beside them.
  const like = standing[0]?.pattern
  const more = Array.from({ length: count - kept.length }, () =>
    like && like.format !== own?.format
      ? pool.take(like, { kind: 'box', format: like.format, size: like.size }, clean)
      : boxOf(writing, size, clean),
  )
  return [...kept, ...more].map((part) =>
    layer(writing, spaced(started(framed(part, writing), writing), writing), 'super'),
  )
}

/** Two makes of box whose outsides differ by no more than their joint bears. */
function standOnEachOther({ dimensions: a }: Pattern, { dimensions: b }: Pattern, mostMm: number): boolean {
  return (['outsideLength', 'outsideWidth'] as const).every(
    (name) => Math.abs((a[name]?.mm ?? 0) - (b[name]?.mm ?? 0)) <= mostMm,
  )
}

/** An empty shell is given the frames it is made for: they have to be got. */
function framed(part: Part, { catalogue }: Pick<Writing, 'catalogue'>): Part {
  const pattern = catalogue.patterns.get(part.patternId)
  if (part.contents.length > 0 || !pattern?.normalContents) return part
  let n = 0
  return { ...part, contents: newPart(pattern, catalogue, () => `${WANTED}frames/${part.id}/${n++}`).contents }
}

/**
 * What hangs in a super and is still to be had: as its frames are started; tall ones that are built freely have a
 * mid-bar.
 */
function started(part: Part, { way: { superStart }, catalogue }: Pick<Writing, 'way' | 'catalogue'>): Part {
  const fresh = part.contents.filter(isWanted)
  if (fresh.length === 0) return part
  const tall = ({ patternId }: Content) =>
    (catalogue.hanging.get(patternId)?.height.mm ?? 0) > catalogue.figures.unsupportedCombMm
  const comb = (place: number) =>
    superStart === 'foundation' || (superStart === 'alternating' && place % 2 === 0)
      ? ('wax-foundation' as const)
      : ('foundationless' as const)
  return {
    ...part,
    contents: part.contents.map((content) => {
      if (!isWanted(content) || !isFramePattern(catalogue.hanging.get(content.patternId))) return content
      const start = comb(content.place)
      return {
        ...content,
        comb: start,
        ...(start === 'foundationless' && tall(content) ? { support: 'mid-bar' as const } : {}),
      }
    }),
  }
}

/** Fewer frames only in drawn comb, and only in the flow. */
function spaced(part: Part, { stage, way, catalogue }: Writing): Part {
  if (
    way.framesLess === 0 ||
    meaningOf(stage).forage !== 'flow' ||
    part.contents.length === 0 ||
    part.contents.some(isUndrawn)
  )
    return part
  const box = resolvePart(part, catalogue)
  const count = (box.pattern?.normalContents?.count ?? part.contents.length) - way.framesLess
  if (count < 1 || part.contents.length <= count) return part
  return spacedFor(box, count, catalogue)?.part ?? part
}
