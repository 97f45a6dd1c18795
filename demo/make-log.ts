import { applyEdit, WANTED, type Edit, type LoggedEdit, type Stage, type Yard } from '#core/yard'

/** What was done at a hive, newest first, told backwards: the edit that takes it back from the hive as it stands. */
interface Deed {
  readonly on: string
  readonly device: string
  readonly back: (yard: Yard, hiveId: string) => Edit | undefined
}

const PHONE = 'phone in the yard'
const DESK = 'desk at home'

const stageWas = (stage: Stage): Deed['back'] => (_yard, hiveId) => ({ kind: 'set-hive', hiveId, stage })
const noteWas = (note: string): Deed['back'] => (_yard, hiveId) => ({ kind: 'set-hive', hiveId, note })
/** The highest part of such a pattern was put on. */
const cameOn = (patternId: string): Deed['back'] => (yard, hiveId) => {
  const part = top(yard, hiveId, patternId)
  return part ? { kind: 'take-off', hiveId, partId: part } : undefined
}
/** The highest part of such a pattern was turned over. */
const wasTurned = (patternId: string): Deed['back'] => (yard, hiveId) => {
  const placement = yard.hives.find(({ id }) => id === hiveId)!.stack.find(({ partId }) => partId === top(yard, hiveId, patternId))
  return placement && { kind: 'set-placement', hiveId, placement: { ...placement, turnedOver: !placement.turnedOver } }
}
function top(yard: Yard, hiveId: string, patternId: string): string | undefined {
  const stack = yard.hives.find(({ id }) => id === hiveId)!.stack
  return stack.findLast(({ partId }) => yard.parts.find(({ id }) => id === partId)?.patternId === patternId && !partId.startsWith(WANTED))?.partId
}

/** A year at three hives, newest first. */
const DEEDS: Readonly<Record<string, readonly Deed[]>> = {
  Twill: [
    { on: '2026-06-14T10:20:00.000Z', device: PHONE, back: cameOn('box-national-super') },
    { on: '2026-05-21T08:05:00.000Z', device: DESK, back: stageWas('supering') },
    { on: '2026-05-02T09:40:00.000Z', device: PHONE, back: cameOn('box-national-super') },
    { on: '2026-05-02T09:31:00.000Z', device: PHONE, back: cameOn('excluder-framed-national') },
    { on: '2026-04-29T18:00:00.000Z', device: DESK, back: stageWas('building-up') },
    { on: '2026-03-04T13:15:00.000Z', device: PHONE, back: stageWas('late-winter-check') },
    { on: '2026-02-01T12:00:00.000Z', device: PHONE, back: stageWas('winter') },
    { on: '2025-10-30T15:10:00.000Z', device: DESK, back: stageWas('pack-down') },
    { on: '2025-10-05T11:00:00.000Z', device: PHONE, back: stageWas('after-crop') },
    { on: '2025-08-12T17:30:00.000Z', device: DESK, back: noteWas('Swarm of June, hived on foundation.') },
  ],
  Corduroy: [
    { on: '2026-07-08T16:30:00.000Z', device: PHONE, back: cameOn('box-langstroth-shallow') },
    { on: '2026-06-25T16:10:00.000Z', device: PHONE, back: cameOn('box-langstroth-shallow') },
    { on: '2026-06-10T07:50:00.000Z', device: DESK, back: stageWas('supering') },
    { on: '2026-06-04T10:12:00.000Z', device: PHONE, back: cameOn('box-langstroth-medium') },
    { on: '2026-05-22T10:30:00.000Z', device: PHONE, back: cameOn('box-langstroth-medium') },
    { on: '2026-05-22T10:21:00.000Z', device: PHONE, back: wasTurned('excluder-framed-langstroth') },
    { on: '2026-05-20T20:00:00.000Z', device: DESK, back: stageWas('building-up') },
    { on: '2026-04-07T12:40:00.000Z', device: PHONE, back: stageWas('winter') },
    { on: '2025-10-02T14:20:00.000Z', device: PHONE, back: stageWas('pack-down') },
    { on: '2025-09-10T14:00:00.000Z', device: DESK, back: stageWas('after-crop') },
  ],
  Flannel: [
    { on: '2026-10-04T13:00:00.000Z', device: PHONE, back: stageWas('pack-down') },
    { on: '2026-09-12T10:30:00.000Z', device: PHONE, back: cameOn('slab-langstroth') },
    { on: '2026-09-12T10:02:00.000Z', device: PHONE, back: stageWas('after-crop') },
    { on: '2026-08-26T18:45:00.000Z', device: DESK, back: stageWas('crop') },
    { on: '2026-08-10T09:15:00.000Z', device: PHONE, back: stageWas('flow') },
    { on: '2026-05-24T11:20:00.000Z', device: PHONE, back: cameOn('excluder-framed-langstroth') },
    { on: '2026-04-11T12:00:00.000Z', device: PHONE, back: stageWas('late-winter-check') },
    { on: '2025-11-20T16:00:00.000Z', device: DESK, back: noteWas('Bought with its queen from a breeder.') },
  ],
}

/** The log of a yard, newest first, so that going back through it from the yard as it stands fits at every step. */
export function demoLog(yard: Yard): LoggedEdit[] {
  const deeds = yard.hives.flatMap(({ id, name }) => (DEEDS[name] ?? []).map((deed) => ({ ...deed, hiveId: id }))).sort((a, b) => (a.on < b.on ? 1 : -1))
  let now = yard
  return deeds.map(({ on, device, back, hiveId }, i) => {
    const inverse = back(now, hiveId)
    const undone = inverse && applyEdit(now, inverse)
    if (!inverse || !undone?.ok) throw new Error(`the deed of ${on} does not fit ${hiveId}`)
    now = undone.yard
    return { id: `demo-log/${yard.id}/${deeds.length - i}`, kind: 'do', edit: undone.inverse, inverse, revision: deeds.length - i, madeAt: on, receivedAt: on, happenedAt: on, device }
  })
}
