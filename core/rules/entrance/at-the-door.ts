import { findAll, isEntranceFitting, isFloor, isFloorInsert, type Use } from '../../parts'
import type { StageMeaning } from '../../yard'
import type { Context, MeasuredHive } from '../context'
import { attach } from '../remedies'
import type { Remedy } from '../remedy'

/** The floor of a hive, which is where its door is. */
export const floorOf = ({ layout }: MeasuredHive) => layout.parts.find(isFloor)

/** What is fitted at the door; nothing where there is no floor to have one. */
export const fittingsOf = (measured: MeasuredHive) =>
  floorOf(measured) ? measured.assembled.attached.filter(isEntranceFitting) : []

/** What is pushed into the floor. */
export const insertOf = ({ assembled }: MeasuredHive) => assembled.attached.find(isFloorInsert)

/** Put on the first fitting that there is for a use. */
export const fit = ({ assembled }: MeasuredHive, { catalogue }: Context, use: Use): Remedy[] =>
  findAll(catalogue, { kind: 'entrance-fitting', use })
    .slice(0, 1)
    .map((pattern) => attach(assembled.hive, pattern, catalogue))

/** Times in which too few bees guard a way in against those who look for food. */
export const hasFewGuards = ({ robbers }: StageMeaning): boolean => robbers === 'about' || robbers === 'to-the-weak'
