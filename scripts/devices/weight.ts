import { roundTo } from '#core/units'
import { hourOf, type SimulatedDevice } from './simulated'

/** A scale under a hive in a flow: it drifts, weighs the rain on the roof, and its battery dies for half a day. */
export const SCALE: SimulatedDevice<{ readonly at: string; readonly kg: number }> = {
  about: 'A scale under a hive: drifts, weighs the rain, dies for half a day. --start is what it weighs, kg.',
  usual: { from: '2026-05-01', start: 60 },
  minutes: 15,
  readings({ days, start }, count, chance) {
    const dead = Math.floor(count * 0.6)
    const back = dead + Math.min(48, Math.floor(count / 6))
    let rainKg = 0
    return (i, atMs) => {
      if (i >= dead && i < back) return undefined
      if (chance() < 0.01) rainKg += 0.6 * chance()
      rainKg *= 0.985
      const flowKg = (i / count) * days * 0.9 + 0.5 * Math.max(0, Math.sin(((hourOf(atMs) - 7) / 12) * Math.PI))
      const kg = start + flowKg + 0.0002 * i + rainKg + (chance() - 0.5) * 0.06
      return { at: new Date(atMs).toISOString(), kg: roundTo(kg, 2) }
    }
  },
  battery: (through) => Math.max(0.03, 1 - (through / 0.6) * 0.9),
}
