import { hiveByWay, type HiveIn, type WinterAsked, type WinterWay } from '#core/ask'
import type { Hive, Stage, Yard } from '#core/yard'
import { winterWayWord } from '#core/words'
import { asMeasured, twoSchools, winterSide, type WinterSide } from './winterAsked'

interface Beside {
  readonly place: Ref<{ readonly yard: Yard; readonly hive: Hive } | null>
  readonly known: Ref<HiveIn | null>
  readonly stage: Ref<Stage>
  readonly asked: Ref<WinterAsked>
  readonly way: Ref<WinterWay | undefined>
  readonly areSchools: () => boolean
  /** What a sensor says, where that is taken. */
  readonly measured: Ref<{ readonly celsius: number; readonly at: string } | undefined>
}

/** The hives that stand beside each other: as it is and another way, or as both schools think of it. */
export function useSides({ place, known, stage, asked, way, areSchools, measured }: Beside) {
  const preferences = usePreferences()
  const moment = useMoment()
  function own(hive: HiveIn, stands: boolean): WinterSide {
    const read = measured.value
    if (read) return asMeasured(hive, asked.value, read.celsius, moment(read.at))
    const said = stageSaid(stage.value)
    return stands
      ? winterSide(hive, asked.value, 'As it stands', said)
      : winterSide(hive, asked.value, 'As planned', `for ${said}`)
  }
  return computed<WinterSide[]>(() => {
    const [hive, at] = [known.value, place.value]
    if (!hive || !at) return []
    if (areSchools()) return twoSchools(hive, asked.value, preferences.reader)
    const first = own(hive, at.hive.stage === stage.value)
    const other = way.value && hiveByWay(at.yard, at.hive, stage.value, way.value)
    return other && way.value
      ? [first, winterSide(other, asked.value, 'Beside it', winterWayWord(way.value, preferences.reader))]
      : [first]
  })
}
