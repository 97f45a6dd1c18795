import { there } from '../../units'
import { applyEdit } from '../edits/apply-edit'
import { withPlans } from '../edits/applying'
import { addHive, takeOff, together } from '../deeds'
import { isEdit, leavesOf, type Edit } from '../edits/edit'
import { partIdsOf, type Hive, type Yard } from '../model/yard'
import { cellsOf } from '../edits/asked'
import type { Cell } from '../edits/kind'
import { hiveOfCell, meets } from './cells'
import { clashesOf, replay, type Clash, type Versions } from './replay'
import type { WaitingEdit } from '../log/logged-edit'

/** Whose version of a clash is kept: by the identity of its hive, or null for the yard itself. */
export type Choices = ReadonlyMap<string | null, 'mine' | 'theirs'>

/** What stands once every clash is chosen. */
export interface Settled {
  readonly yard: Yard
  /** What is to be sent: mine as far as it is kept. */
  readonly waiting: readonly WaitingEdit[]
  /** What of mine found no place although it was wanted. */
  readonly left: readonly WaitingEdit[]
}

/** Fields of a hive that are laid over one by one; its stack and fittings go together. */
const OWN_FIELDS = ['name', 'stage', 'note', 'accepted', 'season', 'visit'] as const

/**
 * Lays mine over theirs, edit by edit: what did not clash is kept whatever is chosen, and of a clash the chosen
 * version. A hive whose stack clashed and of which mine is kept is laid over as a whole at the end.
 * @param lay the identity and time of the edit that lays hives over
 */
export function settle(versions: Versions, choices: Choices, lay: Pick<WaitingEdit, 'id' | 'madeAt'>): Settled {
  const { mine, theirs, base } = versions
  const myYard = replay(base, mine).yard
  const clashes = clashesOf(versions)
  const whole = new Set(
    clashes
      .filter((clash) => choices.get(clash.hiveId) === 'mine' && clash.hiveId !== null && isOfTheStack(clash))
      .map(({ hiveId }) => there(hiveId)),
  )
  let yard = theirs
  const waiting: WaitingEdit[] = []
  const left: WaitingEdit[] = []
  for (const entry of mine) {
    const { kept, lost } = keptLeaves(entry.edit, yard, { clashes, choices, whole, yards: [myYard, theirs, base] })
    if (lost.length > 0) left.push({ ...entry, edit: together(...lost) })
    if (kept.length === 0) continue
    const edit = kept.length === leavesOf(entry.edit).length ? entry.edit : together(...kept)
    const applied = applyEdit(yard, edit)
    if (!applied.ok) {
      left.push({ ...entry, edit })
      continue
    }
    yard = applied.yard
    waiting.push({ ...entry, edit })
  }
  const over = [...whole].flatMap((hiveId) => layOver(hiveId, myYard, yard, clashes))
  if (over.length === 0) return { yard, waiting, left }
  const entry: WaitingEdit = { ...lay, kind: 'do', edit: together(...over) }
  const applied = applyEdit(yard, entry.edit)
  return applied.ok
    ? { yard: applied.yard, waiting: [...waiting, entry], left }
    : { yard, waiting, left: [...left, entry] }
}

const STACK = new Set(['stack', 'attachments', 'placement'])

function isOfTheStack({ cells }: Clash): boolean {
  return cells.some((cell) => cell[0] === 'hive' && (cell.length === 2 || STACK.has(cell[2]!)))
}

interface Choosing {
  readonly clashes: readonly Clash[]
  readonly choices: Choices
  /** Hives that are laid over as a whole. */
  readonly whole: ReadonlySet<string>
  readonly yards: readonly Yard[]
}

function keptLeaves(edit: Edit, yard: Yard, choosing: Choosing): { kept: Edit[]; lost: Edit[] } {
  const kept: Edit[] = []
  const lost: Edit[] = []
  let now = yard
  for (const leaf of leavesOf(edit)) {
    const cells = cellsOf(leaf, now)
    const clashed = choosing.clashes.filter((clash) =>
      cells.some((cell) => clash.cells.some((other) => meets(cell, other))),
    )
    if (clashed.some(({ hiveId }) => choosing.choices.get(hiveId) !== 'mine')) continue
    if (!isEdit(leaf, 'remove-hive') && cells.some((cell) => isCovered(cell, choosing))) continue
    const applied = applyEdit(now, leaf)
    if (applied.ok) {
      kept.push(leaf)
      now = applied.yard
    } else lost.push(leaf)
  }
  return { kept, lost }
}

/** Whether laying the hive over brings this anyway. */
function isCovered(cell: Cell, { whole, yards }: Choosing): boolean {
  const hiveId = hiveOfCell(cell, yards)
  return hiveId !== undefined && whole.has(hiveId) && cell[0] === 'hive' && (cell.length === 2 || STACK.has(cell[2]!))
}

function layOver(hiveId: string, mine: Yard, now: Yard, clashes: readonly Clash[]): Edit[] {
  const hive = mine.hives.find(({ id }) => id === hiveId)
  if (!hive) return []
  const theirs = now.hives.find(({ id }) => id === hiveId)
  const own = partIdsOf(hive)
  const known = new Set(now.parts.map(({ id }) => id))
  const missing = mine.parts.filter(({ id }) => own.includes(id) && !known.has(id))
  const elsewhere = now.hives
    .filter(({ id }) => id !== hiveId)
    .flatMap((other) =>
      other.stack.filter(({ partId }) => own.includes(partId)).map(({ partId }) => takeOff(other, partId)),
    )
  if (!theirs) return [...elsewhere, addHive(now, hive, missing)]
  return [
    ...elsewhere,
    {
      kind: 'replace-hive',
      hive: laidOver(
        hive,
        theirs,
        clashes.flatMap(({ cells }) => cells),
      ),
      parts: missing,
    },
  ]
}

/** My stack and fittings, and their word for everything else that did not clash. */
function laidOver(mine: Hive, theirs: Hive, clashed: readonly Cell[]): Hive {
  const kept = OWN_FIELDS.filter((field) => !clashed.some((cell) => meets(cell, ['hive', mine.id, field])))
  const whose = (field: (typeof OWN_FIELDS)[number]) => (kept.includes(field) ? theirs : mine)
  const hive: Hive = {
    ...mine,
    name: whose('name').name,
    stage: whose('stage').stage,
    note: whose('note').note,
    accepted: whose('accepted').accepted,
  }
  return withPlans(hive, whose('season').season, whose('visit').visit)
}
