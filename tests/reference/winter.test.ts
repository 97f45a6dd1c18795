import psychrolib from 'psychrolib'
import { describe, expect, it } from 'vitest'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { layOut, assembleHive, partsById } from '#core/stack'
import type { Length } from '#core/units'
import { catalogueOf } from '#core/parts'
import {
  airLayer,
  airToKeepDry,
  balanceOf,
  dewPointCelsius,
  dewPointOf,
  draughtOf,
  dripsFrom,
  enclosureOf,
  heatOfAir,
  honeyKgADay,
  layerOf,
  saturationPa,
  waterOfHoneyKg,
  type Enclosure,
  type HeatFace,
} from '#core/heat'
import { build, L, N, type Built, type Layer } from '../helpers/hives'

const size = (mm: number): Length => ({ mm, plusMinusMm: 0, source: { mark: 'measured', text: 'rule' } })
const inches = (n: number) => n * 25.4

function enclosureFrom({ yard, hive }: Built): Enclosure {
  return enclosureOf(layOut(assembleHive(hive, partsById(yard), catalogueOf(yard))))
}
/** The ten-frame hive of the published sums: 3/4 in walls and floor, 9 mm crown, 12.7 mm deck 9.5 mm above it. */
function tenFrame(boxes: 1 | 2, more: readonly Layer[] = [], hole: 'open' | 'closed' = 'closed'): Enclosure {
  const layers = [L.floor, ...Array.from({ length: boxes }, () => L.deep), L.crown, ...more, L.roof]
  return enclosureFrom(
    build(layers, {
      change: (part, i) => {
        if (layers[i] === L.floor) return { ...part, measured: { boardThickness: size(inches(0.75)) } }
        if (layers[i] === L.crown) return { ...part, hole, measured: { rimDepth: size(9.5), boardThickness: size(9) } }
        if (layers[i] === L.roof) return { ...part, measured: { deckThickness: size(12.7) } }
        if (layers[i]![0].startsWith('slab')) return { ...part, measured: { depth: size(inches(2)) } }
        return { ...part, measured: { insideLength: size(466.7), insideWidth: size(374.7) } }
      },
    }),
  )
}
const lossOf = ({ faces }: Enclosure, ...places: readonly HeatFace['place'][]) =>
  faces
    .filter(({ place }) => places.length === 0 || places.includes(place))
    .reduce((sum, { areaM2, m2KPerW }) => sum + areaM2 / m2KPerW, 0)

describe('moist air', () => {
  it('has the pressures of EN ISO 13788, and its dew point is their inverse', () => {
    // From memory: 611 Pa at the triple point, 2339 Pa at 20 °C, 260 Pa at −10 °C (handbook tables).
    expect(saturationPa(0)).toBeCloseTo(610.5, 5)
    expect(saturationPa(20)).toBeCloseTo(2337, 0)
    expect(saturationPa(-10)).toBeCloseTo(259.7, 0)
    for (let t = -30; t <= 40; t += 0.5) expect(dewPointCelsius(saturationPa(t))).toBeCloseTo(t, 6)
  })
})

describe('moist air against psychrolib (ASHRAE Handbook Fundamentals 2017, ch. 1)', () => {
  psychrolib.SetUnitSystem(psychrolib.SI)
  it('agrees in its saturation pressure within 0.15 % up to 34 °C, 0.17 % up to 40 °C, 0.6 % down to −20 °C', () => {
    for (let t = -20; t <= 40; t += 0.25) {
      const theirs = psychrolib.GetSatVapPres(t)
      const most = t < 0 ? 0.006 : t <= 34 ? 0.0015 : 0.0017
      expect(Math.abs(saturationPa(t) - theirs) / theirs).toBeLessThan(most)
    }
  })

  it('agrees in its dew point within a tenth of a degree', () => {
    for (const t of [-10, 0, 5, 21, 35])
      for (const humidity of [0.3, 0.55, 0.8, 0.99])
        expect(Math.abs(dewPointOf(t, humidity) - psychrolib.GetTDewPointFromRelHum(t, humidity))).toBeLessThan(0.1)
  })
})

