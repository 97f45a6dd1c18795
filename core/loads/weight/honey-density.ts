/**
 * Density of honey at 20 °C by its water content in percent, kg/L: Krell 1996, Value-added products from beekeeping,
 * FAO Agricultural Services Bulletin 124, table of density by water content, after White 1975, from memory.
 */
const HONEY_DENSITY_KG_PER_L: readonly (readonly [waterPercent: number, kgPerL: number])[] = [
  [16, 1.4295],
  [17, 1.4237],
  [18, 1.4171],
  [19, 1.4101],
  [20, 1.4027],
]

/**
 * Density of honey at 20 °C, kg/L, straight between the rows of the table.
 * @throws RangeError outside of 16 to 20 % water, where the table says nothing
 */
export function honeyDensityKgPerL(waterPercent: number): number {
  const above = HONEY_DENSITY_KG_PER_L.findIndex(([water]) => water >= waterPercent)
  if (above < 0 || waterPercent < HONEY_DENSITY_KG_PER_L[0]![0])
    throw new RangeError(`no density for ${waterPercent} % water`)
  if (above === 0) return HONEY_DENSITY_KG_PER_L[0]![1]
  const [a, b] = [HONEY_DENSITY_KG_PER_L[above - 1]!, HONEY_DENSITY_KG_PER_L[above]!]
  return a[1] + ((b[1] - a[1]) * (waterPercent - a[0])) / (b[0] - a[0])
}
