import { coversColony, type PlacedPart, type Severity } from '../../stack'
import {
  dimensionMm,
  isAbsorber,
  isCrown,
  isFilledBox,
  isRoof,
  isSlab,
  isVent,
  findAll,
  ABSORBER_FEATURES,
} from '../../parts'
import { isCold, partEdit, type Climate, type Hive } from '../../yard'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { comparableMm, exact, roundTo } from '../../units'
import type { DripFacts } from '../facts'
import { closeHole, insulate, openHole, takeOff } from '../remedies'
import { chipsFullInDays, coldestTimeOf, dripsNoLater, dripsOf, type Drips } from '../../heat'

/** How bad a bare top is where; nothing to say of it where winters are mild (common practice). */
const BARE: Readonly<Partial<Record<Climate, Severity>>> = { 'cool-maritime': 'watch', 'cold-continental': 'mend' }

/** The winter top as it stands. */
interface Top {
  readonly crown: PlacedPart | undefined
  readonly slab: PlacedPart | undefined
  readonly absorber: PlacedPart | undefined
  readonly vent: PlacedPart | undefined
}

/** What is wrong with a winter top of each kind: closed and warm, absorbing, vented, or bare (common practice). */
export function checkWinterTop({ layout, assembled, reachedFromBelow }: MeasuredHive, context: Context): Finding[] {
  const { stage, climate, figures } = context
  if (!isCold(stage)) return []
  const { parts } = layout
  const coldest = coldestTimeOf(assembled.hive, context)
  const top: Top = {
    crown: parts.find(isCrown),
    slab: parts.find(isSlab),
    absorber: parts.find(isAbsorber),
    vent: parts.find(isVent),
  }
  const { crown, slab, absorber, vent } = top
  const days = absorber && coldest && chipsFullInDays(layout, coldest)
  const fullInDays = days === undefined ? null : Math.max(1, Math.round(days))
  const found = [
    ...slabFindings(top),
    ...absorberFindings(top, fullInDays),
    ...roofedIn(top, parts, figures.beeTight, fullInDays),
  ]
  if (vent) {
    if (crown && crown.index < vent.index && crown.part.hole === 'closed')
      found.push(
        findingOf('season.vent-shut-off', 'mend', [crown.part.id, vent.part.id], {
          ways: () => [openHole(crown), takeOff(assembled.hive, vent)],
        }),
      )
    if (!slab && !absorber)
      found.push(
        findingOf('season.vent-cold', 'watch', [vent.part.id], { ways: slabsOver(assembled.hive, vent, context) }),
      )
  }
  const over = crown ?? parts.findLast((part) => reachedFromBelow?.has(part.part.id) && coversColony(part))
  // A vent keeps the air dry, not the top warm.
  if (found.length > 0 || vent || !over) return found
  const drips = coldest && dripsOf(layout, coldest)
  if (!drips || !dripsNoLater(drips, figures.dripsAlike)) return []
  if (slab || absorber) return coldTop(parts, top, drips, (over) => slabsOver(assembled.hive, over, context))
  return BARE[climate]
    ? [
        findingOf('season.bare-top', BARE[climate], [over.part.id], {
          facts: { climate, ...inPercent(drips) },
          ways: slabsOver(assembled.hive, over, context),
        }),
      ]
    : []
}

/** Every slab of the format over a cover, under the roof: the promise says which of them is enough. */
const slabsOver =
  (hive: Hive, over: PlacedPart, { catalogue }: Context): (() => readonly Remedy[]) =>
  () => {
    const format = over.pattern?.format
    if (isRoof(over)) return []
    return findAll(catalogue, { kind: 'slab', format }).map((slab) => insulate(hive, over, slab, catalogue))
  }

function slabFindings({ crown, slab, absorber, vent }: Top): Finding[] {
  if (!slab) return []
  const found: Finding[] = []
  if (crown && crown.index < slab.index && crown.part.hole === 'open' && !absorber && !vent)
    found.push(
      findingOf('season.winter-hole', 'mend', [crown.part.id, slab.part.id], { ways: () => [closeHole(crown)] }),
    )
  return found
}

function absorberFindings({ crown, absorber }: Top, fullInDays: number | null): Finding[] {
  if (!absorber) return []
  const found: Finding[] = []
  const chipsMm = dimensionMm(absorber.resolved, 'fillDepth')
  if (chipsMm < absorber.figures.chipsLeast)
    found.push(
      findingOf('season.thin-chips', 'mend', [absorber.part.id], {
        measured: exact(chipsMm),
        facts: { leastMm: absorber.figures.chipsLeast },
      }),
    )
  for (const feature of ABSORBER_FEATURES) {
    if (!absorber.part.lacks?.includes(feature)) continue
    const lacks = absorber.part.lacks.filter((one) => one !== feature)
    found.push(
      findingOf('season.absorber-lacks', 'mend', [absorber.part.id], {
        key: `season.absorber-lacks:${absorber.part.id}:${feature}`,
        facts: { feature, fullInDays },
        ways: () => [
          { kind: 'mend-part', partId: absorber.part.id, edit: partEdit(absorber.part, { ...absorber.part, lacks }) },
        ],
      }),
    )
  }
  if (crown && crown.index < absorber.index && crown.part.hole === 'closed')
    found.push(
      findingOf('season.absorber-shut-off', 'mend', [crown.part.id, absorber.part.id], {
        ways: () => [openHole(crown)],
      }),
    )
  return found
}

/**
 * Damp air leaves an absorbing top through its vents and down inside the skirt of the roof: it has to have room there.
 */
function roofedIn(
  { absorber }: Top,
  parts: readonly PlacedPart[],
  leastMm: number,
  fullInDays: number | null,
): Finding[] {
  const roof = parts.find(
    ({ index, faces, hangsToMm }) =>
      absorber && index > absorber.index && faces.skirtMm > 0 && hangsToMm < absorber.topMm,
  )
  const [outer, inner] = [absorber?.faces.upper.edge?.outside, roof?.faces.lower.edge?.outside]
  if (!absorber || !roof || !outer || !inner || absorber.part.lacks?.includes('vent-holes')) return []
  const mm = Math.max((inner.x1 - inner.x0 - outer.x1 + outer.x0) / 2, (inner.y1 - inner.y0 - outer.y1 + outer.y0) / 2)
  return comparableMm(mm) >= leastMm || mm < 0
    ? []
    : [
        findingOf('season.absorber-roofed-in', 'mend', [roof.part.id, absorber.part.id], {
          measured: exact(mm),
          facts: { leastMm, fullInDays },
        }),
      ]
}

/** Humidities as they are told, with what is behind them. */
const inPercent = ({ top, walls, topM2KPerW, wallM2KPerW }: Drips): DripFacts => ({
  topDrips: Math.round(top * 100),
  wallsDrip: Math.round(walls * 100),
  topM2KPerW: roundTo(topM2KPerW, 3),
  wallM2KPerW: roundTo(wallM2KPerW, 3),
})

/** A slab or chips under which water forms as early as at the walls (EN ISO 13788). */
function coldTop(
  parts: readonly PlacedPart[],
  { slab, absorber }: Top,
  drips: Drips,
  waysOver: (over: PlacedPart) => () => readonly Remedy[],
): Finding[] {
  const cover = absorber ?? slab
  const box = parts.findLast(isFilledBox)
  return cover && box
    ? [
        findingOf('season.cold-top', 'watch', [cover.part.id, box.part.id], {
          facts: inPercent(drips),
          // Over chips nothing lies: they let the damp out.
          ...(absorber ? {} : { ways: waysOver(cover) }),
        }),
      ]
    : []
}