describe('layers, EN ISO 6946 and EN ISO 10456 (from memory)', () => {
  it('air: straight lines between the figures of the table, the last beyond it', () => {
    expect(airLayer(0, 'up')).toBe(0)
    expect(airLayer(6, 'sideways')).toBeCloseTo(0.12, 9)
    expect(airLayer(9.5, 'up')).toBeCloseTo(0.1467, 4)
    expect([airLayer(15, 'up'), airLayer(15, 'sideways'), airLayer(25, 'down')]).toEqual([0.16, 0.17, 0.19])
    expect([airLayer(200, 'up'), airLayer(500, 'down')]).toEqual([0.16, 0.23])
  })

  it('1 in of foam at 0.033 is R 0.770, US 4.4; at 0.029 US 5.0 (keepers say 4 to 5 an inch, common practice)', () => {
    const inch = layerOf('foam', inches(1), F).m2KPerW
    expect(inch).toBeCloseTo(0.77, 3)
    expect(inch * 5.678).toBeCloseTo(4.4, 1)
    expect(layerOf('foam', inches(1), { ...F, foamConductsWPerMK: 0.029 }).m2KPerW * 5.678).toBeCloseTo(5, 1)
  })
})

describe('a ten-frame hive, sums by hand from EN ISO 6946', () => {
  it('3/4 in of softwood: R 0.329, U 3.04', () => {
    const wall = tenFrame(1).faces.find(({ side }) => side === 'left')!
    expect(wall.m2KPerW).toBeCloseTo(0.329, 3)
    expect(1 / wall.m2KPerW).toBeCloseTo(3.04, 2)
    expect(wall.m2KPerW * 5.678).toBeCloseTo(1.87, 2)
  })

  it('9 mm crown, closed air, 12.7 mm deck: R 0.454; aired 0.269; 2 in of foam on the crown 1.846', () => {
    const topOf = ({ faces }: Enclosure) => faces.find(({ place }) => place === 'top')!
    expect(topOf(tenFrame(1)).m2KPerW).toBeCloseTo(0.454, 3)
    expect(topOf(tenFrame(1, [], 'open')).pathM2KPerW).toBeCloseTo(0.269, 3)
    expect(topOf(tenFrame(1, [], 'open')).aired).toBe(true)
  })

  it('one deep loses 2.11 W/K, two 3.36; of it walls 1.25, floor 0.47', () => {
    const one = tenFrame(1)
    expect(lossOf(one)).toBeCloseTo(2.11, 2)
    expect(lossOf(one, 'wall')).toBeCloseTo(1.25, 2)
    expect(lossOf(one, 'floor')).toBeCloseTo(0.475, 2)
    expect(lossOf(tenFrame(2))).toBeCloseTo(3.36, 2)
  })

  it('a wooden floor holds back 0.368', () => {
    expect(tenFrame(1).faces.find(({ place }) => place === 'floor')!.m2KPerW).toBeCloseTo(0.3688, 3)
  })

  it('a mesh floor without its insert holds back two surfaces, 0.34 (from memory)', () => {
    const { faces } = enclosureFrom(build([N.floor, N.brood, N.crown, N.roof]))
    expect(faces.find(({ place }) => place === 'floor')).toMatchObject({ aired: true })
    expect(faces.find(({ place }) => place === 'floor')!.m2KPerW).toBeCloseTo(0.34, 2)
  })
})

