import type { Compared, NoGift, SchoolField, ShareOf } from '../book'

export const SCHOOL_FIELD_WORDS: Readonly<Record<SchoolField, string>> = {
  winterTop: 'winter top',
  winterSize: 'boxes in winter',
  wrap: 'wrap',
  floor: 'floor',
  broodForm: 'brood boxes',
  strain: 'strain',
  climate: 'climate',
}

/** A value of a school as it is read: `as-it-stands` → `as it stands`. */
export const schoolWord = (value: string) => value.replaceAll('-', ' ')

const percent = (share: number) => `${Math.round(share * 100)} %`

/** `18 of 20, 90 % (70 to 97 %)`: the share with its 95 % interval. */
export function shareInWords({ count, of, low, middle, high }: ShareOf): string {
  return `${count} of ${of}, ${percent(middle)} (${Math.round(low * 100)} to ${percent(high)})`
}

/** What two shares held against each other tell, and no more. */
export function comparedInWords({ tells, difference }: Compared, a: string, b: string): string {
  const [low, high] = [Math.round(difference.low * 100), Math.round(difference.high * 100)]
  const between = `the difference lies between ${low} and ${high} points`
  switch (tells) {
    case 'too-few':
      return 'Fewer than about ten hives on a side: nothing can be told yet.'
    case 'nothing':
      return `Nothing can be told between them: ${between}, and none is among it.`
    case 'a':
      return `More lived with ${a} than with ${b}: ${between}. Other things may differ between them too.`
    case 'b':
      return `More lived with ${b} than with ${a}: ${between}. Other things may differ between them too.`
  }
}

/** Why a hive gives no comb of brood. */
export const NO_GIFT_WORDS: Readonly<Record<NoGift, string>> = {
  gone: 'no colony in it',
  'no-look': 'no inspection within two weeks',
  sign: 'a sign was seen: nothing of it goes to another hive',
  'queen-unknown': 'neither queen nor eggs were seen',
  'few-brood': 'too little brood to give of',
  treated: 'a treatment is in it',
}
