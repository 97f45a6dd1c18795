import type { BOOK } from '../book'
import { COMMON, MEMORY, type Told } from './told'

const biology = (label: string): Told => ({
  unit: 'd',
  label,
  usedIn: 'what follows from an inspection',
  source: { mark: 'P', text: 'standard biology of the honey bee, from memory' },
})
const look = (label: string): Told => ({ unit: 'd', label, usedIn: 'when to look next', source: COMMON })
const wash = (label: string): Told => ({ unit: 'in 100 bees', label, usedIn: 'mites', source: MEMORY })
const fall = (label: string): Told => ({ unit: 'a day', label, usedIn: 'mites', source: MEMORY })
const brood = (label: string): Told => ({ unit: '', label, usedIn: 'brood of an inspection', source: MEMORY })
const eats = (label: string): Told => ({ unit: 'kg a day', label, usedIn: 'food ledger', source: MEMORY })

/** What is told of them: a look, a count, and what follows. */
export const BOOK_TOLD = {
  eggDays: biology('a worker as egg'),
  openDays: biology('a worker as larva'),
  cappedDays: biology('a worker under its cap'),
  droneCappedDays: biology('a drone under its cap, at most'),
  queenOpenDays: biology('a queen as larva, at most'),
  queenCappedDays: biology('a queen in her sealed cell, at most'),
  broodOfCombLow: brood('of a comb that has brood, brood, from'),
  broodOfCombTypical: brood('of a comb that has brood, brood'),
  broodOfCombHigh: brood('of a comb that has brood, brood, to'),
  lookSwarmDays: look('between inspections while swarming is likely'),
  lookClippedDays: look('the same with a clipped queen'),
  hiveNucleusSeams: {
    unit: 'seams',
    label: 'a nucleus that covers so many is hived',
    usedIn: 'what is due',
    source: COMMON,
  },
  signDays: {
    unit: 'days',
    label: 'a sign of disease that nobody looked at holds a hive',
    usedIn: 'state of a colony',
    source: MEMORY,
  },
  lookSeasonDays: look('between inspections else in season'),
  lookLeastCelsius: {
    unit: '°C',
    label: 'colder than this no hive is opened',
    usedIn: 'when to look next',
    source: COMMON,
  },
  lookBroodCelsius: {
    unit: '°C',
    label: 'colder than this no comb of brood is lifted',
    usedIn: 'when to look next',
    source: COMMON,
  },
  virginRestDays: look('a hive with sealed queen cells is left alone'),
  washBees: { unit: 'bees', label: 'bees in half a cup', usedIn: 'mites', source: COMMON },
  washSpring: wash('limit of a wash in winter and spring, until the main flow'),
  washRearing: wash('limit of a wash before and while winter bees are reared'),
  washSeason: wash('limit of a wash from the main flow on'),
  earlySpringDays: { unit: 'd', label: 'early spring lasts after first pollen', usedIn: 'mites', source: MEMORY },
  fallLargeDays: { unit: 'd', label: 'after a treatment the fall says nothing yet', usedIn: 'mites', source: COMMON },
  fallWinter: fall('limit of the fall in winter and early spring'),
  fallLateSpring: fall('limit of the fall in late spring'),
  fallSummer: fall('limit of the fall in summer'),
  fallAutumn: fall('limit of the fall in autumn'),
  eatsADayLow: eats('a strong colony eats without a flow, from'),
  eatsADayTypical: eats('a strong colony eats without a flow'),
  eatsADayHigh: eats('a strong colony eats without a flow, to'),
  countAfterDays: {
    unit: 'd',
    label: 'after a treatment, mites are counted again',
    usedIn: 'what is due',
    source: MEMORY,
  },
  askAfterDays: {
    unit: 'd',
    label: 'after which a treatment without an end is asked about',
    usedIn: 'what is due',
    source: MEMORY,
  },
  heftLeanDays: {
    unit: 'd',
    label: 'between weighings or hefts from late winter to the flow, and in a dearth',
    usedIn: 'what is due',
    source: COMMON,
  },
  heftDays: { unit: 'd', label: 'between weighings after the crop', usedIn: 'what is due', source: MEMORY },
  feedCheckDays: { unit: 'd', label: 'after feed was given, it is looked at', usedIn: 'what is due', source: MEMORY },
  ripeShare: { unit: '', label: 'share of cells sealed from which honey is ripe', usedIn: 'crop', source: COMMON },
  ripeWater: { unit: '', label: 'water below which honey keeps', usedIn: 'crop', source: COMMON },
  mostWater: {
    unit: '',
    label: 'water that honey may hold at most',
    usedIn: 'crop',
    source: { mark: 'P', text: 'Codex Stan 12-1981, from memory' },
  },
  giverBrood: {
    unit: 'frames',
    label: 'frames with brood from which a hive can give one',
    usedIn: 'nuclei',
    source: MEMORY,
  },
  weakSeams: {
    unit: 'seams',
    label: 'seams of bees up to which a colony is too weak to winter alone',
    usedIn: 'merging',
    source: MEMORY,
  },
  squareSide: { unit: 'mm', label: 'side of a square of cut comb, 4 in', usedIn: 'comb honey', source: COMMON },
  squareComb: { unit: 'mm', label: 'thickness of comb that is cut', usedIn: 'comb honey', source: MEMORY },
  fewHives: { unit: 'hives', label: 'fewer on a side tell nothing yet', usedIn: 'comparing ways', source: COMMON },
  signsCountDays: {
    unit: 'days',
    label: 'signs of a disease hold kit back that leaves the yard, for',
    usedIn: 'lending',
    source: MEMORY,
  },
} as const satisfies Record<keyof typeof BOOK, Told>