describe('what a cluster of 1.6 kg gives in it', () => {
  const loss = (boxes: 1 | 2, outside: number) => (inside: number) => lossOf(tenFrame(boxes)) * (inside - outside)
  it.each([
    [1, -5, 1.6, 14.0, 95, 64],
    [1, 5, 9.1, 8.7, 59, 40],
    [1, -15, -5.9, 19.4, 132, 89],
    [2, -5, -0.4, 15.5, 105, 71],
  ] as const)(
    '%d deep at %d °C: %d °C, %d W, %d g of honey, %d g of water a day',
    (boxes, out, inside, watts, g, w) => {
      const balance = balanceOf(1.6, out, loss(boxes, out), F)
      expect(balance.insideCelsius).toBeCloseTo(inside, 0.5)
      expect(Math.abs(balance.watts - watts)).toBeLessThan(0.06)
      const honey = honeyKgADay(balance.watts, F)
      expect(Math.abs(honey * 1000 - g)).toBeLessThan(0.6)
      expect(Math.abs(waterOfHoneyKg(honey, F) * 1000 - w)).toBeLessThan(0.6)
    },
  )

  it('gives as much as it loses, to 1e-9', () => {
    for (const out of [-25, -5, 0, 9, 15, 30]) {
      const { insideCelsius, watts } = balanceOf(1.6, out, loss(1, out), F)
      expect(Math.abs(loss(1, out)(insideCelsius) - watts)).toBeLessThan(1e-9)
    }
  })

  it('15 W for 150 days are 15.3 kg of honey (USDA, 304 kcal in 100 g)', () => {
    expect(honeyKgADay(15, F) * 150).toBeCloseTo(15.3, 1)
  })
})

describe('where water forms, EN ISO 13788', () => {
  const wall = (foamMm = 0) => ({
    pathM2KPerW: 0.17 + 0.01905 / 0.12 + foamMm / 33,
    insideM2KPerW: 0.13,
  })
  const top = (m2KPerW: number) => ({ pathM2KPerW: m2KPerW, insideM2KPerW: 0.1 })
  const inch = 25.4 / 33
  const [closed, aired] = [top(0.454), top(0.269)]
  const [oneInch, twoInches] = [top(0.269 - 0.1 + 0.04 + 0.0977 + inch), top(1.846)]
  const fahrenheit = (f: number) => ((f - 32) * 5) / 9
  it.each([
    ['3/4 in wall', wall(), 53, 76],
    ['wall with 1 in of foam', wall((25.4 / 1000) * 1000), 83, 92],
    ['crown under a closed roof', closed, 71, 86],
    ['crown under an aired one', aired, 55, 77],
    ['with 1 in of foam', oneInch, 87, 94],
    ['with 2 in of foam', twoInches, 92, 96],
  ] as const)('%s drips from %#', (_name, face, warm, cool) => {
    expect(
      Math.abs(dripsFrom(face, { insideCelsius: fahrenheit(70), outsideCelsius: fahrenheit(25) }) * 100 - warm),
    ).toBeLessThan(0.6)
    expect(Math.abs(dripsFrom(face, { insideCelsius: 5, outsideCelsius: -5 }) * 100 - cool)).toBeLessThan(0.6)
  })

  it('air that keeps the crown of one deep dry at −5 °C, outside 85 %: 1.3 m³/h', () => {
    const { insideCelsius, watts } = balanceOf(1.6, -5, (inside) => 2.11 * (inside + 5), F)
    const m3PerS = airToKeepDry(
      closed,
      { insideCelsius, outsideCelsius: -5 },
      0.85,
      waterOfHoneyKg(honeyKgADay(watts, F), F),
      F,
    )
    expect(m3PerS * 3600).toBeCloseTo(1.3, 1)
  })

  // 0.13 m³/h of air that holds 1256 J/(m³·K) is 0.045 W/K, 2 % of what one deep loses.
  it('a 5/8 in hole above a 75 × 10 mm door at 6.5 K: 0.13 m³/h, 0.045 W/K', () => {
    const hole = { areaMm2: Math.PI * (inches(5 / 8) / 2) ** 2, atMm: 215, highMm: inches(5 / 8) }
    const door = { areaMm2: 750, atMm: 5, highMm: 10 }
    const m3PerS = draughtOf([door, hole], { insideCelsius: 1.5, outsideCelsius: -5 }, F)
    expect(m3PerS * 3600).toBeCloseTo(0.13, 2)
    expect(Math.abs(heatOfAir(m3PerS, F) - 0.045)).toBeLessThan(0.001)
    expect(heatOfAir(m3PerS, F) / 2.11).toBeCloseTo(0.02, 2)
  })
})
